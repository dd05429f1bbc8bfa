<script module lang="ts">
  import type { Film } from '#core/film/film.ts';
  import type { Stretch, Window } from '#core/plan/windows.ts';
  import type { ToneAt } from '../../../workers/plan.ts';

  /** A pair's way through a day: as tall as a print where it works, in the tone that a mid grey comes out as. */
  export interface DayStripProps {
    span: Stretch;
    film: Film;
    tones: readonly ToneAt[];
    windows: readonly Window[];
    /** The minute that is pointed at. */
    atMs: number;
    label: string;
  }
</script>

<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { printTone } from '#core/film/print.ts';
  import { filmWindow } from '#core/film/window.ts';
  import { greyOf } from '../rule/strips.ts';

  let { span, film, tones, windows, atMs, label }: DayStripProps = $props();
  const WIDTH = 1000;
  const TALL = 30;
  const THIN = 8;
  const x = $derived(scaleLinear([span.fromMs, span.toMs], [0, WIDTH]).clamp(true));
  const tone = $derived(printTone(film, filmWindow(film, 'normal').usable));
  const bars = $derived(
    tones.map(({ ms, deltaStops }, i) => {
      // each look holds half way to its neighbours
      const from = i === 0 ? span.fromMs : (ms + (tones[i - 1]?.ms ?? ms)) / 2;
      const to = i === tones.length - 1 ? span.toMs : (ms + (tones[i + 1]?.ms ?? ms)) / 2;
      return { from, to, fill: greyOf(tone(0, deltaStops)) };
    })
  );
  const uid = $props.id();
</script>

<svg
  class="block h-[34px] w-full"
  viewBox="0 0 {WIDTH} {TALL + 4}"
  preserveAspectRatio="none"
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
    <g clip-path={clip}>
      {#each bars as bar (bar.from)}
        <rect x={x(bar.from)} {y} width={x(bar.to) - x(bar.from) + 0.5} {height} fill={bar.fill} />
      {/each}
    </g>
  {/each}
  {#each windows as { from, to } (from.likelyMs)}
    {@const width = Math.max(3, x(to.likelyMs) - x(from.likelyMs))}
    <rect class="open" x={x(from.likelyMs)} y="1" {width} height={TALL + 2} />
    {#each [from, to] as edge, i (i)}
      <path class="spread" d="M{x(edge.earliestMs)} {TALL / 2 + 2}H{x(edge.latestMs)}" />
    {/each}
  {/each}
  <path class="at" d="M{x(atMs)} 0V{TALL + 4}" />
</svg>

<style>
  .open,
  .spread,
  .at {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5px;
    vector-effect: non-scaling-stroke;
  }
  .spread {
    stroke-dasharray: 2 3;
  }
  .at {
    stroke: var(--accent);
    stroke-width: 2.5px;
  }
  @media (forced-colors: active) {
    svg {
      forced-color-adjust: none;
      --ink: CanvasText;
      --accent: Highlight;
    }
  }
</style>
