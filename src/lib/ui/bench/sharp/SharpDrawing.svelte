<!-- From the camera to the far distance: for each aperture the stretch that is sharp, and where the subject stands. -->
<script lang="ts">
  import { scaleLog } from 'd3-scale';
  import type { SharpCell } from '#core/focus/sharp-table.ts';
  import { formatFNumberDigits } from '#core/units/aperture.ts';
  import { markOfFNumber } from '#core/units/series.ts';
  import { sayMetres } from '../../text/say.ts';

  let { cells, subjectM }: { cells: readonly SharpCell[]; subjectM: number } = $props();
  const [LEFT, ROW] = [56, 34];
  /** As wide as there is room, so that its words keep their size. */
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  /** Beyond this everything looks as far as the hills. */
  const FAR_M = 60;
  const MARKS_M = $derived(WIDTH < 560 ? [1, 2, 5, 10, 40] : [0.5, 1, 2, 3, 5, 10, 20, 40]);
  const nearest = $derived(Math.min(0.4, subjectM * 0.7, ...cells.map((c) => c.nearM * 0.8)));
  const x = $derived(scaleLog([nearest, FAR_M], [LEFT, WIDTH - 40]).clamp(true));
  const height = $derived(cells.length * ROW + 70);
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg viewBox="0 0 {WIDTH} {height}" class="w-full" role="img" aria-label="What is sharp at each aperture">
    {#each MARKS_M as m (m)}
      {#if m > nearest}
        <path d="M{x(m)} 26V{height - 34}" class="line" />
        <text x={x(m)} y={height - 14} text-anchor="middle">{m} m</text>
      {/if}
    {/each}
    <text x={WIDTH - 26} y={height - 14} text-anchor="middle">far</text>
    {#each cells as { fNumber, nearM, farM }, i (fNumber)}
      {@const y = 34 + i * ROW}
      <text x={LEFT - 10} y={y + 17} text-anchor="end">f/{formatFNumberDigits(markOfFNumber(fNumber))}</text>
      <rect
        x={x(nearM)}
        {y}
        width={Math.max(2, (farM >= FAR_M ? WIDTH - 12 : x(farM)) - x(nearM))}
        height={ROW - 10}
        class={nearM <= subjectM * 1.001 && farM >= subjectM * 0.999 ? 'holds' : 'misses'}
      >
        <title>f/{formatFNumberDigits(markOfFNumber(fNumber))}: {sayMetres(nearM)} to {sayMetres(farM)}</title
        >
      </rect>
    {/each}
    <!-- the subject -->
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
