<!-- Where the finder really looks, from one frame: what stood in its middle, and where that landed on the picture. -->
<script lang="ts">
  import { FORMATS, type FrameFormat } from '#core/film/formats.ts';
  import { finderFromFrame } from '#core/focus/aim-off.ts';
  import type { Pair } from '#core/log/pair.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatDecimal, parseDecimal } from '#core/units/decimal.ts';
  import { sayMetres } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { keepCamera } from '../keep-camera.ts';

  let { pair, format, subjectM }: { pair: Pair; format: FrameFormat; subjectM: number } = $props();
  /** Hundredths of the frame from its middle, + = right, + = up; null = not said. */
  let right = $state<number | null>(null);
  let up = $state<number | null>(null);
  function read(text: string): Result<number | null, string> {
    if (text === '') return ok(null);
    const n = parseDecimal(text.replace('−', '-').replace('%', '').trim());
    return n !== null && Math.abs(n) <= 50
      ? ok(n)
      : err(`“${text}” is no part of the frame. Give −50 to 50 hundredths from its middle.`);
  }
  const text = (n: number | null): string => (n === null ? '' : formatDecimal(n, 1));
  async function keep(): Promise<void> {
    const { camera } = pair;
    const landed = { rightShare: (right ?? 0) / 100, upShare: (up ?? 0) / 100 };
    const finder = finderFromFrame(camera.finder, camera.focalMm, FORMATS[format].sizeMm, landed, subjectM);
    const isKept = await keepCamera(
      pair,
      (now) => ({ ...now, finder }),
      `The finder of the ${camera.name} looks where you found.`
    );
    if (isKept) [right, up] = [null, null];
  }
</script>

<details>
  <summary class="min-h-11 cursor-pointer content-center underline">Find it by one frame</summary>
  <div class="grid gap-1.5">
    <p class="leading-snug">
      Put something at {sayMetres(subjectM)} in the middle of the finder and take a frame. Where is it on the picture,
      in hundredths of the frame from its middle?
    </p>
    <div class="grid grid-cols-2 items-start gap-1.5">
      <ReadTile
        label="To the right (left: −)"
        text={text(right)}
        {read}
        onread={(n: number | null) => (right = n)}
        example="0"
      />
      <ReadTile
        label="Upwards (down: −)"
        text={text(up)}
        {read}
        onread={(n: number | null) => (up = n)}
        example="18"
      />
    </div>
    {#if right !== null || up !== null}
      <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={() => void keep()}
        >Keep with the camera</button
      >
    {/if}
  </div>
</details>
