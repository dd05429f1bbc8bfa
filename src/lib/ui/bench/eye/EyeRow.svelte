<!-- One light that is shown to the eye: what to do, what should happen, what did happen, and what a meter says. -->
<script lang="ts">
  import type { Proposal } from '#core/bench/shutter/proposals.ts';
  import type { EyeLight, EyeSign } from '#core/bench/eye-test.ts';
  import { setsOf, type Camera } from '#core/camera/camera.ts';
  import type { Setting } from '#core/camera/setting.ts';
  import { parseLightReading } from '#core/light/reading-text.ts';
  import type { LightValue } from '#core/light/lv.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatFNumber } from '#core/units/aperture.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { formatShutter } from '#core/units/shutter.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { EAR_TIMES } from '../../heard/ear-times.ts';
  import { Listening } from '../../heard/listening.svelte.ts';
  import ListenForTime from '../../heard/ListenForTime.svelte';
  import { sayTime } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import { sayShould, sayShow } from './say-eye.ts';

  let {
    light,
    camera,
    setting,
    sign,
    before,
    metered,
    onsign,
    onmetered
  }: {
    light: EyeLight;
    camera: Camera;
    setting: Setting;
    sign: EyeSign | null;
    /** What it did with the lamp near. */
    before: EyeSign | null;
    metered: LightValue | null;
    onsign: (sign: EyeSign | null) => void;
    onmetered: (metered: LightValue | null) => void;
  } = $props();
  const isTimed = $derived(setsOf(camera).time);
  const APERTURES = [1.4, 1.9, 2.8, 4, 5.6, 8, 11, 16, 22, 32] as const;
  const listening = new Listening();
  /** A meter that looked there too reads to a third. */
  const METER_SD = 0.3;
  const value = $derived(
    sign === null
      ? ''
      : sign.kind === 'time'
        ? `t${sign.heard.sdStops === null ? sign.heard.seconds : 'heard'}`
        : sign.kind === 'aperture'
          ? `f${sign.fNumber}`
          : sign.kind
  );
  function choose(chosen: string): void {
    if (chosen === 'theard') return;
    if (chosen === 'short' || chosen === 'long' || chosen === 'nothing') onsign({ kind: chosen });
    else if (chosen.startsWith('t'))
      onsign({ kind: 'time', heard: { seconds: Number(chosen.slice(1)), sdStops: null } });
    else if (chosen.startsWith('f')) onsign({ kind: 'aperture', fNumber: Number(chosen.slice(1)) });
    else onsign(null);
  }
  function readMeter(text: string): Result<LightValue | null, string> {
    if (text === '') return ok(null);
    const read = parseLightReading(text);
    return read.ok ? ok({ lv: read.value.lv, sdStops: METER_SD }) : err(explainQuantity(read.error));
  }
</script>

<p class="leading-snug">
  {sayShow(light, isTimed)}
  <span class="soft">{sayShould(light, camera, setting, before)}</span>
</p>
<div class="grid grid-cols-2 items-start gap-1.5">
  <Tile label="What it did" {value} onchoose={choose}>
    <option value="">not tried</option>
    {#if isTimed}
      {#if sign?.kind === 'time' && sign.heard.sdStops !== null}
        <option value="theard">{sayTime(sign.heard.seconds)}, heard</option>
      {/if}
      <option value="short">one sound</option>
      {#each EAR_TIMES as time (time)}<option value="t{time}">about {formatShutter(time)}</option>{/each}
      <option value="long">ran on to its longest</option>
      <option value="nothing">did not fire</option>
    {:else}
      {#each APERTURES as n (n)}<option value="f{n}">at {formatFNumber(n)}</option>{/each}
      <option value="long">wide open</option>
      <option value="short">to the smallest</option>
      <option value="nothing">did not move</option>
    {/if}
  </Tile>
  <ReadTile
    label="A meter there reads"
    text={metered ? `LV ${formatLv(metered.lv)}` : ''}
    read={readMeter}
    onread={onmetered}
    example="none"
  />
</div>
{#if isTimed}
  <ListenForTime
    {listening}
    expectedSeconds={null}
    ontake={(p: Proposal) => onsign({ kind: 'time', heard: listening.take(p) })}
  />
{/if}
