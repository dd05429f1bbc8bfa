<script lang="ts">
  import { enhance } from '$app/forms';
  import { FILM_KINDS, FRAME_FORMATS, type FilmKind } from '#core/film/film.ts';
  import { typicalFilm } from '#schema/film-entry.ts';
  import { FILM_KIND_WORDS, FORMAT_WORDS } from '#ui/kit/say-kit.ts';
  import SelectField from '#ui/kit/SelectField.svelte';
  import TextField from '#ui/kit/TextField.svelte';
  import type { PageProps } from './$types';

  let { form }: PageProps = $props();
  let chosen = $state<FilmKind | null>(null);
  const kind = $derived<FilmKind>(
    chosen ?? FILM_KINDS.find((k) => k === form?.values['kind']) ?? 'negative-colour'
  );
  const values = $derived<Readonly<Record<string, string>>>({
    ...typicalFilm(kind),
    ...(form?.values['kind'] === kind ? form.values : {})
  });
  const faultOf = (field: string): string => form?.faults.find((f) => f.field === field)?.message ?? '';
  const MORE: readonly { name: string; label: string }[] = [
    { name: 'below', label: 'Holds under grey, stops' },
    { name: 'above', label: 'Holds over grey, stops' },
    { name: 'development', label: 'Push (+) or pull (−), stops' },
    { name: 'age', label: 'Speed lost to age, stops' },
    { name: 'exponent', label: 'Long-exposure exponent' }
  ];
</script>

<svelte:head><title>Enter a film · Just Enough</title></svelte:head>
<h1>Enter a film</h1>
<p class="lead">What the film holds is typical for its kind (common practice). Its own sheet knows better.</p>
<form
  method="post"
  use:enhance={() =>
    async ({ update }) =>
      update({ reset: false })}
>
  <div class="fields">
    <SelectField
      name="kind"
      label="Kind of film"
      value={kind}
      options={FILM_KINDS.map((k) => [k, FILM_KIND_WORDS[k]])}
      onchoose={(value: string) => (chosen = FILM_KINDS.find((k) => k === value) ?? null)}
    />
    {#key form}
      <TextField name="name" label="Its name" value={values['name'] ?? ''} fault={faultOf('name')} />
      <TextField name="iso" label="Film speed, ISO" value={values['iso'] ?? ''} fault={faultOf('iso')} />
      <TextField
        name="frames"
        label="Frames on it"
        value={values['frames'] ?? ''}
        fault={faultOf('frames')}
      />
    {/key}
  </div>
  <fieldset>
    <legend class="kicker">Sizes it comes in</legend>
    <div class="formats">
      {#each FRAME_FORMATS as format (format)}
        <label
          ><input
            type="checkbox"
            name="formats"
            value={format}
            checked={form?.formats.includes(format) ?? false}
          />
          {FORMAT_WORDS[format]}</label
        >
      {/each}
    </div>
    {#if faultOf('formats') !== ''}<p class="fault" role="alert">{faultOf('formats')}</p>{/if}
  </fieldset>
  {#key kind}
    <div class="fields">
      {#each MORE as field (field.name)}
        <TextField
          name={field.name}
          label={field.label}
          value={values[field.name] ?? ''}
          fault={faultOf(field.name)}
        />
      {/each}
      <SelectField
        name="kept"
        label="How it was kept"
        value={values['kept'] ?? 'fresh'}
        options={[
          ['fresh', 'fresh'],
          ['expired', 'expired, or kept warm']
        ]}
      />
    </div>
  {/key}
  <div class="acts">
    <button class="press">Keep this film</button>
    <a class="quiet" href="/kit">Back to Kit</a>
  </div>
</form>

<style>
  h1 {
    font-size: 1.75rem;
    font-weight: 520;
    margin-top: 4px;
  }
  .lead {
    color: var(--soft);
    margin-bottom: 12px;
  }
  form {
    display: grid;
    gap: 18px;
    max-width: 960px;
  }
  .fields,
  .formats,
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: flex-start;
  }
  .formats label {
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
  .fault {
    color: var(--accent);
    font-weight: 600;
  }
  .quiet {
    display: inline-grid;
    place-content: center;
    min-height: 48px;
  }
</style>
