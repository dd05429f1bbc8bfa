<script lang="ts">
  import { queryFromLight } from '#schema/light.ts';
  import { useHand } from '#ui/hand.svelte.ts';
  import CameraRow from '#ui/kit/CameraRow.svelte';
  import Figures from '#ui/text/Figures.svelte';
  import { sayFilm } from '#ui/kit/say-kit.ts';
  import type { PageProps } from './$types';
  import { enhance } from '$app/forms';

  let { data, form }: PageProps = $props();
  const hand = useHand();
  const lightQuery = $derived(`?${queryFromLight(hand.light).toString()}`);
  const refusedCamera = $derived(form && 'cameraId' in form ? form.cameraId : '');
  const refused = $derived(form && 'message' in form ? form.message : '');
</script>

<svelte:head><title>Kit · Just Enough</title></svelte:head>
<div class="head">
  <h1>Kit</h1>
  <span class="ways">
    <a class="quiet" href="/kit/pairs{lightQuery}">Which film for which camera?</a>
    <a class="quiet" href="/start">Enter a camera</a>
  </span>
</div>
{#if refused !== '' && refusedCamera === ''}<p class="refused" role="alert">{refused}</p>{/if}
{#if form && 'finished' in form}
  <form method="post" action="?/reopen" use:enhance class="done">
    <input type="hidden" name="load" value={form.finished} />
    <span role="status">The film is finished.</span>
    <button class="quiet">Undo</button>
  </form>
{/if}
{#if form && 'retired' in form}
  <form method="post" action="?/bringBack" use:enhance class="done">
    <input type="hidden" name="camera" value={form.retired} />
    <span role="status">The camera is out of the kit; its frames stay in the log.</span>
    <button class="quiet">Undo</button>
  </form>
{/if}
<div class="cameras">
  {#each data.cameras as { camera, pair } (camera.id)}
    <CameraRow
      {camera}
      {pair}
      films={data.films}
      inHand={pair !== null && pair.loadId === data.inHand}
      refused={refusedCamera === camera.id ? refused : ''}
      {lightQuery}
    />
  {:else}
    <p>No camera yet. <a href="/start">Answer three questions about yours</a>.</p>
  {/each}
</div>
{#if data.films.length > 0}
  <div class="head films">
    <h2>Films</h2>
    <a class="quiet" href="/kit/film">Enter a film</a>
  </div>
  <ul>
    {#each data.films as film (film.id)}<li>
        <b>{film.name}</b> <span><Figures text={sayFilm(film)} /></span>
      </li>{/each}
  </ul>
{/if}

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin: 4px 0 10px;
  }
  h1 {
    font-size: 1.75rem;
    font-weight: 520;
  }
  .quiet {
    display: inline-grid;
    place-content: center;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    justify-content: flex-end;
    gap: 8px;
  }
  .cameras {
    display: grid;
    gap: 12px;
  }
  .films {
    margin: 22px 0 6px;
  }
  h2 {
    font-size: 1.25rem;
    font-weight: 540;
  }
  li {
    padding: 7px 0;
    border-bottom: 1px solid var(--line);
  }
  li > span {
    color: var(--soft);
    margin-left: 8px;
  }
  .refused {
    color: var(--accent);
    font-weight: 600;
    margin-bottom: 8px;
  }
  .done {
    display: flex;
    gap: 12px;
    align-items: center;
    margin-bottom: 10px;
  }
  a {
    text-decoration: underline;
  }
  .quiet {
    text-decoration: none;
  }
</style>
