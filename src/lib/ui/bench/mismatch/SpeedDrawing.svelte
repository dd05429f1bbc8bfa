<!-- Film speeds slow to fast: what the camera believes as it is entered, what the frames say, and the film in it. -->
<script lang="ts">
  import { scaleLog } from 'd3-scale';
  import { speedRange, type BelievedSpeed } from '#core/bench/mismatch/believed-speed.ts';

  let { found, film, now }: { found: BelievedSpeed; film: number; now: number } = $props();
  const HEIGHT = 130;
  /** As wide as there is room, so that its words keep their size. */
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  const x = $derived(
    scaleLog([12, 6400], [20, WIDTH - 20])
      .base(2)
      .clamp(true)
  );
  const SPEEDS = $derived(WIDTH < 560 ? [25, 100, 400, 1600] : [25, 50, 100, 200, 400, 800, 1600, 3200]);
  const range = $derived(speedRange(found));
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    class="w-full"
    role="img"
    aria-label="What it believes, and the film in it"
  >
    <path d="M20 70H{WIDTH - 20}" class="line" />
    {#each SPEEDS as iso (iso)}
      <path d="M{x(iso)} 64v12" class="line" /><text x={x(iso)} y="100" text-anchor="middle">{iso}</text>
    {/each}
    <rect x={x(range[0])} width={x(range[1]) - x(range[0])} y="56" height="28" class="found" />
    <circle cx={x(found.iso)} cy="70" r="8" class="ink" />
    <path d="M{x(film)} 52l-8-14h16z" class="ink" /><text x={x(film)} y="30" text-anchor="middle">film</text>
    {#if Math.abs(Math.log2(now / film)) > 0.4}
      <path d="M{x(now)} 52l-8-14h16z" class="open" /><text x={x(now)} y="30" text-anchor="middle"
        >entered</text
      >
    {/if}
  </svg>
</figure>

<style>
  .line {
    stroke: var(--ink);
    stroke-width: 2;
  }
  .found {
    fill: var(--accent);
    opacity: 0.35;
  }
  .ink {
    fill: var(--ink);
  }
  .open {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  text {
    fill: var(--ink);
    font-size: 17px;
  }
</style>
