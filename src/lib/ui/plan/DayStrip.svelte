<script module lang="ts">
  import type { Film } from '#core/film/film.ts';
  import type { Looked, Stretch, Window } from '#core/plan/windows.ts';

  /** A pair's way through a day: as tall as a print where it works, in the tone that a mid grey comes out as. */
  export interface DayStripProps {
    span: Stretch;
    film: Film;
    looked: readonly Looked[];
    windows: readonly Window[];
    /** The minute that is pointed at. */
    atMs: number;
    /** When frames were taken. */
    taken: readonly number[];
    label: string;
  }
</script>

<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { printTone } from '#core/film/print.ts';
  import { filmWindow } from '#core/film/window.ts';
  import { greyOf } from '../rule/strips.ts';

  let { span, film, looked, windows, atMs, taken, label }: DayStripProps = $props();
  const WIDTH = 1000;
  const TALL = 30;
  const THIN = 8;
  const x = $derived(scaleLinear([span.fromMs, span.toMs], [0, WIDTH]).clamp(true));
  const tone = $derived(printTone(film, filmWindow(film, 'normal').usable));
  const bars = $derived.by(() => {
    const runs: { from: number; to: number; fill: string }[] = [];
    looked.forEach(({ ms, deltaStops }, i) => {
      // each look holds half way to its neighbours; to a tenth of a stop looked are the same
      const from = i === 0 ? span.fromMs : (ms + (looked[i - 1]?.ms ?? ms)) / 2;
      const to = i === looked.length - 1 ? span.toMs : (ms + (looked[i + 1]?.ms ?? ms)) / 2;
      const fill = greyOf(tone(0, Math.round(deltaStops * 10) / 10));
      const last = runs.at(-1);
      if (last?.fill === fill) last.to = to;
      else runs.push({ from, to, fill });
    });
    return runs;
  });
  const uid = $props.id();
</script>

<svg
  class="block h-[34px] w-full forced-colors:[forced-color-adjust:none] forced-colors:[--ink:CanvasText] forced-colors:[--accent:Highlight]"
  viewBox="0 0 {WIDTH} {TALL + 4}"
  preserveAspectRatio="none"
  shape-rendering="crispEdges"
  role="img"
  aria-label={label}
>
  <clipPath id="{uid}-open">
    {#each windows as { from, to } (from.likelyMs)}
      <rect
        x={x(from.likelyMs)}
        y="0"
        width={Math.max(3, x(to.likelyMs) - x(from.likelyMs))}
        height={TALL + 4}
      />
    {/each}
  </clipPath>
  {#each [['thin', THIN, (TALL - THIN) / 2 + 2, undefined], ['tall', TALL, 2, `url(#${uid}-open)`]] as const as [name, height, y, clip] (name)}
    <g class="tones" clip-path={clip}>
      {#each bars as bar (bar.from)}
        <rect x={x(bar.from)} {y} width={x(bar.to) - x(bar.from) + 0.5} {height} fill={bar.fill} />
      {/each}
    </g>
  {/each}
  {#each windows as { from, to } (from.likelyMs)}
    {@const width = Math.max(3, x(to.likelyMs) - x(from.likelyMs))}
    <rect
      class="fill-none stroke-(--ink) stroke-[1.5px] [vector-effect:non-scaling-stroke]"
      x={x(from.likelyMs)}
      y="1"
      {width}
      height={TALL + 2}
    />
    {#each [from, to] as edge, i (i)}
      <path
        class="fill-none stroke-(--ink) stroke-[1.5px] [vector-effect:non-scaling-stroke] [stroke-dasharray:2_3]"
        d="M{x(edge.earliestMs)} {TALL / 2 + 2}H{x(edge.latestMs)}"
      />
    {/each}
  {/each}
  {#each taken as ms (ms)}<path
      class="stroke-(--accent) stroke-[5px] [vector-effect:non-scaling-stroke]"
      d="M{x(ms)} {TALL / 2 - 4}v12"
    />{/each}
  <path
    class="fill-none stroke-(--accent) stroke-[2.5px] [vector-effect:non-scaling-stroke]"
    d="M{x(atMs)} 0V{TALL + 4}"
  />
</svg>
