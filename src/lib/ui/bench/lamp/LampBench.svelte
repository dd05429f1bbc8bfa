<script lang="ts">
  import { goto } from '$app/navigation';
  import { fittingSpeeds } from '#core/advice/film-speeds.ts';
  import { bestPlace, lampLv, lampPlaces, miredShift } from '#core/bench/lamp.ts';
  import { readMetres } from '#core/camera/marks.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { parseDecimal, formatDecimal } from '#core/units/decimal.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { chanceInHundred, sayMetres } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import LightTile from '../LightTile.svelte';
  import LampDrawing from './LampDrawing.svelte';

  const current = useCurrent();
  const judged = $derived(current.judged);
  /** A lamp of a hundred watts, two metres away. From memory. */
  const USUAL = { lv: 5, distanceM: 2 } as const;
  let readLv = $state<number>(USUAL.lv);
  let readM = $state<number>(USUAL.distanceM);
  let distanceM = $state<number>(USUAL.distanceM);
  let kelvin = $state(3200);
  /** What can be put before it: of the bag, or something of a known strength. */
  const before = $derived([
    { words: 'nothing new', stops: 0 },
    ...current.things.flatMap(({ name, data }) =>
      data.kind === 'modifier'
        ? [{ words: `${name} (${formatDecimal(data.stops, 1)})`, stops: data.stops }]
        : []
    ),
    { words: 'something of 1 stop', stops: 1 },
    { words: 'something of 2 stops', stops: 2 }
  ]);
  let put = $state(0);
  const modifierStops = $derived(before[put]?.stops ?? 0);
  const lamp = $derived({ lv: readLv, distanceM: readM });
  const lv = $derived(lampLv(lamp, distanceM, modifierStops));
  const situation = $derived(judged && { ...judged.situation, light: { lv, sdStops: 0.2 } });
  const present = $derived(judged?.pair.present ?? {});
  const places = $derived(situation ? lampPlaces(situation, present, lamp, modifierStops) : []);
  const best = $derived(bestPlace(places));
  const here = $derived(
    places.reduce<(typeof places)[number] | null>(
      (near, p) =>
        near && Math.abs(Math.log(near.distanceM / distanceM)) <= Math.abs(Math.log(p.distanceM / distanceM))
          ? near
          : p,
      null
    )
  );
  const speeds = $derived(situation ? fittingSpeeds(situation, present) : null);
  const shift = $derived(judged ? miredShift(judged.pair.film.balance, kelvin) : null);
  function readDistance(text: string): Result<number, string> {
    const found = readMetres(text);
    if (!found.ok) return err(explainQuantity(found.error));
    return found.value <= 30 ? ok(found.value) : err('A lamp stands within 30 m.');
  }
  function readKelvin(text: string): Result<number, string> {
    const n = parseDecimal(text.replace(/k$/i, ''));
    return n !== null && n >= 1000 && n <= 20_000
      ? ok(n)
      : err(`“${text}” is no colour temperature. Give 1000 to 20000 kelvin.`);
  }
  async function use(): Promise<void> {
    current.moveLight(lv);
    await goto('/shoot');
  }
  const inFeet = (m: number): string => `${formatDecimal(m / 0.3048, 1)} ft`;
</script>

{#if judged}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[22rem_minmax(0,1fr)]">
    <div class="grid content-start gap-2">
      <p class="leading-snug">Read the lamp once, at the subject, and say how far it stood from there.</p>
      <div class="grid grid-cols-2 items-start gap-1.5">
        <LightTile lv={readLv} onlv={(v: number) => (readLv = v)} />
        <ReadTile
          label="It stood at"
          text={sayMetres(readM)}
          read={readDistance}
          onread={(m: number) => (readM = m)}
          example="2 m, 6 ft"
        />
        <Tile label="Put before it" value={String(put)} onchoose={(v: string) => (put = Number(v))}>
          {#each before as { words }, i (i)}<option value={String(i)}>{words}</option>{/each}
        </Tile>
        <ReadTile
          label="It shall stand at"
          text={sayMetres(distanceM)}
          read={readDistance}
          onread={(m: number) => (distanceM = m)}
          example="1.2 m"
        />
        <ReadTile
          label="Its colour, kelvin"
          text={formatDecimal(kelvin, 0)}
          read={readKelvin}
          onread={(k: number) => (kelvin = k)}
          inputmode="numeric"
        />
      </div>
      <p class="text-[1.25rem] leading-snug" data-testid="lamp">
        <b>LV {formatLv(lv)} at {sayMetres(distanceM)}</b>{#if here}: {chanceInHundred(here.verdict.pUsable)} in
          100{/if}.
      </p>
      {#if best}
        <p class="leading-snug">
          Best at <b>{sayMetres(best.distanceM)}</b> ({inFeet(best.distanceM)}): {chanceInHundred(
            best.verdict.pUsable
          )} in 100. {speeds === null
            ? 'Where it stands, no film speed would do.'
            : `Where it stands, ISO ${formatDecimal(speeds.slowest, 0)} to ${formatDecimal(speeds.fastest, 0)} would do.`}
        </p>
        <button
          type="button"
          class="min-h-11 cursor-pointer justify-self-start underline"
          onclick={() => (distanceM = Math.round(best.distanceM * 100) / 100)}>Stand it there</button
        >
      {/if}
      {#if shift !== null && Math.abs(shift) > 15}
        <p class="leading-snug">
          This film sees it {shift < 0 ? 'orange' : 'blue'}: a {shift < 0 ? 'blue' : 'amber'} filter of {Math.abs(
            Math.round(shift)
          )} mired brings it back, and takes light.
        </p>
      {/if}
      <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={() => void use()}
        >Set it on Shoot</button
      >
      <p class="soft leading-snug">
        Hot lamps: clear of curtains and paper, a weight on the stand, the cable out of the way.
      </p>
    </div>
    <LampDrawing {places} {distanceM} best={best?.distanceM ?? null} />
  </div>
{/if}
