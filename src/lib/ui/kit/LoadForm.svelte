<script module lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import type { Film } from '#core/film/film.ts';
  import type { NextLoad, RefusedLoad } from './refused-load.ts';

  /** Loads an empty camera: films that fit come first, the others can be tried. */
  export interface LoadFormProps {
    camera: Camera;
    films: readonly Film[];
    refused: RefusedLoad | null;
    next: NextLoad | null;
  }
</script>

<script lang="ts">
  import { enhance } from '$app/forms';
  import { misfitsOf } from '#core/camera/fits.ts';
  import { formatStops } from '#core/units/stops.ts';
  import { typicalFrames } from './say-kit.ts';

  let { camera, films, refused, next }: LoadFormProps = $props();
  const uid = $props.id();
  const fitting = $derived(films.filter((f) => misfitsOf(camera, f).length === 0));
  const others = $derived(films.filter((f) => misfitsOf(camera, f).length > 0));
  let chosen = $state('');
  const film = $derived(
    films.find((f) => f.id === (chosen === '' ? refused?.filmId : chosen)) ?? fitting[0] ?? others[0]
  );
  const told = $derived(refused !== null && (chosen === '' || chosen === refused.filmId) ? refused : null);
</script>

{#if next && next.remark !== ''}<p role="note">Noticed on the last film: <b>{next.remark}</b></p>{/if}
{#if film}
  <form
    class="flex flex-wrap items-center gap-2.5"
    method="post"
    action="?/load"
    use:enhance={() =>
      async ({ update }) =>
        update({ reset: false })}
  >
    <input class="w-18" type="hidden" name="camera" value={camera.id} />
    <label for="{uid}-film">Load it with</label>
    <select
      id="{uid}-film"
      class="select max-w-60 pr-8.5"
      name="film"
      bind:value={() => film.id, (id: string) => (chosen = id)}
    >
      {#each fitting as f (f.id)}<option value={f.id}>{f.name}</option>{/each}
      {#if others.length > 0}
        <optgroup label="Made for other cameras">
          {#each others as f (f.id)}<option value={f.id}>{f.name}</option>{/each}
        </optgroup>
      {/if}
    </select>
    <label for="{uid}-frames">Frames</label>
    {#key film.id}
      <input
        class="input w-18"
        id="{uid}-frames"
        name="frames"
        inputmode="numeric"
        value={told?.frames ?? typicalFrames(camera, film)}
      />
    {/key}
    <label for="{uid}-first">First frame’s number</label>
    <input
      id="{uid}-first"
      class="input w-18"
      name="first"
      inputmode="numeric"
      value={next?.firstNumber ?? 1}
    />
    {#if next?.packFilter}
      <label class="flex items-center gap-2 min-h-11 [grid-column:1_/_-1]"
        ><input class="w-18" type="checkbox" name="packFilter" value="yes" />
        {next.packFilter.name || 'The filter'} of {formatStops(next.packFilter.stops)} goes on this pack too</label
      >
    {/if}
    <button class="btn preset-filled-primary-700-300">Load</button>
    {#if told?.anyway}<button class="btn preset-outlined-surface-950-50" name="anyway" value="yes"
        >Load anyway</button
      >{/if}
  </form>
  {#if film.processEnded}
    <p role="note">
      Its process is no longer offered: ask a lab before you load it, or develop it as something else.
    </p>
  {/if}
  {#if told}<p role="alert">{told.message}</p>{/if}
{:else}
  <p>There is no film in the kit. <a href="/kit/film">Enter one</a>.</p>
{/if}

<style>
  [role='note'] {
    padding: 6px 10px;
    background: var(--well);
    border-left: 4px solid var(--accent);
  }
  [role='alert'] {
    color: var(--accent-ink);
    font-weight: 600;
    margin-top: 6px;
  }
</style>
