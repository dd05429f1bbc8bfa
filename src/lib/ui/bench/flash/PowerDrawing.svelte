<!-- From the flash outwards: where each of its powers serves, and where the subject stands. -->
<script lang="ts">
  import { scaleLog } from 'd3-scale';
  import type { PowerRow } from '#core/bench/flash-table.ts';
  import { sayMetres } from '../../text/say.ts';

  let {
    rows,
    subjectM,
    name
  }: { rows: readonly PowerRow[]; subjectM: number; name: (stops: number) => string } = $props();
  const [LEFT, ROW] = [56, 34];
  /** As wide as there is room, so that its words keep their size. */
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  const MARKS_M = $derived(WIDTH < 560 ? [0.5, 1, 2, 5, 10] : [0.5, 1, 1.5, 2, 3, 5, 8, 12, 20]);
  const x = $derived(scaleLog([0.35, 30], [LEFT, WIDTH - 24]).clamp(true));
  const height = $derived(rows.length * ROW + 66);
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg viewBox="0 0 {WIDTH} {height}" class="w-full" role="img" aria-label="How far each power serves">
    {#each MARKS_M as m (m)}
      <path d="M{x(m)} 26V{height - 34}" class="line" />
      <text x={x(m)} y={height - 14} text-anchor="middle">{m} m</text>
    {/each}
    {#each rows as { use, range }, i (use.powerStops)}
      {@const y = 34 + i * ROW}
      <text x={LEFT - 10} y={y + 17} text-anchor="end">{name(use.powerStops)}</text>
      {#if range}
        <rect
          x={x(range.fromM)}
          {y}
          width={Math.max(3, x(range.toM) - x(range.fromM))}
          height={ROW - 10}
          class={range.fromM <= subjectM && range.toM >= subjectM ? 'holds' : 'misses'}
        >
          <title>{name(use.powerStops)}: {sayMetres(range.fromM)} to {sayMetres(range.toM)}</title>
        </rect>
      {/if}
    {/each}
    <g transform="translate({x(subjectM)} 0)">
      <path d="M0 24V{height - 34}" class="subject" />
      <circle cy="8" r="6" class="head" />
      <path d="M-7 26q7-16 14 0z" class="head" />
    </g>
  </svg>
</figure>

<style>
  .line {
    stroke: var(--line);
  }
  .holds {
    fill: var(--ink);
  }
  .misses {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  .subject {
    stroke: var(--accent);
    stroke-width: 2.5;
  }
  .head {
    fill: var(--accent);
  }
  text {
    fill: var(--ink);
    font-size: 14px;
  }
</style>
