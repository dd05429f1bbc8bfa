<script module lang="ts">
  import type { LightChoice } from '#core/ways/choice.ts';

  /** A reading of the lights and one of the darks. */
  export interface TwoReadingsProps {
    light: LightChoice;
    /** Takes up their contrast; and the light between them where no other reading was typed. */
    oncontrast: (contrast: LightChoice['contrast'], middleLv: number) => void;
  }
</script>

<script lang="ts">
  import { developedRange } from '#core/film/film.ts';
  import { parseLightReading } from '#core/light/reading-text.ts';
  import { fromTwoReadings, heldOn } from '#core/light/two-readings.ts';
  import { formatStops } from '#core/units/stops.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../current.svelte.ts';

  let { light, oncontrast }: TwoReadingsProps = $props();
  const current = useCurrent();
  const uid = $props.id();
  let lights = $state('');
  let darks = $state('');

  const read = $derived.by(() => {
    if (lights.trim() === '' || darks.trim() === '') return null;
    const [l, d] = [parseLightReading(lights), parseLightReading(darks)];
    if (!l.ok) return { fault: `Lights: ${explainQuantity(l.error)}` };
    if (!d.ok) return { fault: `Darks: ${explainQuantity(d.error)}` };
    const ends = { lightsLv: l.value.lv, darksLv: d.value.lv };
    const two = fromTwoReadings(ends.lightsLv, ends.darksLv);
    if (!two.ok) return { fault: 'Darks: they read lighter than the lights. Give the darker reading here.' };
    return { ends, ...two.value };
  });
  const words = $derived.by(() => {
    if (!read) return 'Point the meter at the lightest and at the darkest part that matters.';
    if ('fault' in read) return read.fault;
    const { judged } = current;
    const apart = `${formatStops(read.spanStops)} apart: ${read.contrast} contrast.`;
    if (!judged) return apart;
    const held = heldOn(developedRange(judged.pair.film), read.ends, light.lv, judged.shown.deltaStops);
    const part = (name: string, lost: number): string =>
      lost < 1 / 6 ? `${name} held` : `${name} ${formatStops(lost)} beyond what it holds`;
    return `${apart} On ${judged.pair.film.name}: ${part('lights', held.lightsLost)}, ${part('darks', held.darksLost)}.`;
  });

  function take(): void {
    if (read && !('fault' in read)) oncontrast(read.contrast, read.middleLv);
  }
</script>

<p class="kicker">Lights and darks, for the contrast</p>
<div class="grid [grid-template-columns:1fr_1fr] gap-1.5">
  <input
    class="input"
    aria-label="Reading of the lights"
    placeholder="lights: EV 13"
    autocomplete="off"
    maxlength="80"
    bind:value={lights}
    oninput={take}
    aria-describedby="{uid}-apart"
  />
  <input
    class="input"
    aria-label="Reading of the darks"
    placeholder="darks: EV 9"
    autocomplete="off"
    maxlength="80"
    bind:value={darks}
    oninput={take}
    aria-describedby="{uid}-apart"
  />
</div>
<p
  id="{uid}-apart"
  class="text-[0.875rem] leading-[1.35]"
  class:wrong={read !== null && 'fault' in read}
  role="status"
>
  {words}
</p>

<style>
  .wrong {
    color: var(--accent-ink);
    font-weight: 600;
  }
</style>
