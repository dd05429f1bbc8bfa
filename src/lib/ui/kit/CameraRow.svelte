<script module lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import type { Film } from '#core/film/film.ts';
  import type { Pair } from '#core/log/pair.ts';
  import type { NextLoad, RefusedLoad } from './refused-load.ts';

  /** A camera of the kit with the film in it, or the films that would fit. */
  export interface CameraRowProps {
    camera: Camera;
    pair: Pair | null;
    /** What the film before says of the next one; null while one is loaded. */
    next: NextLoad | null;
    inUse: boolean;
    films: readonly Film[];
    /** Why the last load was refused, if it was this camera's. */
    refused: RefusedLoad | null;
    /** The light now as a query, carried along to Shoot. */
    lightQuery: string;
  }
</script>

<script lang="ts">
  import { positionsOf } from '#core/camera/camera.ts';
  import { fixedLine } from '../card/fixed-line.ts';
  import Act from './Act.svelte';
  import LoadForm from './LoadForm.svelte';
  import { sayFilm } from './say-kit.ts';

  let { camera, pair, next, inUse, films, refused, lightQuery }: CameraRowProps = $props();
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

<article class="card" class:inUse>
  <div class="what">
    <h2>{camera.name}</h2>
    {#each controls as line (line)}<p>{line}</p>{/each}
    <p class="soft">{fixedLine(camera)}</p>
    <div class="small">
      <a href="/kit/camera/{camera.id}" aria-label="Change {camera.name}">Change</a>
      <a href="/kit/camera?like={camera.id}" aria-label="Another like {camera.name}">Another like it</a>
      <Act act="retire" id={camera.id} words="Retire" label="Retire {camera.name}" look="plain" />
    </div>
  </div>
  <div class="film">
    {#if pair}
      <p>
        <b>{pair.film.name}</b> in it{#if pair.side !== null}, side {pair.side === 1 ? 'one' : 'two'}{/if},
        <b>{pair.framesLeft}</b>
        {pair.side === null ? `of ${pair.framesTotal} left` : 'left on this side'}
      </p>
      <p class="soft">{sayFilm(pair.film)}</p>
      <div class="acts">
        {#if inUse}
          <p class="current">In use</p>
          <a class="btn preset-outlined-surface-950-50" href="/shoot{lightQuery}">Go to Shoot</a>
        {:else}
          <Act act="take" id={pair.loadId} words="Use this camera" />
        {/if}
        {#if pair.side !== null}
          <Act act="turnOver" id={pair.loadId} words="Turn to side {pair.side === 1 ? 'two' : 'one'}" />
        {/if}
        <Act act="finish" id={pair.loadId} words="Finish film" />
      </div>
      {#if pair.side === 1}
        <p class="soft">
          Turn the reel over in dim light, leave a loop, and run off a few feet before side two.
        </p>
      {/if}
    {:else}
      <LoadForm {camera} {films} {refused} {next} />
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
  article.inUse {
    border-color: var(--ink);
    box-shadow: inset 5px 0 0 var(--accent);
  }
  h2 {
    font-size: 1.375rem;
    font-weight: 650;
  }
  .soft {
    color: var(--soft);
    font-size: 0.9375rem;
  }
  .small {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
  }
  .small a,
  .small :global(button) {
    display: inline-grid;
    align-content: center;
    min-height: 44px;
    min-width: 44px;
    color: var(--soft);
    text-decoration: underline;
    text-underline-offset: 3px;
    cursor: pointer;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 10px;
    margin-top: 8px;
  }
  .current {
    font-weight: 650;
    color: var(--accent);
  }
  .preset-outlined-surface-950-50 {
    display: inline-grid;
    place-content: center;
  }
  @media (max-width: 700px) {
    article {
      grid-template-columns: minmax(0, 1fr);
      padding: 14px 16px;
    }
  }
</style>
