<!-- Seconds on a scale: where each stack lies, from the widest aperture to the smallest, and the length that is wanted. -->
<script lang="ts">
  import { scaleLog } from 'd3-scale';
  import type { LongRow } from '#core/bench/long-table.ts';
  import type { Stack } from '#core/bench/stacks.ts';
  import { sayTime } from '../../text/say.ts';

  let { rows, wanted }: { rows: readonly LongRow[]; wanted: number | null } = $props();
  /** As wide as there is room, so that its words keep their size. */
  let room = $state(0);
  const name = ({ stops }: Stack): string =>
    stops === 0 ? 'bare' : stops === 1 ? '1 stop' : `${stops} stops`;
  const [LEFT, ROW] = [76, 26];
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 760);
  const MARKS_S = $derived(
    WIDTH < 560 ? [1, 4, 15, 60, 300, 3600] : [1, 2, 4, 8, 15, 30, 60, 120, 300, 900, 3600]
  );
  const x = $derived(scaleLog([1, 3600], [LEFT, WIDTH - 30]).clamp(true));
  const height = $derived(rows.length * ROW + 40);
</script>

<figure class="chart m-0" bind:clientWidth={room}>
  <svg
    viewBox="0 0 {WIDTH} {height}"
    class="w-full"
    role="img"
    aria-label="Lengths of every stack on a scale of seconds"
  >
    {#each MARKS_S as s (s)}
      <path d="M{x(s)} 6V{height - 26}" class="line" />
      <text x={x(s)} y={height - 8} text-anchor="middle">{sayTime(s)}</text>
    {/each}
    {#each rows as { stack, cells }, r (r)}
      {@const y = 20 + r * ROW}
      {@const found = cells.flatMap((c) => (c ? [c.seconds] : []))}
      <text x={LEFT - 12} y={y + 5} text-anchor="end">{name(stack)}</text>
      <path d="M{x(Math.min(...found))} {y}H{x(Math.max(...found))}" class="span" />
      {#each found as s, i (i)}<circle cx={x(s)} cy={y} r="5" class="dot" />{/each}
    {/each}
    {#if wanted !== null}<path d="M{x(wanted)} 2V{height - 26}" class="wanted" />{/if}
  </svg>
</figure>

<style>
  .line {
    stroke: var(--line);
  }
  .span {
    stroke: var(--ink);
    stroke-width: 2;
  }
  .dot {
    fill: var(--ink);
  }
  .wanted {
    stroke: var(--accent);
    stroke-width: 2.5;
  }
  text {
    fill: var(--ink);
    font-size: 13px;
  }
</style>
