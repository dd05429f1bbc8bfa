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
  import { FRAME_FORMATS } from '#core/film/formats.ts';
  import { typicalFilm } from '#schema/sheet/film-entry.ts';
  import { sayPerforation } from '#schema/kit/misfit-words.ts';
  import { BALANCES, PERFORATIONS } from '#schema/kit/traits.ts';
  import { BALANCE_WORDS, FILM_KIND_WORDS, FORMAT_WORDS } from '../kit/say-kit.ts';
  import SelectField from '../kit/SelectField.svelte';
  import TextField from '../kit/TextField.svelte';

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
  const formats = $derived(refused?.formats ?? start?.formats ?? []);
  const faultOf = (field: string): string => refused?.faults.find((f) => f.field === field)?.message ?? '';
  const text = (name: string): string => values[name] ?? '';
  const instant = $derived(kind === 'instant-colour' || kind === 'instant-bw');
</script>

{#snippet field(name: string, label: string, wide = false)}
  <TextField {name} {label} value={text(name)} fault={faultOf(name)} {wide} />
{/snippet}

<form
  class="grid [grid-template-columns:minmax(0,_1fr)] gap-4.5 max-w-240"
  method="post"
  use:enhance={() =>
    async ({ update }) =>
      update({ reset: false })}
>
  {@render children?.()}
  <div class="fields">
    <SelectField
      name="kind"
      label="Kind of film"
      value={kind}
      options={FILM_KINDS.map((k) => [k, FILM_KIND_WORDS[k]])}
      onchoose={(value: string) => (chosen = FILM_KINDS.find((k) => k === value) ?? null)}
    />
    {#key refused}
      {@render field('name', 'Its name')}
      {@render field('iso', 'Film speed, ISO')}
      {@render field('frames', 'Frames on it')}
    {/key}
  </div>
  <fieldset>
    <legend class="kicker">Sizes it comes in</legend>
    <div class="fields">
      {#each FRAME_FORMATS as format (format)}
        <label
          ><input type="checkbox" name="formats" value={format} checked={formats.includes(format)} />
          {FORMAT_WORDS[format]}</label
        >
      {/each}
    </div>
    {#if faultOf('formats') !== ''}<p class="fault" role="alert">{faultOf('formats')}</p>{/if}
  </fieldset>
  {#key kind}
    <section>
      <h2 class="text-[1.125rem] font-[650]">What it takes</h2>
      <p class="text-(--soft) text-[0.9375rem] mb-1.5">
        Typical for its kind (common practice, no source); its own sheet knows better.
      </p>
      <div class="fields">
        {@render field('below', 'Holds under grey, stops')}
        {@render field('above', 'Holds over grey, stops')}
        {@render field('development', 'Push (+) or pull (−), stops')}
        {@render field('age', 'Speed lost to age, stops')}
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
    <section>
      <h2 class="text-[1.125rem] font-[650]">Long exposures, lamps, cold</h2>
      <p class="text-(--soft) text-[0.9375rem] mb-1.5">
        Long exposures: an exponent such as 1.3, or its sheet’s table: 1s 1s, 10s 17s. Empty where nothing is
        known.
      </p>
      <div class="fields">
        {@render field('long', 'Long exposures', true)}
        <SelectField
          name="balance"
          label="Made for"
          value={text('balance')}
          options={BALANCES.map((b) => [b, BALANCE_WORDS[b]])}
        />
        {@render field('lamps', 'Speed under lamps, ISO')}
        {@render field('coldFrom', 'At its best from, °C')}
        {@render field('coldTo', 'to, °C')}
        {@render field('coldStops', 'Stops lost by 10 °C of cold')}
      </div>
      {#if instant}
        <p class="mt-2">
          Cold makes instant prints dark and weak: keep the camera and the developing print inside your coat.
          The sheet in the pack has the last word.
        </p>
      {/if}
    </section>
    <section>
      <h2 class="text-[1.125rem] font-[650]">Money and mechanics</h2>
      <div class="fields">
        {@render field('price', 'Price of a pack or roll')}
        {@render field('feet', 'Length in feet, for cine')}
        <SelectField
          name="perforation"
          label="Holes along it"
          value={text('perforation')}
          options={[['', 'it does not matter'], ...PERFORATIONS.map((p) => [p, sayPerforation(p)] as const)]}
        />
        <SelectField
          name="battery"
          label="Its pack has a battery"
          value={text('battery')}
          options={[
            ['no', 'no'],
            ['yes', 'yes']
          ]}
        />
      </div>
    </section>
  {/key}
  <div class="fields">
    <button class="btn preset-filled-primary-700-300">{act}</button>
    <a class="btn preset-outlined-surface-950-50" href="/kit">Back to Kit</a>
  </div>
</form>

<style>
  fieldset label {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    padding-right: 10px;
  }
  input[type='checkbox'] {
    width: 22px;
    height: 22px;
    accent-color: var(--accent);
  }
  .preset-outlined-surface-950-50 {
    display: inline-grid;
    place-content: center;
    min-height: 48px;
  }
</style>
