<script lang="ts">
  import { sharedFormat } from '#core/chance/conditions.ts';
  import { aimOff } from '#core/focus/aim-off.ts';
  import { finderFrames } from '#core/focus/finder-frames.ts';
  import { withFocusAt } from '#core/focus/focused.ts';
  import { sharpTable } from '#core/focus/sharp-table.ts';
  import { FORMATS } from '#core/film/formats.ts';
  import { readMetres } from '#core/camera/marks.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatFNumberDigits } from '#core/units/aperture.ts';
  import { markOfFNumber } from '#core/units/series.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { sayMetres } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import AimDrawing from './AimDrawing.svelte';
  import FrameDrawing from './FrameDrawing.svelte';
  import FinderTest from './FinderTest.svelte';
  import SharpDrawing from './SharpDrawing.svelte';

  const current = useCurrent();
  const pair = $derived(current.pair);
  const camera = $derived(pair?.camera ?? null);
  const format = $derived(
    pair ? (sharedFormat(pair.camera, pair.film) ?? pair.camera.formats[0] ?? '135') : '135'
  );
  const table = $derived(camera ? sharpTable(camera, format) : []);
  let subjectM = $state(2);
  const choice = $derived(camera ? withFocusAt(camera, {}, subjectM) : {});
  let picked = $state<string | null>(null);
  /** The place of the focus that is looked at: the one for the subject until another is picked. */
  const row = $derived(
    table.find((r) => r.mark === picked) ??
      table.find((r) => Object.entries(r.choice).every(([id, at]) => (choice[id] ?? 0) === at)) ??
      table[0] ??
      null
  );
  const holds = $derived(
    row?.cells.filter(({ nearM, farM }) => nearM <= subjectM * 1.001 && farM >= subjectM * 0.999) ?? []
  );
  const off = $derived(
    camera && subjectM * 1000 > 2 * camera.focalMm
      ? aimOff(camera.finder, camera.focalMm, FORMATS[format].sizeMm, subjectM)
      : null
  );
  const isOff = $derived(off !== null && Math.hypot(off.rightShare, off.upShare) > 0.01);
  function read(text: string): Result<number, string> {
    const found = readMetres(text);
    return found.ok ? ok(found.value) : err(explainQuantity(found.error));
  }
  const widest = $derived(holds[0] ?? null);
  const frames = $derived(camera ? finderFrames(camera) : []);
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[18rem_minmax(0,1fr)]">
  <div class="grid content-start gap-3">
    <ReadTile
      label="The subject stands at"
      text={subjectM === Infinity ? '∞' : `${subjectM.toFixed(2).replace(/\.?0+$/, '')} m`}
      {read}
      onread={(m: number) => {
        subjectM = m;
        picked = null;
      }}
      example="1.2 m, 4 ft, ∞"
    />
    {#if table.length > 1}
      <Tile label="Focus at" value={row?.mark ?? ''} onchoose={(v: string) => (picked = v)}>
        {#each table as { mark } (mark)}<option value={mark}>{mark}</option>{/each}
      </Tile>
    {/if}
    <p class="leading-snug" data-testid="sharp">
      {#if widest}
        <b>{sayMetres(subjectM)} is sharp from f/{formatFNumberDigits(markOfFNumber(widest.fNumber))} on</b>:
        then all from {sayMetres(widest.nearM)} to {sayMetres(widest.farM)} is.
      {:else}
        <b>{sayMetres(subjectM)} is not sharp at any aperture</b> with the focus there.
      {/if}
    </p>
    {#if off}
      <p class="leading-snug">
        {#if isOff}
          The picture lies where the grey frame is: put the subject at the cross in the finder.
        {:else}
          The finder and the lens look at the same place.
        {/if}
      </p>
      {#if isOff}<AimDrawing {off} frameMm={FORMATS[format].sizeMm} />{/if}
      {#if pair}<FinderTest {pair} {format} {subjectM} />{/if}
    {/if}
    {#if frames.length > 1}
      <h2 class="kicker">Which frame for which lens</h2>
      <FrameDrawing {frames} frameMm={FORMATS[format].sizeMm} />
    {/if}
  </div>
  <SharpDrawing cells={row?.cells ?? []} {subjectM} />
</div>
