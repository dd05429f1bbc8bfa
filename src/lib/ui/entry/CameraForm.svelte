<script module lang="ts">
  import type { Snippet } from 'svelte';
  import type { Film } from '#core/film/film.ts';
  import type { Draft } from './draft.svelte.ts';

  /** The whole sheet of a camera, new or to be changed. */
  export interface CameraFormProps {
    draft: Draft;
    films: readonly Film[];
    /** What the button says. */
    act: string;
    /** What belongs to the form beside the sheet. */
    /** Whether it is in the kit already: what it has is known. */
    known?: boolean;
    /** What the server said no to; null = nothing yet. */
    faults?: unknown;
    children?: Snippet;
  }
</script>

<script lang="ts">
  import { enhance } from '$app/forms';
  import { misfitsOf } from '#core/camera/fits.ts';
  import FirstFields from './FirstFields.svelte';
  import KindChooser from './KindChooser.svelte';
  import MoreFields from './MoreFields.svelte';
  import Preview from './Preview.svelte';
  import { SAMPLE_FILM } from './sample-film.ts';
  import { SHEET_KIND_WORDS } from './words.ts';
  import { toFault } from './to-fault.ts';

  let { draft, films, act, known = false, faults = null, children }: CameraFormProps = $props();
  let chosen = $state('');
  const fitting = $derived(films.filter((f) => draft.camera && misfitsOf(draft.camera, f).length === 0));
  const film = $derived(fitting.find((f) => f.id === chosen) ?? fitting[0] ?? SAMPLE_FILM);
</script>

<form
  class="grid [grid-template-columns:minmax(0,_1.5fr)_minmax(0,_1fr)] gap-6 items-start max-[900px]:[grid-template-columns:minmax(0,_1fr)]"
  method="post"
  {@attach toFault(() => faults)}
  use:enhance={() =>
    async ({ update }) =>
      update({ reset: false })}
>
  <div class="min-w-0">
    {#if known}
      <details class="mb-3.5">
        <summary class="font-semibold"
          >{SHEET_KIND_WORDS[draft.has]?.[0] ?? 'What it has'}: something else?</summary
        >
        <KindChooser {draft} />
      </details>
    {:else}
      <fieldset class="min-w-0 mb-4.5">
        <legend class="[font:650_1.25rem/1.3_var(--font-display)] mb-1.5">What does it have?</legend>
        <KindChooser {draft} />
      </fieldset>
    {/if}
    {#key draft.has}
      <fieldset class="min-w-0 mb-4.5">
        <legend class="[font:650_1.25rem/1.3_var(--font-display)] mb-1.5">What stands on it?</legend>
        <FirstFields {draft} />
      </fieldset>
      <details class="mb-3.5">
        <summary class="min-h-11 pt-2.5 font-semibold cursor-pointer"
          >More, whenever you know it: focus, flash, finder, measured values</summary
        >
        <MoreFields {draft} />
      </details>
    {/key}
    {@render children?.()}
    <div class="flex gap-3">
      <button class="btn preset-filled-primary-700-300">{act}</button>
      <a class="btn preset-outlined-surface-950-50 inline-grid place-content-center min-h-12" href="/kit"
        >Back to Kit</a
      >
    </div>
  </div>
  <div class="sticky [top:12px] grid gap-2 max-[900px]:[position:static]">
    {#if fitting.length > 1}
      <label>
        Try it with
        <select class="select" bind:value={() => film.id, (id: string) => (chosen = id)}>
          {#each fitting as f (f.id)}<option value={f.id}>{f.name}</option>{/each}
        </select>
      </label>
    {/if}
    <Preview {draft} {film} />
  </div>
</form>
