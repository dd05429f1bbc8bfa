<!-- The light out of a phone's picture of the scene: the whole of it first; the subject touched, with what it is, tells more. -->
<script lang="ts">
  import { eyeOf } from '#core/camera/camera.ts';
  import { eyeRadius } from '#core/picture/eye-circle.ts';
  import { phoneOf } from '#core/kit/phone-meter.ts';
  import { ANY_PHONE } from '#core/picture/phone.ts';
  import { isSurface, SURFACE_NAMES, SURFACES } from '#core/picture/tones.ts';
  import { parseLightReading } from '#core/light/reading-text.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { choiceFromPicture } from '#core/ways/choice.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import Choice from '../Choice.svelte';
  import { useCurrent } from '../current.svelte.ts';
  import { oneOf } from '../tile/one-of.ts';
  import ReadTile from '../tile/ReadTile.svelte';
  import Tile from '../tile/Tile.svelte';
  import type { LightPanelWay } from '../light/panel.ts';
  import EyeSays from './EyeSays.svelte';
  import { picture, TOUCHES, type Touch } from './picture.svelte.ts';
  import PictureTouch from './PictureTouch.svelte';
  import { DOUBT_WORDS, sayRead, TROUBLE_WORDS } from './say-picture.ts';
  import { sayEnds, spanOf } from './ends.ts';

  let { onlight }: Pick<LightPanelWay, 'onlight'> = $props();
  const current = useCurrent();
  const judged = $derived(current.judged);
  const eye = $derived(judged ? eyeOf(judged.pair.camera) : null);
  let touch = $state<Touch>('subject');
  const touches = $derived(
    (
      [
        ['subject', 'Subject'],
        ['lights', 'Lights'],
        ['darks', 'Darks'],
        ['eye', 'Eye']
      ] as const
    ).filter(([which]) => which !== 'eye' || eye !== null)
  );
  const radius = $derived(
    eyeRadius(
      eye?.angleDegrees ?? null,
      picture.notes?.focal35Mm ?? null,
      picture.pixels ?? { width: 4, height: 3 }
    )
  );
  const ends = $derived(spanOf(picture));

  /** Which phone it was: one that was measured reads better. */
  const phone = $derived(picture.notes ? phoneOf(picture.notes, current.things) : null);

  /** What was found goes into the answer. */
  function use(): void {
    const { exposed, light, notes, spots, surface } = picture;
    if (!exposed || !light) return;
    const way = {
      surface: spots.subject ? surface : null,
      ...{ ev100: exposed.ev100, phone: notes?.model ?? '' }
    };
    onlight(choiceFromPicture(light, way, ends?.contrast ?? current.light.contrast));
  }
  function open(event: Event & { currentTarget: HTMLInputElement }): void {
    const [file] = event.currentTarget.files ?? [];
    if (file) {
      touch = 'subject';
      picture.open(file, () => {
        current.scene = picture;
        picture.phone = phone?.match === 'known' ? phone.meter : ANY_PHONE;
        use();
      });
    }
    event.currentTarget.value = '';
  }
  function readExposure(text: string): Result<number, string> {
    const read = parseLightReading(text);
    return read.ok ? ok(read.value.lv) : err(explainQuantity(read.error));
  }
</script>

{#snippet chooser(words: string, capture: 'environment' | undefined)}
  <label class="btn preset-outlined min-h-11 cursor-pointer"
    >{words}<input type="file" accept="image/jpeg" {capture} class="sr-only" onchange={open} /></label
  >
{/snippet}

<div class="grid gap-2" data-testid="picture">
  <div class="flex flex-wrap gap-2">
    {@render chooser('Take a picture', 'environment')}
    {@render chooser('Choose one', undefined)}
  </div>
  {#if picture.isReading}
    <p role="status">Reading the picture …</p>
  {:else if picture.trouble}
    <p role="alert">{TROUBLE_WORDS[picture.trouble]}</p>
  {:else if !picture.pixels}
    <p class="soft leading-snug">
      Of the scene, from where you stand. It never leaves this device. Never point it at the sun for this.
    </p>
  {/if}
  {#if picture.pixels}
    {#if !picture.exposure}
      <p class="leading-snug" role="alert">
        {picture.isZero
          ? 'The exposure that this picture notes is 0: it cannot be.'
          : 'This picture does not say how it was exposed: a screenshot, an edited copy, or sent by a messenger.'}
        Type it, where the camera app shows it.
      </p>
      <ReadTile
        label="Its exposure"
        text={picture.typedEv100 === null ? '' : `LV ${formatLv(picture.typedEv100)}`}
        read={readExposure}
        onread={(ev100: number) => {
          picture.typedEv100 = ev100;
          use();
        }}
        example="f/1.8 1/120 ISO 64"
      />
    {/if}
    <Choice
      label="What you touch"
      value={touch}
      options={touches}
      onchoose={(v: string) => (touch = oneOf(TOUCHES, v, 'subject'))}
    />
    <PictureTouch {picture} {touch} {radius} ontouch={use} />
    {#if picture.light}
      <p class="leading-snug" role="status" data-testid="picture-light">
        {#if !picture.spots.subject}
          <b>{sayRead(picture.light)}</b> by the whole picture; with much sky in it the subject has less. Touch
          it, and say what it is.
        {:else if picture.surface === null}
          What did you touch? Until then the whole picture counts: <b>{sayRead(picture.light)}</b>.
        {:else}
          <b>{sayRead(picture.light)}</b> on {SURFACES[picture.surface].name}.
        {/if}
        {#if phone?.match === 'known'}By {phone.thing.name}, as you measured it.
        {:else if phone?.match === 'other-phone'}By a phone you did not measure.
        {:else if phone?.match === 'other-lens'}Through a lens of it that you did not measure.{/if}
        {#if picture.exposed && picture.exposed.doubts.length > 0}
          Less sure, since {picture.exposed.doubts.map((d) => DOUBT_WORDS[d]).join(', and ')}.
        {/if}
      </p>
    {/if}
    {#if picture.spots.subject}
      <Tile
        label="It is"
        value={picture.surface ?? ''}
        onchoose={(v: string) => {
          picture.surface = isSurface(v) ? v : null;
          use();
        }}
      >
        <option value="">not said</option>
        {#each SURFACE_NAMES as name (name)}<option value={name}>{SURFACES[name].name}</option>{/each}
      </Tile>
      <p class="soft text-[0.875rem] leading-snug">
        A surface turned as the subject is, in its light. Sky, water, glass and lamps tell nothing.
      </p>
    {/if}
    {#if ends}<p class="leading-snug" role="status" data-testid="ends">{sayEnds(ends, judged)}</p>{/if}
    {#if picture.spots.eye}<EyeSays {picture} />{/if}
    <div class="flex flex-wrap gap-x-4">
      <button type="button" class="min-h-11 cursor-pointer underline" onclick={() => picture.close()}
        >Put the picture away</button
      >
      {#if phone?.match !== 'known'}
        <a class="inline-grid min-h-11 content-center underline" href="/bench/phone"
          >Make this phone a meter</a
        >
      {/if}
    </div>
  {/if}
</div>
