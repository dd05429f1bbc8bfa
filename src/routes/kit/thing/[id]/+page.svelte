<script lang="ts">
  import BasedOn from '#ui/entry/BasedOn.svelte';
  import ThingForm from '#ui/entry/ThingForm.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
</script>

<svelte:head><title>{data.start['name']} · Just Enough</title></svelte:head>
<h1 class="title">{data.start['name']}</h1>
<ThingForm start={data.start} refused={form} act="Keep the changes">
  <BasedOn
    revision={form?.revision ?? data.revision}
    theirs={form?.theirs ?? null}
    mine={form?.values ?? {}}
  />
</ThingForm>
