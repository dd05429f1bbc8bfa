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
    /** Where Shoot is, with the light that was told. */
    shoot: string;
  }
</script>

<script lang="ts">
  import { positionsOf } from '#core/camera/camera.ts';
  import { entryOf, SHEET_ENTRIES } from '#core/camera/kinds/entries.ts';
  import { fixedLine } from '../card/fixed-line.ts';
  import LineDrawing from '../card/LineDrawing.svelte';
  import Act from './Act.svelte';
  import LoadForm from './LoadForm.svelte';
  import PairReach from './PairReach.svelte';
  import { sayFilm } from './say-kit.ts';

  let { camera, pair, next, inUse, films, refused, shoot }: CameraRowProps = $props();
  // a film that was refused is told where it was asked for
  // svelte-ignore state_referenced_locally
  let unfolded = $state(refused !== null);
  $effect(() => {
    if (refused) unfolded = true;
  });
  const figure = $derived(SHEET_ENTRIES.find(({ name }) => name === entryOf(camera))?.figure ?? []);
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

<article
  class={[
    'card grid grid-cols-[5.5rem_minmax(0,1fr)] gap-x-4 gap-y-1 p-3 sm:grid-cols-[7rem_minmax(0,1fr)_auto]',
    inUse ? 'shadow-[inset_5px_0_0_var(--accent)]' : 'border-(--line)!'
  ]}
>
  <div class="self-center" aria-hidden="true">
    <LineDrawing strokes={figure} width={160} height={96} shrunk />
  </div>
  <div class="min-w-0">
    <h3 class="text-[1.1875rem] leading-tight">{camera.name}</h3>
    {#if pair}
      <p class="leading-snug">
        {pair.film.name}{#if pair.side !== null}, side {pair.side === 1 ? 'one' : 'two'}{/if},
        <b>{pair.framesLeft}</b>
        {pair.side === null ? `of ${pair.framesTotal} left` : 'left on this side'}
      </p>
      <PairReach {pair} />
    {:else}
      <p class="text-(--soft)">No film in it</p>
    {/if}
  </div>
  <div
    class="z-1 col-start-2 row-start-2 flex items-center justify-end gap-3 self-start sm:col-start-3 sm:row-start-1 sm:self-center"
  >
    {#if pair && inUse}
      <b class="text-(--accent-ink)">In use</b>
      <a class="btn preset-outlined-surface-950-50" href={shoot}>Go to Shoot</a>
    {:else if pair}
      <Act act="take" id={pair.loadId} words="Use this camera" />
    {/if}
  </div>
  <details class="col-span-full row-start-2" bind:open={unfolded}>
    <summary class="inline-flex min-h-11 min-w-11 cursor-pointer items-center gap-1 text-(--soft) underline"
      >{pair ? 'More' : 'Load a film, and more'}<span class="sr-only"> about {camera.name}</span></summary
    >
    <div class="grid gap-2 pt-1 pb-2">
      {#if pair}
        <p class="text-(--soft)">{sayFilm(pair.film)}</p>
        <div class="flex flex-wrap gap-3">
          {#if pair.side !== null}
            <Act act="turnOver" id={pair.loadId} words="Turn to side {pair.side === 1 ? 'two' : 'one'}" />
          {/if}
          <Act act="finish" id={pair.loadId} words="Finish film" />
        </div>
        {#if pair.side === 1}
          <p class="text-(--soft)">
            Turn the reel over in dim light, leave a loop, and run off a few feet before side two.
          </p>
        {/if}
      {:else}
        <LoadForm {camera} {films} {refused} {next} />
      {/if}
      <ul class="text-[0.9375rem]">
        {#each controls as line, i (i)}<li>{line}</li>{/each}
        {#if fixedLine(camera) !== ''}<li class="text-(--soft)">{fixedLine(camera)}</li>{/if}
      </ul>
      <div class="flex flex-wrap gap-x-5">
        <a class="link" href="/kit/camera/{camera.id}" aria-label="Change {camera.name}">Change</a>
        <a class="link" href="/kit/camera?like={camera.id}" aria-label="Another like {camera.name}"
          >Another like it</a
        >
        <a
          class="link"
          href="/api/v1/archive/kit?camera={encodeURIComponent(camera.id)}"
          download
          aria-label="{camera.name} as a file for somebody else">As a file</a
        >
        <Act act="retire" id={camera.id} words="Retire" label="Retire {camera.name}" look="link" />
      </div>
    </div>
  </details>
</article>
