<!-- After a change of back: what the finder shows and the film does not get, and how far the focus scale is off. -->
<script lang="ts">
  import { cropOf } from '#core/bench/mismatch/crop.ts';
  import { focusShift, reallyAt, type FocusFrame } from '#core/bench/mismatch/focus-shift.ts';
  import { measurable, withMeasured } from '#core/bench/measured-control.ts';
  import { readMetres } from '#core/camera/marks.ts';
  import { FORMATS, FRAME_FORMATS, isFrameFormat, type FrameFormat } from '#core/film/formats.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { FORMAT_WORDS } from '../../kit/say-kit.ts';
  import { sayMetres } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import { keepCamera } from '../keep-camera.ts';
  import CropDrawing from './CropDrawing.svelte';

  const current = useCurrent();
  const judged = $derived(current.judged);
  const camera = $derived(judged?.pair.camera ?? null);
  const filmFormat = $derived<FrameFormat>(judged?.pair.film.formats[0] ?? '135');
  let finderSaid = $state<FrameFormat | null>(null);
  const finder = $derived(finderSaid ?? camera?.formats[0] ?? filmFormat);
  const crop = $derived(cropOf(finder, filmFormat));
  const marks = $derived(camera ? measurable(camera, 'focus') : []);
  let at = $state.raw<readonly number[]>([0, 1, 2]);
  let found = $state.raw<readonly (number | null)[]>([null, null, null]);
  const frames = $derived(
    found.flatMap((foundM, i): readonly FocusFrame[] => {
      const mark = marks[at[i] ?? 0];
      return mark && foundM !== null ? [{ setM: mark.value, foundM }] : [];
    })
  );
  const shift = $derived(camera && frames.length > 0 ? focusShift(camera.focalMm, frames) : null);
  const put = <T,>(all: readonly T[], i: number, value: T): readonly T[] =>
    all.map((v, k) => (k === i ? value : v));
  const share = (part: number): string => (part > 0.995 ? 'all' : `${Math.round(part * 100)} %`);
  function readFound(text: string): Result<number | null, string> {
    if (text === '') return ok(null);
    const read = readMetres(text);
    if (!read.ok) return err(explainQuantity(read.error));
    const least = ((camera?.focalMm ?? 50) * 2) / 1000;
    return read.value >= least
      ? ok(read.value)
      : err(`Nearer than ${sayMetres(least)} this lens draws nothing.`);
  }
  async function keep(): Promise<void> {
    if (!judged || !camera || !shift) return;
    const values = new Map(
      marks.map((m, i) => [i, Number(reallyAt(camera.focalMm, m.value, shift).toPrecision(3))] as const)
    );
    const isKept = await keepCamera(
      judged.pair,
      (now) => withMeasured(now, 'focus', values),
      `The marks of the ${camera.name} mean what was found.`
    );
    if (isKept) found = [null, null, null];
  }
</script>

{#if judged && camera}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[24rem_minmax(0,1fr)]">
    <div class="grid content-start gap-3">
      <Tile
        label="The finder was made for"
        value={finder}
        onchoose={(v: string) => (finderSaid = isFrameFormat(v) ? v : null)}
      >
        {#each FRAME_FORMATS as format (format)}<option value={format}>{FORMAT_WORDS[format]}</option>{/each}
      </Tile>
      {#if marks.length > 1}
        <h2 class="font-semibold">Is the scale still right?</h2>
        <p class="leading-snug">
          Stand things in a row along a tape, set a mark, take a frame wide open: at which of them is it
          sharpest? Three frames say it well.
        </p>
        {#each found as m, i (i)}
          <div class="grid grid-cols-2 items-start gap-1.5" role="group" aria-label="Frame {i + 1}">
            <Tile
              label="{i + 1}: set to"
              value={String(Math.min(at[i] ?? 0, marks.length - 1))}
              onchoose={(v: string) => (at = put(at, i, Number(v)))}
            >
              {#each marks as mark, k (k)}<option value={String(k)}>{mark.mark}</option>{/each}
            </Tile>
            <ReadTile
              label="{i + 1}: sharpest at"
              text={m === null ? '' : sayMetres(m)}
              read={readFound}
              onread={(v: number | null) => (found = put(found, i, v))}
              example="1.2 m"
            />
          </div>
        {/each}
      {:else}
        <p class="leading-snug">It has no focus scale that could be off.</p>
      {/if}
    </div>
    <div class="grid min-w-0 content-start gap-3">
      <CropDrawing {crop} sizeMm={FORMATS[finder].sizeMm} />
      <p class="leading-snug" data-testid="crop">
        {crop.width > 0.995 && crop.height > 0.995
          ? 'The film gets all that the finder shows.'
          : `Of what the finder shows the film gets ${share(crop.width)} of the width and ${share(crop.height)} of the height.`}
      </p>
      {#if shift}
        <p class="text-[1.25rem] leading-snug" data-testid="shift">
          <b
            >The film lies {formatDecimal(Math.abs(shift.shiftMm), 1)} mm too far {shift.shiftMm > 0
              ? 'back'
              : 'forward'}</b
          >{shift.sdMm === null ? '' : `, give or take ${formatDecimal(Math.max(0.1, shift.sdMm), 1)} mm`}.
        </p>
        <table class="w-full max-w-80 text-[0.9375rem]">
          <caption class="sr-only">What each mark means now</caption>
          <thead class="text-left text-[0.8125rem] text-(--soft)"
            ><tr><th class="font-normal">Mark</th><th class="font-normal">Sharp at</th></tr></thead
          >
          <tbody>
            {#each marks as mark, i (i)}
              <tr class="border-t border-(--line)"
                ><th scope="row" class="py-1.5 text-left">{mark.mark}</th><td
                  >{sayMetres(reallyAt(camera.focalMm, mark.value, shift))}</td
                ></tr
              >
            {/each}
          </tbody>
        </table>
        <button
          type="button"
          class="btn preset-filled min-h-11 justify-self-start"
          onclick={() => void keep()}>Keep with the camera</button
        >
      {/if}
    </div>
  </div>
{/if}
