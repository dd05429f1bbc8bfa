<!-- A light sensor's trace with the width of each pulse at half its height. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { envelopeOf } from '#core/bench/shutter/envelope.ts';
  import type { Pulse } from '#core/bench/shutter/light-trace.ts';
  import type { Trace } from '#core/bench/shutter/read-trace.ts';

  let { trace, pulses }: { trace: Trace; pulses: readonly Pulse[] } = $props();
  const [WIDTH, HEIGHT, COLUMNS] = [760, 160, 380];
  const first = $derived(trace.times[0] ?? 0);
  const last = $derived(trace.times.at(-1) ?? 1);
  const x = $derived(scaleLinear([first, last], [0, WIDTH]));
  const base = $derived(Math.min(...columnEnds(trace.light)));
  const columns = $derived(
    envelopeOf(
      Float32Array.from(trace.light, (v) => v - base),
      0,
      trace.light.length,
      COLUMNS
    )
  );
  const top = $derived(Math.max(1e-9, ...columns.map((c) => c.greatest)));
  const y = (v: number): number => HEIGHT - 8 - (v / top) * (HEIGHT - 24);
  function columnEnds(light: Float64Array): readonly [number, number] {
    let [least, greatest] = [Infinity, -Infinity];
    for (const v of light) [least, greatest] = [Math.min(least, v), Math.max(greatest, v)];
    return [least, greatest];
  }
</script>

<figure class="chart m-0">
  <svg viewBox="0 0 {WIDTH} {HEIGHT}" class="w-full" role="img" aria-label="The light behind the shutter">
    {#each pulses as p (p.openSeconds)}
      <rect
        x={x(p.openSeconds)}
        width={Math.max(1, x(p.closeSeconds) - x(p.openSeconds))}
        height={HEIGHT}
        class="open"
      />
    {/each}
    <path
      d={columns
        .map((c, i) => `${i === 0 ? 'M' : 'L'}${((i + 0.5) * WIDTH) / COLUMNS} ${y(c.greatest).toFixed(1)}`)
        .join('')}
      class="trace"
    />
  </svg>
</figure>

<style>
  .open {
    fill: var(--accent);
    opacity: 0.25;
  }
  .trace {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
  }
</style>
