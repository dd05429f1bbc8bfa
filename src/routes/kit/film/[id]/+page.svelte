<script lang="ts">
  import BasedOn from '#ui/entry/BasedOn.svelte';
  import FilmForm from '#ui/entry/FilmForm.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
</script>

<svelte:head><title>{data.name} · Just Enough</title></svelte:head>
<h1 class="title">{data.name}</h1>
<p class="lead">Frames that are logged already keep the film as it was for them.</p>
<FilmForm start={data.start} refused={form} act="Keep the changes">
  <BasedOn revision={form?.revision ?? data.revision} theirs={form?.theirs ?? null} mine={form?.mine ?? {}} />
</FilmForm>
