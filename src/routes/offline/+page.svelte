<script lang="ts">
  import { onMount } from 'svelte';
  import { page } from '$app/state';
  import { cameraOfFrame, carriedPairs } from '#core/offline/carried.ts';
  import type { Frame } from '#core/log/frame.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import FrameCard from '#ui/log/FrameCard.svelte';
  import { offlineActs } from '#ui/offline/frame-acts.ts';
  import CarriedPairs from '#ui/offline/CarriedPairs.svelte';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import OfflineQueue from '#ui/offline/OfflineQueue.svelte';
  import { sayCarried } from '#ui/offline/say-offline.ts';

  const current = useCurrent();
  onMount(() => void offline.carry());
  const carried = $derived(offline.carried);
  const pairs = $derived(carried ? carriedPairs(carried).filter((p) => !p.finished) : []);
  const frames = $derived(carried?.frames.filter((f) => f.loadId === current.pair?.loadId) ?? []);
  /** A frame's camera and film as they were. */
  function takenOf(frame: Frame) {
    const camera = carried && cameraOfFrame(carried, frame);
    return camera && current.pair ? { camera, film: current.pair.film } : null;
  }
  const from = $derived(page.url.searchParams.get('from'));
  const NAMES: Readonly<Record<string, string>> = {
    '/kit': 'Kit',
    '/log': 'Log',
    '/start': 'Entering a camera'
  };
  /** The place that was asked for and is on the server. */
  const missed = $derived(from === null ? '' : (NAMES[`/${from.split('/')[1] ?? ''}`] ?? 'That page'));
</script>

<svelte:head><title>Offline · Just Enough</title></svelte:head>
<h1 class="mt-1 mx-0 mb-3 text-[1.75rem] font-[650]">Offline</h1>
{#if missed !== ''}
  <p class="mb-3.5 py-2.5 px-3.5 [border-left:4px_solid_var(--accent)] bg-(--well)" role="status">
    {missed} is on the server, which does not answer. This is what the phone carries;
    <a href="/shoot">Shoot</a> works.
  </p>
{/if}
<div
  class="grid [grid-template-columns:repeat(auto-fit,_minmax(min(100%,_340px),_1fr))] gap-y-5.5 gap-x-8.5 mb-5.5"
>
  <OfflineQueue />
  <section aria-label="What is carried">
    <h2 class="text-[1.25rem] font-[650] mb-1.5">Carried</h2>
    {#if carried && offline.kept}
      <p class="soft">{sayCarried(offline.kept.offlineKit.carried, offline.kept.keptAt)}</p>
      <CarriedPairs {pairs} inUse={current.pair?.loadId ?? null} />
    {:else if offline.opened}
      <p>This phone carries nothing yet. Open Just Enough once while the server answers.</p>
    {/if}
  </section>
</div>
{#if current.pair && frames.length > 0}
  <h2 class="text-[1.25rem] font-[650] mb-1.5">Frames on {current.pair.film.name}</h2>
  <div class="grid [grid-template-columns:repeat(auto-fill,_minmax(min(100%,_370px),_1fr))] gap-3">
    {#each frames as frame (frame.id)}
      <FrameCard
        {frame}
        taken={takenOf(frame)}
        settings={current.settings}
        recent={current.recent}
        things={current.things}
        acts={offlineActs}
      />
    {/each}
  </div>
{/if}
