<script module lang="ts">
  import type { Snippet } from 'svelte';
  import type { FilmTexts } from '#schema/sheet/film-entry.ts';
  import type { FieldFault } from '#schema/reading/parse.ts';

  /** The texts of a film, new or to be changed. */
  export interface FilmFormProps {
    /** What it starts with; null = a new film, typical for its kind. */
    start: { readonly texts: FilmTexts; readonly formats: readonly string[] } | null;
    /** What the server said no to. */
    refused: {
      readonly values: FilmTexts;
      readonly formats: readonly string[];
      readonly faults: readonly FieldFault[];
    } | null;
    act: string;
    /** What belongs to the form beside the film. */
    children?: Snippet;
  }
</script>

<script lang="ts">
  import { enhance } from '$app/forms';
  import { FILM_KINDS, type FilmKind } from '#core/film/film.ts';
  import { FRAME_FORMATS, type FrameFormat } from '#core/film/formats.ts';
  import { typicalFilm } from '#schema/sheet/film-entry.ts';
  import { sayPerforation } from '#schema/kit/misfit-words.ts';
  import { BALANCES, PERFORATIONS } from '#schema/kit/traits.ts';
  import { BALANCE_WORDS, FILM_KIND_WORDS, FORMAT_WORDS } from '../kit/say-kit.ts';
  import SelectField from '../kit/SelectField.svelte';
  import TextField from '../kit/TextField.svelte';
  import { useCurrent } from '../current.svelte.ts';
  import { toFault } from './to-fault.ts';

  const current = useCurrent();
  let { start, refused, act, children }: FilmFormProps = $props();
  let chosen = $state<FilmKind | null>(null);
  const kind = $derived<FilmKind>(
    chosen ?? FILM_KINDS.find((k) => k === (refused?.values ?? start?.texts)?.['kind']) ?? 'negative-colour'
  );
  const values = $derived<FilmTexts>({
    ...typicalFilm(kind),
    ...(start?.texts['kind'] === kind ? start.texts : {}),
    ...(refused?.values['kind'] === kind ? refused.values : {})
  });
  /** A new film is most likely for the camera in use. */
  const atHand = $derived(current.pair?.camera.formats ?? []);
  const formats = $derived(refused?.formats ?? start?.formats ?? atHand);
  /** Holes decide whether cine film runs through twice. */
  let ticked = $state<readonly string[] | null>(null);
  const cine = $derived((ticked ?? formats).some((f) => f.startsWith('cine')));
  function tick(format: string, on: boolean): void {
    const others = (ticked ?? formats).filter((f) => f !== format);
    ticked = on ? [...others, format] : others;
  }
  const nearSizes = $derived(FRAME_FORMATS.filter((f) => formats.includes(f) || atHand.includes(f)));
  const otherSizes = $derived(FRAME_FORMATS.filter((f) => !nearSizes.includes(f)));
  const faultOf = (field: string): string => refused?.faults.find((f) => f.field === field)?.message ?? '';
  const text = (name: string): string => values[name] ?? '';
  const FIRST: readonly string[] = ['name', 'kind', 'iso', 'frames', 'formats'];
  // of a film that is changed all of it may be meant
  // svelte-ignore state_referenced_locally
  let more = $state(start !== null);
  // what was refused is in sight, wherever it stands
  $effect(() => {
    if (refused?.faults.some((f) => !FIRST.includes(f.field))) more = true;
  });
  const instant = $derived(kind === 'instant-colour' || kind === 'instant-bw');
</script>

{#snippet field(name: string, label: string, wide = false)}
  <TextField {name} {label} value={text(name)} fault={faultOf(name)} {wide} />
{/snippet}
{#snippet number(name: string, label: string)}
  <TextField {name} {label} value={text(name)} fault={faultOf(name)} number />
{/snippet}
{#snippet holes(label: string, none: string)}
  <SelectField
    name="perforation"
    {label}
    value={text('perforation')}
    options={[['', none], ...PERFORATIONS.map((p) => [p, sayPerforation(p)] as const)]}
  />
{/snippet}
{#snippet sizes(of: readonly FrameFormat[])}
  <div class="flex flex-wrap gap-x-5">
    {#each of as format (format)}
      <label class="flex min-h-11 cursor-pointer items-center gap-2"
        ><input
          type="checkbox"
          class="checkbox"
          name="formats"
          value={format}
          checked={formats.includes(format)}
          onchange={(e) => tick(format, e.currentTarget.checked)}
        />
        {FORMAT_WORDS[format]}</label
      >
    {/each}
  </div>
{/snippet}

<form
  class="grid [grid-template-columns:minmax(0,_1fr)] gap-4.5 max-w-240"
  method="post"
  {@attach toFault(() => refused)}
  use:enhance={() =>
    async ({ update }) =>
      update({ reset: false })}
>
  {@render children?.()}
  <div class="fields">
    {#key refused}
      {@render field('name', 'Its name')}
    {/key}
    <SelectField
      name="kind"
      label="Kind of film"
      value={kind}
      options={FILM_KINDS.map((k) => [k, FILM_KIND_WORDS[k]])}
      onchoose={(value: string) => (chosen = FILM_KINDS.find((k) => k === value) ?? null)}
    />
    {#key refused}
      {@render number('iso', 'Film speed, ISO')}
      {@render number('frames', 'Frames on it')}
    {/key}
  </div>
  <fieldset>
    <legend class="kicker">Sizes it comes in</legend>
    {@render sizes(nearSizes)}
    <details>
      <summary>Other sizes</summary>
      {@render sizes(otherSizes)}
    </details>
    {#if faultOf('formats') !== ''}<p class="fault" role="alert">{faultOf('formats')}</p>{/if}
    {#if cine}
      <div class="mt-2 max-w-md">{@render holes('Kind of cine film', 'not said')}</div>
      <p class="hint text-[0.875rem]">
        Double-run film goes through the camera twice, one half of its width each time: its frames are counted
        by side.
      </p>
    {/if}
  </fieldset>
  <div class="flex flex-wrap gap-3">
    <button class="btn preset-filled-primary-700-300">{act}</button>
    <a class="btn preset-outlined-surface-950-50" href="/kit">Back to Kit</a>
  </div>
  <details bind:open={more}>
    <summary>More, whenever you know it: what it takes, long exposures, price</summary>
    {#key kind}
      <section class="mt-4">
        <h2 class="text-[1.125rem] font-[650]">What it takes</h2>
        <p class="text-(--soft) text-[0.9375rem] mb-1.5">
          Typical for its kind (common practice, no source); its own sheet knows better.
        </p>
        <div class="fields">
          {@render number('below', 'Holds under grey, stops')}
          {@render number('above', 'Holds over grey, stops')}
          {@render field('development', 'Push (+) or pull (−), stops')}
          {@render number('age', 'Speed lost to age, stops')}
          <SelectField
            name="kept"
            label="How it was kept"
            value={text('kept')}
            options={[
              ['fresh', 'fresh'],
              ['expired', 'expired, or kept warm']
            ]}
          />
          {@render field('expires', 'Best before, year-month')}
        </div>
      </section>
      <section class="mt-4">
        <h2 class="text-[1.125rem] font-[650]">Long exposures, lamps, cold</h2>
        <p class="text-(--soft) text-[0.9375rem] mb-1.5">
          Long exposures: an exponent such as 1.3, or its sheet’s table: 1s 1s, 10s 17s. Empty where nothing
          is known.
        </p>
        <div class="fields">
          {@render field('long', 'Long exposures', true)}
          <SelectField
            name="balance"
            label="Made for"
            value={text('balance')}
            options={BALANCES.map((b) => [b, BALANCE_WORDS[b]])}
          />
          {@render number('lamps', 'Speed under lamps, ISO')}
          {@render number('coldFrom', 'At its best from, °C')}
          {@render number('coldTo', 'to, °C')}
          {@render number('coldStops', 'Stops lost by 10 °C of cold')}
        </div>
        {#if instant}
          <p class="mt-2">
            Cold makes instant prints dark and weak: keep the camera and the developing print inside your
            coat. The sheet in the pack has the last word.
          </p>
        {/if}
      </section>
      <section class="mt-4">
        <h2 class="text-[1.125rem] font-[650]">Money and mechanics</h2>
        <div class="fields">
          {@render number('price', 'Price of a pack or roll')}
          {@render number('feet', 'Length in feet, for cine')}
          {#if !cine}{@render holes('Holes along it', 'it does not matter')}{/if}
          <SelectField
            name="battery"
            label="Its pack has a battery"
            value={text('battery')}
            options={[
              ['no', 'no'],
              ['yes', 'yes']
            ]}
          />
          <SelectField
            name="process"
            label="Its process"
            value={text('process')}
            options={[
              ['offered', 'is still offered'],
              ['ended', 'is no longer offered']
            ]}
          />
        </div>
      </section>
    {/key}
  </details>
</form>
