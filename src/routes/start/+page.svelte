<script lang="ts">
  import { enhance } from '$app/forms';
  import { FILM_KINDS, FRAME_FORMATS } from '#core/film/film.ts';
  import { TYPICAL_ENTRY, type EntryKind } from '#schema/entry.ts';
  import KindDrawing from '#ui/kit/KindDrawing.svelte';
  import { FILM_KIND_WORDS, FORMAT_WORDS } from '#ui/kit/say-kit.ts';
  import SelectField from '#ui/kit/SelectField.svelte';
  import TextField from '#ui/kit/TextField.svelte';
  import type { PageProps } from './$types';

  let { form }: PageProps = $props();
  const KINDS: readonly { has: EntryKind; title: string; text: string }[] = [
    { has: 'nothing', title: 'Nothing to set', text: 'one opening, one time' },
    { has: 'symbols', title: 'A lever with symbols', text: 'sun and cloud' },
    { has: 'scales', title: 'Scales of numbers', text: 'apertures and times' },
    { has: 'timed', title: 'It times itself', text: 'with an electric eye' }
  ];
  const TIMED: readonly { name: string; label: string }[] = [
    { name: 'openings', label: 'Its opening, or all' },
    { name: 'shortest', label: 'Its shortest time' },
    { name: 'longest', label: 'Its longest time' },
    { name: 'believes', label: 'Film speed it expects' },
    { name: 'lighten', label: 'Lighten–darken marks' }
  ];
  const values = $derived<Readonly<Record<string, string>>>(form?.values ?? {});
  const faults = $derived(form?.faults ?? []);
  const faultOf = (field: string): string => faults.find((f) => f.field === field)?.message ?? '';
  let chosen = $state<EntryKind | null>(null);
  const has = $derived<EntryKind>(
    chosen ?? KINDS.find((k) => k.has === form?.values['has'])?.has ?? 'symbols'
  );
  const typical = $derived<Readonly<Record<string, string>>>(TYPICAL_ENTRY[has]);
  // what was typed is kept when the server says no, as long as the kind is the same
  const startOf = (field: string, otherwise = ''): string =>
    (values['has'] === has ? values[field] : undefined) ?? typical[field] ?? otherwise;
</script>

<svelte:head><title>Your camera · Just Enough</title></svelte:head>
<h1>Your camera, in three questions</h1>
<p class="lead">The numbers are typical ones. Change what you know; the rest can wait.</p>
<form
  method="post"
  use:enhance={() =>
    async ({ update }) =>
      update({ reset: false })}
>
  <fieldset>
    <legend><span>1</span> What does the camera have?</legend>
    <div class="kinds">
      {#each KINDS as kind (kind.has)}
        <label class:on={has === kind.has}>
          <input
            type="radio"
            name="has"
            value={kind.has}
            checked={has === kind.has}
            onchange={() => (chosen = kind.has)}
          />
          <KindDrawing has={kind.has} />
          <b>{kind.title}</b><span>{kind.text}</span>
        </label>
      {/each}
    </div>
    {#if faultOf('has') !== ''}<p class="fault" role="alert">{faultOf('has')}</p>{/if}
  </fieldset>
  {#key has}
    <fieldset>
      <legend><span>2</span> What stands on it?</legend>
      <div class="fields">
        {#if has === 'nothing'}
          <TextField
            name="aperture"
            label="Its opening"
            value={startOf('aperture')}
            fault={faultOf('aperture')}
          />
          <TextField name="time" label="Its shutter time" value={startOf('time')} fault={faultOf('time')} />
        {:else if has === 'symbols'}
          <TextField name="sun" label="Opening at the sun" value={startOf('sun')} fault={faultOf('sun')} />
          <TextField
            name="cloud"
            label="Opening at the cloud"
            value={startOf('cloud')}
            fault={faultOf('cloud')}
          />
          <TextField name="time" label="Its shutter time" value={startOf('time')} fault={faultOf('time')} />
        {:else if has === 'timed'}
          {#each TIMED as field (field.name)}
            <TextField
              name={field.name}
              label={field.label}
              value={startOf(field.name)}
              fault={faultOf(field.name)}
            />
          {/each}
        {:else}
          <TextField
            name="apertures"
            label="Apertures on the ring"
            value={startOf('apertures')}
            fault={faultOf('apertures')}
            wide
          />
          <TextField
            name="times"
            label="Times on the wheel"
            value={startOf('times')}
            fault={faultOf('times')}
            wide
          />
        {/if}
        <TextField name="focal" label="Focal length, mm" value={startOf('focal')} fault={faultOf('focal')} />
        <TextField name="name" label="What you call it" value={startOf('name')} fault={faultOf('name')} />
        <SelectField
          name="format"
          label="Size of its pictures"
          value={startOf('format')}
          options={FRAME_FORMATS.map((f) => [f, FORMAT_WORDS[f]])}
        />
      </div>
    </fieldset>
    <fieldset>
      <legend><span>3</span> Which film is in it?</legend>
      <div class="fields">
        <SelectField
          name="kind"
          label="Kind of film"
          value={startOf('kind', has === 'timed' ? 'instant-colour' : 'negative-colour')}
          options={FILM_KINDS.map((k) => [k, FILM_KIND_WORDS[k]])}
        />
        <TextField
          name="iso"
          label="Film speed, ISO"
          value={startOf('iso', has === 'timed' ? '640' : '200')}
          fault={faultOf('iso')}
        />
        <TextField
          name="frames"
          label="Frames on it"
          value={startOf('frames', has === 'scales' ? '36' : has === 'symbols' ? '12' : '8')}
          fault={faultOf('frames')}
        />
        <TextField name="film" label="Name, if it has one" value={startOf('film')} fault="" />
      </div>
    </fieldset>
  {/key}
  <button class="press">See today’s answer</button>
</form>

<style>
  h1 {
    margin-top: 20px;
    font-size: 1.875rem;
    font-weight: 520;
  }
  .lead {
    color: var(--soft);
    margin-bottom: 12px;
  }
  form {
    max-width: 940px;
  }
  fieldset {
    margin-bottom: 20px;
  }
  legend {
    font: 540 1.25rem/1.3 var(--font-display);
    margin-bottom: 8px;
  }
  legend span {
    display: inline-grid;
    place-content: center;
    width: 1.5em;
    height: 1.5em;
    margin-right: 6px;
    border: 1.5px solid var(--ink);
    border-radius: 50%;
    font-size: 1rem;
  }
  .kinds {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 12px;
  }
  .kinds label {
    position: relative;
    display: grid;
    justify-items: center;
    padding: 14px 8px 10px;
    border: 1.5px solid var(--line);
    border-radius: 4px;
    background: var(--sheet);
    text-align: center;
    cursor: pointer;
  }
  .kinds label.on {
    border-color: var(--ink);
    box-shadow: inset 0 0 0 2px var(--ink);
  }
  .kinds label:has(:focus-visible) {
    outline: 3px solid var(--ink);
    outline-offset: 2px;
  }
  .kinds input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }
  .kinds span {
    color: var(--soft);
    font-size: 0.9375rem;
  }
  .fields {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: flex-start;
  }
  .fault {
    color: var(--accent);
    font-weight: 600;
  }
  .press {
    min-width: 15rem;
    font-size: 1.125rem;
  }
  @media (max-width: 640px) {
    .kinds {
      grid-template-columns: 1fr;
    }
    .kinds label {
      grid-template-columns: 110px 1fr;
      justify-items: start;
      text-align: left;
      padding: 6px;
      gap: 0 12px;
    }
    .kinds label :global(svg) {
      grid-row: span 2;
      height: 62px;
    }
    .kinds b {
      align-self: end;
    }
  }
</style>
