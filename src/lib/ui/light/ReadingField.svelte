<!-- A meter reading as typed; how it was understood shows while typing. What the meter saw, and where it was held. -->
<script lang="ts">
  import { AT_SUBJECT, METERED, METERED_TONES, type Metering } from '#core/light/metering.ts';
  import { parseLightReading } from '#core/light/reading-text.ts';
  import type { Thing } from '#core/kit/thing.ts';
  import { choiceFromReading, type LightChoice } from '#core/ways/choice.ts';
  import { formatLv, formatStops } from '#core/units/stops.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { METERED_WORDS } from '../text/say-light.ts';
  import { sayReading } from '../text/say-reading.ts';
  import TwoReadings from './TwoReadings.svelte';
  import type { LightPanelWay } from './panel.ts';

  let { light, onlight, things }: LightPanelWay & { things: readonly Thing[] } = $props();
  const uid = $props.id();
  // what is typed afterwards is the field's own
  // svelte-ignore state_referenced_locally
  let text = $state(light.way.kind === 'reading' ? light.way.text : '');
  // svelte-ignore state_referenced_locally
  let metering = $state.raw<Metering>(light.way.kind === 'reading' ? light.way : AT_SUBJECT);
  const meters = $derived(things.flatMap((t) => (t.data.kind === 'meter' ? [{ ...t, data: t.data }] : [])));
  const options = $derived({ showsTenths: metering.meter?.showsTenths ?? false });
  const reading = $derived(text.trim() === '' ? null : parseLightReading(text, options));
  const otherLv = $derived(
    reading?.ok === true && reading.value.kind !== 'ev' ? reading.value.otherLv : null
  );
  const tone = $derived(METERED_TONES[metering.of]);

  function use(): void {
    // what cannot be read yet leaves the last good light where it is
    if (reading?.ok === true) onlight(choiceFromReading(text.trim(), reading.value, metering));
  }
  function set(more: Partial<Metering>): void {
    metering = { ...metering, ...more };
    use();
  }
  function useMeter(id: string): void {
    const meter = meters.find((m) => m.id === id);
    if (!meter) {
      set({ meter: null });
      return;
    }
    const { offsetStops, sdStops, showsTenths, reads, constant } = meter.data;
    const reflected = reads === 'reflected';
    set({
      meter: { name: meter.name, offsetStops, sdStops, showsTenths, constant },
      // the meter says what it can see: light falling in, or light thrown back
      of: reflected === (metering.of !== 'incident') ? metering.of : reflected ? 'scene' : 'incident'
    });
  }
  function oncontrast(contrast: LightChoice['contrast'], middleLv: number): void {
    if (reading?.ok === true) {
      onlight({ ...choiceFromReading(text.trim(), reading.value, metering), contrast });
      return;
    }
    // no other reading: the light lies between the two, and can be worked out again from its words
    // what was read of the lights and darks is light thrown back: the list above says so too
    metering = { ...metering, of: 'scene' };
    const between = parseLightReading(`LV ${middleLv.toFixed(2)}`);
    if (between.ok)
      onlight({
        ...choiceFromReading(`LV ${middleLv.toFixed(2)}`, between.value, metering),
        contrast
      });
  }
  function meanSeconds(lv: number): void {
    // written as a light value, since the same words would be understood the first way again
    text = `LV ${lv.toFixed(2)}`;
    use();
  }
</script>

<div class="grid gap-1">
  <label class="kicker mt-1.5" for="{uid}-field">What the meter says</label>
  <input
    id="{uid}-field"
    class="input"
    type="text"
    inputmode="text"
    autocomplete="off"
    spellcheck="false"
    placeholder="f/8 1/60 at 400"
    maxlength="80"
    bind:value={text}
    oninput={use}
    aria-describedby="{uid}-said"
    aria-invalid={reading?.ok === false}
  />
  <p id="{uid}-said" class:wrong={reading?.ok === false} aria-live="polite">
    {#if reading?.ok === true}
      {sayReading(reading.value)}
      {#if otherLv !== null}
        <button class="min-h-11 underline cursor-pointer" type="button" onclick={() => meanSeconds(otherLv)}>
          {reading.value.kind === 'pair'
            ? `Whole seconds? Then LV ${formatLv(otherLv)}`
            : `Was the comma or point meant the other way? Then LV ${formatLv(otherLv)}`}
        </button>
      {/if}
    {:else if reading?.ok === false}
      {explainQuantity(reading.error)}
    {:else}
      An aperture and a time, EV, lux, fc or cd/m². ISO 100 unless you say at 400.
    {/if}
  </p>
  <label class="kicker mt-1.5" for="{uid}-of">What it measured</label>
  <select
    id="{uid}-of"
    class="select"
    value={metering.of}
    onchange={(e) => set({ of: METERED.find((m) => m === e.currentTarget.value) ?? 'incident' })}
  >
    {#each METERED as of (of)}<option value={of}>{METERED_WORDS[of]}</option>{/each}
  </select>
  {#if tone.lighterStops !== 0}
    <p>
      {`That is ${formatStops(tone.lighterStops)} ${tone.lighterStops > 0 ? 'lighter' : 'darker'} than a meter thinks, so ${tone.lighterStops > 0 ? 'taken off' : 'added'}.`}
    </p>
  {/if}
  {#if meters.length > 0}
    <label class="kicker mt-1.5" for="{uid}-meter">With which meter</label>
    <select
      id="{uid}-meter"
      class="select"
      value={meters.find((m) => m.name === metering.meter?.name)?.id ?? ''}
      onchange={(e) => useMeter(e.currentTarget.value)}
    >
      <option value="">one that is right</option>
      {#each meters as meter (meter.id)}<option value={meter.id}>{meter.name}</option>{/each}
    </select>
  {/if}
  <TwoReadings {light} {oncontrast} />
  <p class="kicker mt-1.5">Where did you hold it?</p>
  <div class="grid [grid-template-columns:1fr_1fr] gap-1.5">
    <button
      type="button"
      class="chip"
      aria-pressed={!metering.elsewhere}
      onclick={() => set({ elsewhere: false })}>In the subject’s light</button
    >
    <button
      type="button"
      class="chip"
      aria-pressed={metering.elsewhere}
      onclick={() => set({ elsewhere: true })}>Where I stand</button
    >
  </div>
  {#if metering.elsewhere}
    <p>Taken as a stop less sure. Step into the subject’s light, or hold the meter in light just like it.</p>
  {/if}
</div>

<style>
  p:not(.kicker) {
    min-height: 1.35em;
    font-size: 0.875rem;
    line-height: 1.35;
  }
  p.wrong {
    color: var(--accent-ink);
    font-weight: 600;
  }
</style>
