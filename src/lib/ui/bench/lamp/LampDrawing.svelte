<!-- The floor between subject and lamp with tape marks, metres and feet: how likely a frame is with the lamp at each of them. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { LampPlace } from '#core/bench/lamp.ts';

  let { places, distanceM, best }: { places: readonly LampPlace[]; distanceM: number; best: number | null } =
    $props();
  const [LEFT, TOP, HEIGHT] = [60, 20, 150];
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  const FAR_M = 6;
  const x = $derived(scaleLinear([0, FAR_M], [LEFT, WIDTH - 16]).clamp(true));
  const y = scaleLinear([0, 1], [TOP + HEIGHT, TOP]);
  const area = $derived(
    places.length === 0
      ? ''
      : `M${x(places[0]?.distanceM ?? 0)} ${y(0)}${places
          .filter((p) => p.distanceM <= FAR_M)
          .map((p) => `L${x(p.distanceM).toFixed(1)} ${y(p.verdict.pUsable).toFixed(1)}`)
          .join('')}V${y(0)}Z`
  );
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg
    viewBox="0 0 {WIDTH} 240"
    class="w-full"
    role="img"
    aria-label="How likely a frame is with the lamp at each distance"
  >
    <path d={area} class="chance" />
    <path d="M{LEFT - 20} {y(0)}H{WIDTH - 10}" class="floor" />
    <!-- the subject -->
    <circle cx="30" cy={y(0) - 74} r="12" class="body" />
    <path d="M16 {y(0) - 56}q14-10 28 0l-4 32v24h-7v-22h-6v22h-7v-24z" class="body" />
    {#each [1, 2, 3, 4, 5, 6] as m (m)}
      <path d="M{x(m)} {y(0)}v12" class="tick" />
      <text x={x(m)} y={y(0) + 28} text-anchor="middle">{m} m</text>
    {/each}
    {#each [2, 5, 10, 15] as ft (ft)}
      <path d="M{x(ft * 0.3048)} {y(0) + 36}v8" class="tick" />
      <text x={x(ft * 0.3048)} y={y(0) + 60} text-anchor="middle">{ft} ft</text>
    {/each}
    {#if best !== null}<path d="M{x(best)} {TOP}V{y(0)}" class="best" />{/if}
    <g transform="translate({x(distanceM)} 0)">
      <path d="M0 {y(0)}V{y(0) - 84}M-12 {y(0)}h24" class="stand" />
      <path d="M10 {y(0) - 100}l-26 4v20l26 4z" class="lamp" />
    </g>
  </svg>
</figure>

<style>
  .chance {
    fill: var(--ink);
    opacity: 0.18;
  }
  .floor,
  .tick {
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  .body {
    fill: var(--ink);
  }
  .best {
    stroke: var(--ink);
    stroke-width: 1.5;
    stroke-dasharray: 4 4;
  }
  .stand {
    stroke: var(--accent);
    stroke-width: 3;
  }
  .lamp {
    fill: var(--accent);
  }
  text {
    fill: var(--ink);
    font-size: 14px;
  }
</style>
