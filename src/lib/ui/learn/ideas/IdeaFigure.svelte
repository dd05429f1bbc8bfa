<!-- A figure of an idea: prints side by side, stretches on a scale, or a table. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import ScenePrint from '../../verdict/ScenePrint.svelte';
  import TableCard from '../tables/TableCard.svelte';
  import type { Figure } from './figure.ts';

  let { figure }: { figure: Figure } = $props();
  let room = $state(0);
  /** As wide as there is room, so that its words keep their size. */
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  const [ROW, TOP] = [46, 8];
  const x = $derived(
    figure.kind === 'bars' ? scaleLinear([figure.from, figure.to], [14, WIDTH - 14]).clamp(true) : null
  );
</script>

{#if figure.kind === 'prints'}
  <div class="grid grid-cols-[repeat(auto-fit,minmax(110px,1fr))] gap-2 bg-(--table) p-2.5">
    {#each figure.prints as { film, tone, deltaStops, label } (label)}
      <ScenePrint {film} {tone} {deltaStops} {label} />
    {/each}
  </div>
{:else if figure.kind === 'bars' && x}
  {@const height = TOP + figure.rows.length * ROW + 26}
  <figure class="chart m-0 min-w-0" bind:clientWidth={room}>
    <svg
      viewBox="0 0 {WIDTH} {height}"
      class="w-full"
      role="img"
      aria-label={figure.rows.map((r) => `${r.name}: ${r.says}`).join('; ')}
    >
      {#each x.ticks(6) as tick (tick)}
        <path d="M{x(tick)} {TOP}V{height - 24}" class="stroke-(--line)" />
        <text class="fill-(--ink) text-[14px]" x={x(tick)} y={height - 6} text-anchor="middle"
          >{String(tick).replace('-', '−')}</text
        >
      {/each}
      {#each figure.rows as { name, from, to, says }, i (name)}
        <text class="fill-(--ink) text-[14px]" x="14" y={TOP + i * ROW + 16}>{name}: {says}</text>
        <rect
          x={x(from)}
          width={Math.max(2, x(to) - x(from))}
          y={TOP + i * ROW + 22}
          height="16"
          class="bar fill-(--ink)"
        />
      {/each}
    </svg>
    <figcaption class="soft text-[0.875rem]">{figure.unit}</figcaption>
  </figure>
{:else if figure.kind === 'table'}
  <TableCard head={figure.head} rows={figure.rows} />
{/if}
