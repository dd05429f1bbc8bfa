<script lang="ts">
  import { FEWEST_FRAMES, fromFrames, type MeasuredTime } from '#core/bench/shutter/slow-motion.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { parseDecimal } from '#core/units/decimal.ts';
  import { sayTime } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { tenths } from '../say-bench.ts';
  import Tile from '../../tile/Tile.svelte';

  let { ontaken }: { ontaken: (time: MeasuredTime) => void } = $props();
  let fps = $state(240);
  let bright = $state(0);
  let dim = $state(2);
  const measured = $derived(bright + dim > 0 ? fromFrames(bright, dim, fps) : null);
  const between =
    (what: string, least: number, most: number) =>
    (text: string): Result<number, string> => {
      const n = parseDecimal(text);
      return n !== null && Number.isInteger(n) && n >= least && n <= most
        ? ok(n)
        : err(`“${text}” is no number of ${what}. Give ${least} to ${most}.`);
    };
</script>

<p class="leading-snug">
  Film the open back against a bright window, at as many frames a second as the phone can. Count the frames
  that show light, and how many of them at the ends are dimmer.
</p>
<div class="grid grid-cols-2 items-start gap-1.5 sm:grid-cols-3">
  <ReadTile
    label="Frames a second, as taken"
    text={String(fps)}
    read={between('frames a second', 24, 20_000)}
    onread={(n: number) => (fps = n)}
    inputmode="numeric"
  />
  <ReadTile
    label="Bright frames"
    text={bright === 0 ? '' : String(bright)}
    read={between('frames', 0, 100_000)}
    onread={(n: number) => (bright = n)}
    inputmode="numeric"
    example="29"
  />
  <Tile label="Dimmer at the ends" value={String(dim)} onchoose={(v: string) => (dim = Number(v))}>
    {#each [0, 1, 2] as n (n)}<option value={String(n)}>{n}</option>{/each}
  </Tile>
</div>
<div class="flex flex-wrap gap-1" aria-hidden="true">
  {#if dim > 0}<i class="w-3 h-4.5 border-[1.5px] border-(--ink) bg-(--soft)"></i>{/if}
  {#each Array.from({ length: Math.min(bright, 60) }, (_, i) => i) as i (i)}<i
      class="w-3 h-4.5 border-[1.5px] border-(--ink) bg-(--sheet)"
    ></i>{/each}
  {#if dim > 1}<i class="w-3 h-4.5 border-[1.5px] border-(--ink) bg-(--soft)"></i>{/if}
</div>
{#if measured && bright > 0}
  <p class="leading-snug">
    <b>{sayTime(measured.seconds)}</b>, give or take {tenths(
      measured.sdStops
    )}.{#if bright + dim < FEWEST_FRAMES}
      That is few frames: film it at more a second.{/if}
  </p>
  <button
    type="button"
    class="btn preset-filled min-h-11 justify-self-start"
    onclick={() => ontaken(measured)}>Take {sayTime(measured.seconds)}</button
  >
{/if}
