<!-- A release as it was heard, with the two marks over it: dragged, or moved by the arrow keys. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { envelopeOf } from '#core/bench/shutter/envelope.ts';
  import type { Onset } from '#core/bench/shutter/onsets.ts';
  import type { Recording } from '../../heard/recording.ts';
  import type { Marked } from '../../heard/clicks.svelte.ts';

  let {
    recording,
    onsets,
    marked,
    onmarked
  }: {
    recording: Recording;
    /** The clicks of the release. */
    onsets: readonly Onset[];
    marked: Marked | null;
    onmarked: (marked: Marked) => void;
  } = $props();
  const [WIDTH, HEIGHT, COLUMNS] = [760, 170, 380];
  const first = $derived(onsets[0]?.atSeconds ?? 0);
  const last = $derived(onsets.at(-1)?.atSeconds ?? 1);
  const slack = $derived(Math.max(0.03, (last - first) * 0.15));
  const [from, to] = $derived([Math.max(0, first - slack), last + slack]);
  const x = $derived(scaleLinear([from, to], [0, WIDTH]));
  const columns = $derived(
    envelopeOf(recording.samples, from * recording.rate, to * recording.rate, COLUMNS)
  );
  const loudest = $derived(Math.max(1e-6, ...columns.map((c) => Math.max(c.greatest, -c.least))));
  const y = (v: number): number => HEIGHT / 2 - (v / loudest) * (HEIGHT / 2 - 12);
  const path = $derived(
    columns
      .map(
        (c, i) =>
          `M${((i + 0.5) * WIDTH) / COLUMNS} ${y(c.greatest).toFixed(1)}V${(y(c.least) + 0.6).toFixed(1)}`
      )
      .join('')
  );
  let dragged = $state<'openSeconds' | 'closeSeconds' | null>(null);
  let svg: SVGSVGElement;
  function drag(event: PointerEvent): void {
    if (!dragged || !marked) return;
    const box = svg.getBoundingClientRect();
    put(dragged, x.invert(((event.clientX - box.left) / box.width) * WIDTH));
  }
  function put(which: 'openSeconds' | 'closeSeconds', at: number): void {
    if (!marked) return;
    const held = Math.min(to, Math.max(from, at));
    const next = { ...marked, [which]: held };
    if (next.closeSeconds > next.openSeconds) onmarked(next);
  }
  function key(event: KeyboardEvent, which: 'openSeconds' | 'closeSeconds'): void {
    const way = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (way === 0 || !marked) return;
    event.preventDefault();
    put(which, marked[which] + way * (event.shiftKey ? 0.0001 : 0.001));
  }
  const NAMES = { openSeconds: 'Opening', closeSeconds: 'Closing' } as const;
</script>

<svg
  bind:this={svg}
  viewBox="0 0 {WIDTH} {HEIGHT}"
  class="w-full touch-none"
  role="group"
  aria-label="The release as it was heard"
  onpointermove={drag}
  onpointerup={() => (dragged = null)}
  onpointerleave={() => (dragged = null)}
>
  <path d={path} class="stroke-(--ink) stroke-[1.4px]" />
  {#each onsets as o (o.atSeconds)}<path
      d="M{x(o.atSeconds)} {HEIGHT - 8}v8"
      class="stroke-(--soft) stroke-2"
    />{/each}
  {#if marked}
    <rect
      x={x(marked.openSeconds)}
      width={Math.max(0, x(marked.closeSeconds) - x(marked.openSeconds))}
      height={HEIGHT}
      class="fill-(--ink) opacity-[0.1]"
    />
    {#each ['openSeconds', 'closeSeconds'] as const as which (which)}
      <g
        transform="translate({x(marked[which])} 0)"
        class="[cursor:ew-resize]"
        role="slider"
        tabindex="0"
        aria-label={NAMES[which]}
        aria-valuemin={from}
        aria-valuemax={to}
        aria-valuenow={marked[which]}
        aria-valuetext="{marked[which].toFixed(4)} s"
        onpointerdown={(e) => {
          dragged = which;
          e.preventDefault();
          e.currentTarget.focus();
        }}
        onkeydown={(e) => key(e, which)}
      >
        <rect x="-22" width="44" height={HEIGHT} class="[fill:transparent]" />
        <path d="M0 0V{HEIGHT}" class="stroke-(--accent) stroke-[2.5px]" />
        <path d="M-9 0h18l-9 13z" class="fill-(--accent)" />
      </g>
    {/each}
  {/if}
</svg>
