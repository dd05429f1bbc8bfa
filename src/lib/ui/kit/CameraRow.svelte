<script module lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import type { Film } from '#core/film/film.ts';
  import type { Pair } from '#core/log/pair.ts';

  /** A camera of the kit with the film in it, or the films that would fit. */
  export interface CameraRowProps {
    camera: Camera;
    pair: Pair | null;
    inHand: boolean;
    films: readonly Film[];
    /** Why the last load was refused, if it was this camera's. */
    refused: string;
    /** The light in hand as a query, carried along to Shoot. */
    lightQuery: string;
  }
</script>

<script lang="ts">
  import { enhance } from '$app/forms';
  import { sharedFormat } from '#core/match/conditions.ts';
  import { positionsOf } from '#core/camera/camera.ts';
  import Figures from '../text/Figures.svelte';
  import { fixedLine } from '../card/fixed-line.ts';
  import { sayFilm, typicalFrames } from './say-kit.ts';

  let { camera, pair, inHand, films, refused, lightQuery }: CameraRowProps = $props();
  const uid = $props.id();
  const fitting = $derived(films.filter((f) => sharedFormat(camera, f) !== null));
  let chosen = $state('');
  const film = $derived(fitting.find((f) => f.id === chosen) ?? fitting[0]);
  const controls = $derived(
    camera.controls
      .filter((c) => positionsOf(c).length > 1)
      .map(
        (c) =>
          `${c.label}: ${positionsOf(c)
            .map((p) => p.mark)
            .join(' · ')}`
      )
  );
</script>

<article class="sheet" class:inHand>
  <div class="what">
    <h2>{camera.name}</h2>
    {#each controls as line (line)}<p><Figures text={line} /></p>{/each}
    <p class="soft"><Figures text={fixedLine(camera)} /></p>
    <form method="post" action="?/retire" use:enhance>
      <input type="hidden" name="camera" value={camera.id} />
      <button class="retire" aria-label="Retire {camera.name}">Retire</button>
    </form>
  </div>
  <div class="film">
    {#if pair}
      <p>
        <b>{pair.film.name}</b> in it, <b>{pair.framesLeft}</b> of {pair.framesTotal} left
      </p>
      <p class="soft"><Figures text={sayFilm(pair.film)} /></p>
      <div class="acts">
        {#if inHand}
          <p class="hand">In hand</p>
          <a class="quiet" href="/shoot{lightQuery}">Go to Shoot</a>
        {:else}
          <form method="post" action="?/take" use:enhance>
            <input type="hidden" name="load" value={pair.loadId} />
            <button class="press">Take in hand</button>
          </form>
        {/if}
        <form method="post" action="?/finish" use:enhance>
          <input type="hidden" name="load" value={pair.loadId} />
          <button class="quiet">Finish film</button>
        </form>
      </div>
    {:else if film}
      <form method="post" action="?/load" use:enhance class="load">
        <input type="hidden" name="camera" value={camera.id} />
        <label for="{uid}-film">Load it with</label>
        <select id="{uid}-film" name="film" bind:value={() => film.id, (id: string) => (chosen = id)}>
          {#each fitting as f (f.id)}<option value={f.id}>{f.name}</option>{/each}
        </select>
        <label for="{uid}-frames">Frames</label>
        <input id="{uid}-frames" name="frames" inputmode="numeric" value={typicalFrames(camera, film)} />
        <button class="press">Load</button>
      </form>
      {#if refused !== ''}<p class="refused" role="alert">{refused}</p>{/if}
    {:else}
      <p>No film of this kit fits.</p>
    {/if}
  </div>
</article>

<style>
  article {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 12px 28px;
    padding: 16px 20px;
    border-color: var(--line);
  }
  article.inHand {
    border-color: var(--ink);
    box-shadow: inset 5px 0 0 var(--accent);
  }
  h2 {
    font-size: 1.375rem;
    font-weight: 540;
  }
  .soft {
    color: var(--soft);
    font-size: 0.9375rem;
  }
  .retire {
    min-height: 44px;
    color: var(--soft);
    text-decoration: underline;
    text-underline-offset: 3px;
    cursor: pointer;
  }
  .acts,
  .load {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 10px;
    margin-top: 8px;
  }
  .hand {
    font-weight: 650;
    color: var(--accent);
  }
  .quiet {
    display: inline-grid;
    place-content: center;
  }
  select,
  .load input:not([type='hidden']) {
    min-height: 44px;
    padding: 0 10px;
    border: 1.5px solid var(--soft);
    border-radius: 4px;
    background: var(--sheet);
  }
  .load input:not([type='hidden']) {
    width: 4.5rem;
  }
  .refused {
    color: var(--accent);
    font-weight: 600;
    margin-top: 6px;
  }
  @media (max-width: 700px) {
    article {
      grid-template-columns: minmax(0, 1fr);
      padding: 14px 16px;
    }
  }
</style>
