<!-- The time in the developer from left to right: each turn of the tank a stroke, the hand where it stands now. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { POUR_SECONDS, roundsOf, type Scheme } from '#core/bench/develop/agitation.ts';
  import { sayClock } from './clock.svelte.ts';

  let { scheme, total, elapsed }: { scheme: Scheme; total: number; elapsed: number | null } = $props();
  const HEIGHT = 110;
  /** As wide as there is room, so that its words keep their size. */
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  const x = $derived(scaleLinear([0, total], [10, WIDTH - 10]));
  const first = $derived(Math.ceil(scheme.firstSeconds / scheme.everySeconds));
  const turns = $derived(
    Array.from({ length: roundsOf(scheme, total) }, (_, i) => (first + i) * scheme.everySeconds)
  );
  const minutes = $derived(Array.from({ length: Math.floor(total / 60) + 1 }, (_, i) => i));
  const isEvery = (m: number): boolean => m % Math.max(1, Math.ceil((minutes.length * 32) / WIDTH)) === 0;
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    class="w-full"
    role="img"
    aria-label="{sayClock(total)} in the developer, turned over {turns.length} times after the start"
  >
    <rect x={x(0)} y="30" width={x(total) - x(0)} height="40" class="bath" />
    <rect x={x(0)} y="30" width={x(Math.min(total, scheme.firstSeconds)) - x(0)} height="40" class="turn" />
    {#each turns as at (at)}
      <rect x={x(at)} y="30" width={Math.max(2, x(at + scheme.inSeconds) - x(at))} height="40" class="turn" />
    {/each}
    <rect
      x={x(Math.max(0, total - POUR_SECONDS))}
      y="30"
      width={x(total) - x(total - POUR_SECONDS)}
      height="40"
      class="pour"
    />
    {#each minutes as m (m)}
      {#if isEvery(m)}<text x={x(m * 60)} y="96" text-anchor={m === 0 ? 'start' : 'middle'}
          >{m === 0 ? '0 min' : m}</text
        >{/if}
    {/each}
    {#if elapsed !== null}<path d="M{x(Math.min(total, elapsed))} 16v66" class="hand" />{/if}
  </svg>
</figure>

<style>
  .bath {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  .turn {
    fill: var(--ink);
    opacity: 0.55;
  }
  .pour {
    fill: var(--accent);
  }
  .hand {
    stroke: var(--accent);
    stroke-width: 5;
  }
  text {
    fill: var(--ink);
    font-size: 17px;
  }
</style>
