<!-- Temperature across, time up: the table of a film as a line, and where it is now. -->
<script lang="ts">
  import { scaleLinear, scaleLog } from 'd3-scale';
  import { developingTime, type DevelopingRow } from '#core/bench/develop/instant-time.ts';
  import { sayClock } from './clock.svelte.ts';

  let { rows, celsius, seconds }: { rows: readonly DevelopingRow[]; celsius: number; seconds: number } =
    $props();
  const HEIGHT = 230;
  /** As wide as there is room, so that its words keep their size. */
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  const x = $derived(scaleLinear([0, 40], [60, WIDTH - 16]).clamp(true));
  const most = $derived(Math.max(...rows.map((r) => r.seconds)) * 1.3);
  const least = $derived(Math.min(...rows.map((r) => r.seconds)) / 1.3);
  const y = $derived(scaleLog([least, most], [HEIGHT - 40, 14]));
  const line = $derived(
    Array.from({ length: 81 }, (_, i) => i / 2)
      .map(
        (c, i) => `${i === 0 ? 'M' : 'L'}${x(c).toFixed(1)} ${y(developingTime(rows, c).seconds).toFixed(1)}`
      )
      .join('')
  );
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg viewBox="0 0 {WIDTH} {HEIGHT}" class="w-full" role="img" aria-label="Developing time by temperature">
    {#each [0, 10, 20, 30, 40] as c (c)}
      <path d="M{x(c)} 10V{HEIGHT - 32}" class="grid" />
      <text x={x(c)} y={HEIGHT - 8} text-anchor={c === 40 ? 'end' : 'middle'}>{c} °C</text>
    {/each}
    {#each rows as r (r.temperatureC)}
      <circle cx={x(r.temperatureC)} cy={y(r.seconds)} r="5" class="row" />
      <text x="0" y={y(r.seconds) + 6}>{sayClock(r.seconds)}</text>
    {/each}
    <path d={line} class="line" />
    <circle cx={x(celsius)} cy={y(seconds)} r="10" class="now" />
  </svg>
</figure>

<style>
  .grid {
    stroke: var(--line);
  }
  .line {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2.5;
  }
  .row {
    fill: var(--ink);
  }
  .now {
    fill: var(--accent);
  }
  text {
    fill: var(--ink);
    font-size: 17px;
  }
</style>
