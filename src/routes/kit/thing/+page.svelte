<script lang="ts">
  import ThingForm from '#ui/entry/ThingForm.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
</script>

<svelte:head><title>Into the bag · Just Enough</title></svelte:head>
<h1 class="title">Add to the bag</h1>
<ThingForm start={data.start} refused={form} act="Keep it" />
