<!-- A phone is made a meter: in pictures of different lights a dark, a middle and a light patch, each beside what a meter reads there. -->
<script lang="ts">
  import { calibrated, CURVE_READINGS, type KnownPatch } from '#core/picture/calibrate.ts';
  import { patchOf } from '#core/picture/luminance.ts';
  import { lookStops } from '#core/picture/phone.ts';
  import { parseLightReading } from '#core/light/reading-text.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { formatLv, formatStops, formatThirds } from '#core/units/stops.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { Picture } from '../../picture/picture.svelte.ts';
  import PictureTouch from '../../picture/PictureTouch.svelte';
  import { TROUBLE_WORDS } from '../../picture/say-picture.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { addThing, keepThing } from '../keep-thing.ts';
  import PhoneDrawing from './PhoneDrawing.svelte';

  const current = useCurrent();
  const picture = new Picture();
  /** Readings with the phone and lens they belong to. */
  let known = $state.raw<readonly (KnownPatch & { readonly clipped: boolean })[]>([]);
  let model = $state('');
  let focalMm = $state<number | null>(null);
  let trouble = $state('');
  const patch = $derived(
    picture.pixels && picture.spots.subject ? patchOf(picture.pixels, picture.spots.subject) : null
  );
  const found = $derived(calibrated(known));
  function open(event: Event & { currentTarget: HTMLInputElement }): void {
    const [file] = event.currentTarget.files ?? [];
    if (file)
      picture.open(file, () => {
        const { notes } = picture;
        const isOther = known.length > 0 && (notes?.model !== model || (notes.focalMm ?? null) !== focalMm);
        trouble = isOther
          ? `That picture is by ${notes?.model === model ? 'another lens of it' : 'another phone'}. Its readings would not belong together: start anew for it.`
          : picture.exposure
            ? ''
            : 'That picture does not say how it was exposed: it cannot measure the phone.';
        if (trouble !== '') picture.pixels = null;
        else [model, focalMm] = [notes?.model ?? '', notes?.focalMm ?? null];
      });
    event.currentTarget.value = '';
  }
  function read(text: string): Result<number, string> {
    const reading = parseLightReading(text);
    return reading.ok ? ok(reading.value.lv) : err(explainQuantity(reading.error));
  }
  function add(reading: number): void {
    if (!patch || !picture.exposure) return;
    const clipped = patch.clipped > 0.05 || patch.blocked > 0.3;
    trouble = clipped ? 'That patch is white or black in the picture: it tells nothing. Touch another.' : '';
    if (clipped) return;
    known = [...known, { ev100: picture.exposure.ev100, luminance: patch.luminance, reading, clipped }];
    picture.spots = {};
  }
  async function keep(): Promise<void> {
    const name = model === '' ? 'My phone' : model;
    const round = (n: number): number => Math.round(n * 1000) / 1000;
    const data = {
      ...({ kind: 'phone', model, focalMm, readings: known.length } as const),
      ...{ offsetStops: round(found.offsetStops), slope: found.known === 'curve' ? round(found.slope) : 1.4 },
      residualStops: found.residualStops === null ? null : round(found.residualStops)
    };
    const before = current.things.find(
      (t) => t.data.kind === 'phone' && t.data.model === model && t.data.focalMm === focalMm
    );
    const words = `${before?.name ?? name} is a meter: its pictures are read with it.`;
    const isKept = before
      ? await keepThing(before, { ...before, data }, words)
      : await addThing({ id: crypto.randomUUID(), name, data }, words);
    if (isKept) known = [];
  }
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[24rem_minmax(0,1fr)]">
  <div class="grid content-start gap-3">
    <p class="leading-snug">
      Three pictures in different light. In each touch a dark, a middle and a light even patch, and read the
      same patches with a meter, reflected.
    </p>
    <label class="btn preset-filled min-h-11 cursor-pointer justify-self-start"
      >{known.length === 0 ? 'Choose the first picture' : 'Choose the next picture'}<input
        type="file"
        accept="image/jpeg"
        class="sr-only"
        onchange={open}
      /></label
    >
    {#if picture.isReading}<p role="status">Reading the picture …</p>{/if}
    {#if picture.trouble}<p role="alert">{TROUBLE_WORDS[picture.trouble]}</p>{/if}
    {#if trouble !== ''}<p role="alert">{trouble}</p>{/if}
    {#if picture.pixels}
      <PictureTouch {picture} touch="subject" radius={0.03} ontouch={() => (trouble = '')} />
      {#if patch}
        <p class="leading-snug" role="status">
          It looks {formatStops(Math.abs(lookStops(patch.luminance)))}
          {lookStops(patch.luminance) < 0 ? 'darker' : 'lighter'} than grey.
        </p>
        {#key known.length}
          <ReadTile
            label="A meter reads there"
            text=""
            {read}
            onread={add}
            example="LV 11, or f/8 1/60 at 100"
          />
        {/key}
      {:else}
        <p class="leading-snug">Touch an even patch.</p>
      {/if}
    {/if}
  </div>
  <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-3">
    <PhoneDrawing {known} {found} />
    {#if known.length > 0}
      <p class="text-[1.25rem] leading-snug" data-testid="phone">
        <b
          >{formatThirds(found.offsetStops) === '0'
            ? 'Its pictures read true'
            : `Its pictures read ${formatStops(Math.abs(found.offsetStops))} too ${found.offsetStops > 0 ? 'low' : 'high'}`}</b
        >, give or take {formatDecimal(found.offsetSd, 1)}{found.isOneTone
          ? ''
          : `; steepness ${formatDecimal(found.slope, 1)}`}.
      </p>
      {#if found.isOneTone}
        <p class="leading-snug">
          All patches are of about one tone: how steep its curve is they do not tell. Touch a dark and a light
          one too.
        </p>
      {:else if known.length < CURVE_READINGS}
        <p class="leading-snug">
          {CURVE_READINGS - known.length} more, and its curve is known.
        </p>
      {/if}
      <ol class="list-decimal pl-5 leading-snug" data-testid="readings">
        {#each known as k, i (i)}
          <li>
            {formatStops(Math.abs(lookStops(k.luminance)))}
            {lookStops(k.luminance) < 0 ? 'darker' : 'lighter'} than grey: LV {formatLv(k.reading)}
            <button
              type="button"
              class="min-h-11 cursor-pointer px-2 underline"
              onclick={() => (known = known.filter((_, j) => j !== i))}>Take out</button
            >
          </li>
        {/each}
      </ol>
      <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={() => void keep()}
        >Keep it as a meter</button
      >
    {/if}
  </div>
</div>
