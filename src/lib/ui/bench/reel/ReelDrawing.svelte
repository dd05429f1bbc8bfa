<!-- One side of a reel as a strip, from full to empty: what is gone, what is left, and each shot where it will lie. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { ReelShot } from '#core/bench/reel.ts';

  let {
    feet,
    counter,
    shots,
    perFoot
  }: { feet: number; counter: number; shots: readonly ReelShot[]; perFoot: number } = $props();
  const [HEIGHT, TOP] = [120, 26];
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  const x = $derived(scaleLinear([feet, 0], [10, WIDTH - 10]).clamp(true));
  const starts = $derived(shots.map((_, i) => shots[i - 1]?.counterFeet ?? counter));
  const marks = $derived([1, 0.8, 0.6, 0.4, 0.2, 0].map((share) => share * feet));
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    class="w-full"
    role="img"
    aria-label="What is left of this side, {perFoot} pictures a foot"
  >
    <rect x="10" y={TOP} width={WIDTH - 20} height="46" class="strip" />
    <rect x="10" y={TOP} width={Math.max(0, x(counter) - 10)} height="46" class="gone" />
    {#each shots as shot, i (i)}
      <rect
        x={x(starts[i] ?? counter) + 1}
        y={TOP + 8}
        width={Math.max(1, x(shot.counterFeet) - x(starts[i] ?? counter) - 2)}
        height="30"
        class={shot.counterFeet < 0 ? 'missing' : 'shot'}
      />
    {/each}
    <path d="M{x(counter)} 8V{TOP + 54}" class="counter" />
    {#each marks as m (m)}
      <path d="M{x(m)} {TOP + 46}v8" class="tick" />
      <text x={Math.min(WIDTH - 18, Math.max(18, x(m)))} y={TOP + 72} text-anchor="middle"
        >{Math.round(m)} ft</text
      >
    {/each}
  </svg>
</figure>

<style>
  .strip {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  .gone {
    fill: var(--ink);
    opacity: 0.75;
  }
  .shot {
    fill: var(--ink);
    opacity: 0.3;
  }
  .missing {
    fill: none;
    stroke: var(--accent);
    stroke-width: 2.5;
  }
  .counter {
    stroke: var(--accent);
    stroke-width: 2.5;
  }
  .tick {
    stroke: var(--ink);
  }
  text {
    fill: var(--ink);
    font-size: 14px;
  }
</style>
