<!-- Every combination as a dot: how much too dark or too light it comes out across, how long it is open down. -->
<script lang="ts">
  import { scaleLinear, scaleLog } from 'd3-scale';
  import type { DialCell } from '#core/bench/mismatch/dial-table.ts';
  import { sayTime } from '../../text/say.ts';

  let {
    cells,
    picks,
    chosen,
    from,
    to
  }: {
    cells: readonly DialCell[];
    /** Those that stand out, by name. */
    picks: readonly { readonly name: string; readonly cell: DialCell }[];
    chosen: DialCell;
    /** What the film takes, stops about what is worth aiming for. */
    from: number;
    to: number;
  } = $props();
  const [HEIGHT, LEFT] = [260, 66];
  /** As wide as there is room, so that its words keep their size. */
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);

  const MOST = 5;
  const x = $derived(scaleLinear([-MOST, MOST], [LEFT, WIDTH - 14]).clamp(true));
  const STOPS = $derived(WIDTH < 560 ? [-3, 0, 3] : [-4, -2, 0, 2, 4]);
  const times = $derived(cells.map((c) => c.verdict.exposure.seconds));
  const y = $derived(scaleLog([Math.min(...times) / 1.5, Math.max(...times) * 1.5], [HEIGHT - 44, 26]));
  const radius = ({ verdict }: DialCell): number => 3 + 34 / verdict.exposure.fNumber;
  const ticks = $derived(
    [Math.min(...times), Math.max(...times)].filter((t, i, all) => all.indexOf(t) === i)
  );
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    class="w-full"
    role="img"
    aria-label="Every combination: too dark, right or too light, and how long"
  >
    <rect x={x(from)} width={Math.max(0, x(to) - x(from))} y="10" height={HEIGHT - 44} class="takes" />
    {#each STOPS as stops (stops)}
      <text x={x(stops)} y={HEIGHT - 8} text-anchor="middle"
        >{stops === 0 ? 'right' : `${Math.abs(stops)} ${stops < 0 ? 'darker' : 'lighter'}`}</text
      >
      <path d="M{x(stops)} 10V{HEIGHT - 34}" class="grid" />
    {/each}
    {#each ticks as t (t)}<text x="0" y={y(t) + 6}>{sayTime(t)}</text>{/each}
    {#each cells as cell, i (i)}
      <circle
        cx={x(cell.offStops)}
        cy={y(cell.verdict.exposure.seconds)}
        r={radius(cell)}
        class={cell === chosen ? 'dot chosen' : 'dot'}
      />
    {/each}
    {#each picks as { name, cell }, i (name)}
      <text
        x={x(cell.offStops) + (x(cell.offStops) > WIDTH - 190 ? -14 : 14)}
        y={y(cell.verdict.exposure.seconds) - 12 + i * 17}
        text-anchor={x(cell.offStops) > WIDTH - 190 ? 'end' : 'start'}
        class="name">{name}</text
      >
    {/each}
  </svg>
</figure>

<style>
  .takes {
    fill: var(--accent);
    opacity: 0.18;
  }
  .grid {
    stroke: var(--line);
  }
  .dot {
    fill: var(--ink);
    opacity: 0.45;
  }
  .chosen {
    opacity: 1;
    stroke: var(--accent);
    stroke-width: 4;
  }
  text {
    fill: var(--ink);
    font-size: 16px;
  }
  .name {
    font-weight: 600;
  }
</style>
