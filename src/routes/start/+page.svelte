<script lang="ts">
  import { enhance } from '$app/forms';
  import { FILM_KINDS } from '#core/film/film.ts';
  import { typicalSheet, usualFilm } from '#schema/sheet/sheet.ts';
  import { Draft } from '#ui/entry/draft.svelte.ts';
  import FirstFields from '#ui/entry/FirstFields.svelte';
  import KindChooser from '#ui/entry/KindChooser.svelte';
  import { FILM_KIND_WORDS } from '#ui/kit/say-kit.ts';
  import SelectField from '#ui/kit/SelectField.svelte';
  import TextField from '#ui/kit/TextField.svelte';
  import type { PageProps } from './$types';

  let { form }: PageProps = $props();
  // what is typed afterwards is the draft's own
  // svelte-ignore state_referenced_locally
  const draft = new Draft(form?.values ?? { ...typicalSheet('symbols'), has: 'symbols' }, form?.faults ?? []);
  $effect(() => draft.hear(form?.faults ?? []));
  const values = $derived<Readonly<Record<string, string>>>(form?.values ?? {});
  const faultOf = (field: string): string => form?.faults.find((f) => f.field === field)?.message ?? '';
  const usual = $derived(usualFilm(draft.has));
  const startOf = (field: string, otherwise: string): string =>
    (values['has'] === draft.has ? values[field] : undefined) ?? otherwise;
</script>

<svelte:head><title>Your camera · Just Enough</title></svelte:head>
<h1 class="mt-3 text-[1.875rem] font-[650]">Your camera, in three questions</h1>
<p class="text-(--soft) mb-3">The numbers are typical ones. Change what you know; the rest can wait.</p>
<form
  class="max-w-245"
  method="post"
  use:enhance={() =>
    async ({ update }) =>
      update({ reset: false })}
>
  <fieldset class="min-w-0 mb-5">
    <legend class="[font:650_1.25rem/1.3_var(--font-display)] mb-2"
      ><span
        class="inline-grid place-content-center w-[1.5em] h-[1.5em] mr-1.5 border-[1.5px] border-(--ink) rounded-[50%] text-[1rem]"
        >1</span
      > What does the camera have?</legend
    >
    <KindChooser {draft} />
  </fieldset>
  {#key draft.has}
    <fieldset class="min-w-0 mb-5">
      <legend class="[font:650_1.25rem/1.3_var(--font-display)] mb-2"
        ><span
          class="inline-grid place-content-center w-[1.5em] h-[1.5em] mr-1.5 border-[1.5px] border-(--ink) rounded-[50%] text-[1rem]"
          >2</span
        > What stands on it?</legend
      >
      <FirstFields {draft} />
    </fieldset>
    <fieldset class="min-w-0 mb-5">
      <legend class="[font:650_1.25rem/1.3_var(--font-display)] mb-2"
        ><span
          class="inline-grid place-content-center w-[1.5em] h-[1.5em] mr-1.5 border-[1.5px] border-(--ink) rounded-[50%] text-[1rem]"
          >3</span
        > Which film is in it?</legend
      >
      <div class="flex flex-wrap gap-3 items-start">
        <SelectField
          name="kind"
          label="Kind of film"
          value={startOf('kind', usual[0])}
          options={FILM_KINDS.map((k) => [k, FILM_KIND_WORDS[k]])}
        />
        <TextField
          name="iso"
          label="Film speed, ISO"
          value={startOf('iso', usual[1])}
          fault={faultOf('iso')}
          number
        />
        <TextField
          name="frames"
          label="Frames on it"
          value={startOf('frames', usual[2])}
          fault={faultOf('frames')}
          number
        />
        <TextField name="film" label="Name, if it has one" value={startOf('film', '')} fault="" />
      </div>
    </fieldset>
  {/key}
  <button class="btn preset-filled-primary-700-300 min-w-60 text-[1.125rem]">See today’s answer</button>
</form>
