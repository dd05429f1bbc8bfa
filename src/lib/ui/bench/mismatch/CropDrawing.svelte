<!-- The finder's view, and the part of it that the film gets. -->
<script lang="ts">
  import type { Crop } from '#core/bench/mismatch/crop.ts';

  let { crop, sizeMm }: { crop: Crop; sizeMm: readonly [number, number] } = $props();
  const WIDTH = 300;
  const height = $derived((WIDTH * sizeMm[1]) / sizeMm[0]);
  const [w, h] = $derived([WIDTH * crop.width, height * crop.height]);
</script>

<figure class="chart m-0">
  <svg
    viewBox="-4 -4 {WIDTH + 8} {height + 8}"
    class="w-full max-w-80"
    role="img"
    aria-label="What the film gets of the finder's view"
  >
    <rect width={WIDTH} {height} class="finder" />
    <path d="M0 {height * 0.72}l80-46 60 30 70-52 90 68v{height * 0.28}H0z" class="hill" />
    <circle cx={WIDTH / 2} cy={height * 0.52} r="17" class="hill" />
    <path d="M{WIDTH / 2 - 20} {height}v-{height * 0.36}h40v{height * 0.36}z" class="hill" />
    <rect x={(WIDTH - w) / 2} y={(height - h) / 2} width={w} height={h} class="film" />
  </svg>
</figure>

<style>
  .finder {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
    stroke-dasharray: 6 5;
  }
  .hill {
    fill: var(--ink);
    opacity: 0.3;
  }
  .film {
    fill: none;
    stroke: var(--accent);
    stroke-width: 5;
  }
</style>
