<script lang="ts">
  import CameraForm from '#ui/entry/CameraForm.svelte';
  import { Draft } from '#ui/entry/draft.svelte.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const current = useCurrent();
  // what is typed afterwards is the draft's own
  // svelte-ignore state_referenced_locally
  const draft = new Draft(form?.values ?? data.start, form?.faults ?? []);
  $effect(() => draft.hear(form?.faults ?? []));
</script>

<svelte:head><title>Add a camera · Just Enough</title></svelte:head>
<h1 class="title">{data.like === null ? 'Add a camera' : `Another like ${data.like}`}</h1>
<p class="lead">The numbers are typical ones. Change what you know; the rest can wait.</p>
<CameraForm {draft} films={current.films} act="Keep this camera" faults={form?.faults} />
