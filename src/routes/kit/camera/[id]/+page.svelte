<script lang="ts">
  import BasedOn from '#ui/entry/BasedOn.svelte';
  import SinceWhen from '#ui/entry/SinceWhen.svelte';
  import { fieldWords } from '#ui/entry/words.ts';
  import CameraForm from '#ui/entry/CameraForm.svelte';
  import { Draft } from '#ui/entry/draft.svelte.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const current = useCurrent();
  // what is typed afterwards is the draft's own
  // svelte-ignore state_referenced_locally
  const draft = new Draft(form?.values ?? data.start, form?.faults ?? [], data.camera);
  $effect(() => draft.hear(form?.faults ?? []));
</script>

<svelte:head><title>{data.camera.name} · Just Enough</title></svelte:head>
<h1 class="title">{data.camera.name}</h1>
<p class="lead">Frames that are logged already keep the camera as it was for them.</p>
<CameraForm {draft} films={current.films} act="Keep the changes" known faults={form?.faults}>
  <BasedOn
    revision={form?.revision ?? data.revision}
    theirs={form?.theirs ?? null}
    mine={form?.mine ?? {}}
    labelOf={(field: string) => fieldWords(draft.has, field).label}
  />
  <SinceWhen
    values={form?.values ?? {}}
    faultOf={(field: string) => form?.faults.find((f) => f.field === field)?.message ?? ''}
    history={data.history}
  />
</CameraForm>
