<script lang="ts">
  import { goto } from '$app/navigation';
  import { behindStops, powerRows, powersFor } from '#core/bench/flash-table.ts';
  import { readMetres } from '#core/camera/marks.ts';
  import { PLAIN } from '#core/error/circumstances.ts';
  import type { FlashUse } from '#core/flash/flash.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { readFilterStrength } from '#core/kit/filter-strength.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { formatStops } from '#core/units/stops.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { chanceInHundred, sayInstruction, sayTime, sayVerdict } from '../../text/say.ts';
  import { flashUnits } from '../../shoot/frame/flash-units.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import LightTile from '../LightTile.svelte';
  import { tenths } from '../say-bench.ts';
  import GuideNumberTest from './GuideNumberTest.svelte';
  import PowerDrawing from './PowerDrawing.svelte';

  const current = useCurrent();
  const judged = $derived(current.judged);
  const units = $derived(judged ? flashUnits(judged.pair.camera, current.things) : []);
  let chosen = $state(0);
  const unit = $derived(units[chosen] ?? units[0] ?? null);
  /** What stands before the flash, stops: nothing, a diffuser, a ceiling. Common practice, no source. */
  const BEFORE = [
    [0, 'nothing'],
    [1, 'a diffuser'],
    [2, 'a white ceiling']
  ] as const;
  let before = $state(0);
  /** A grey or coloured filter before the flash, stops; null = none. */
  let filterStops = $state<number | null>(null);
  const lossStops = $derived(before + (filterStops ?? 0));
  function readFilter(text: string): Result<number | null, string> {
    if (text === '') return ok(null);
    const read = readFilterStrength(text, null);
    if (read.ok && read.value.stops <= 10) return ok(read.value.stops);
    return err(
      read.ok || read.error.problem === 'unreadable'
        ? `“${text}” is no strength of a filter. Write it as 1 stop, density 0.6 or 4×, up to 10 stops.`
        : `“${text}” could mean several strengths. Say which: ${text} stops, density ${text} or ${text}×.`
    );
  }
  let subjectM = $state(2);
  let wallM = $state(4);
  /** An evening room, while nobody told a light. */
  const EVENING_LV = 5;
  let typedLv = $state<number | null>(null);
  const lv = $derived(typedLv ?? (current.isTold ? current.light.lv : EVENING_LV));
  const situation = $derived(judged && { ...judged.situation, light: { lv, sdStops: 0.5 } });
  const present = $derived(judged?.pair.present ?? {});
  const ways = $derived(situation && unit ? powersFor(situation, present, unit, lossStops, subjectM) : []);
  const best = $derived(ways[0] ?? null);
  const rows = $derived(
    situation && unit && best ? powerRows(situation, best.verdict.setting, unit, lossStops) : []
  );
  const powerName = (stops: number): string => (stops === 0 ? 'full' : `1/${2 ** stops}`);
  function readM(text: string): Result<number, string> {
    const found = readMetres(text);
    return found.ok && found.value < Infinity
      ? ok(found.value)
      : err(found.ok ? 'No flash reaches that far. Give metres or feet.' : explainQuantity(found.error));
  }
  async function use(way: FlashUse): Promise<void> {
    const circumstances = { ...PLAIN, ...current.asked.circumstances };
    const flash = { kind: 'fired', ...way } as const;
    current.asked = { ...current.asked, circumstances: { ...circumstances, flash, subjectM } };
    if (typedLv !== null || !current.isTold) current.moveLight(lv);
    await goto('/shoot');
  }
</script>

{#if !unit}
  <p>
    No flash goes with the {judged?.pair.camera.name}: it has none of its own, and none is in the bag.
    <a class="underline" href="/kit/thing">Add one</a>.
  </p>
{:else}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[22rem_minmax(0,1fr)]">
    <div class="grid content-start gap-2">
      {#if units.length > 1}
        <Tile label="Flash" value={String(chosen)} onchoose={(v: string) => (chosen = Number(v))}>
          {#each units as u, i (i)}<option value={String(i)}>{u.name === '' ? 'its own' : u.name}</option
            >{/each}
        </Tile>
      {/if}
      <div class="grid grid-cols-2 items-start gap-1.5">
        <ReadTile
          label="The subject stands at"
          text="{formatDecimal(subjectM, 2)} m"
          read={readM}
          onread={(m: number) => (subjectM = m)}
          example="2 m, 6 ft"
        />
        <Tile label="Before the flash" value={String(before)} onchoose={(v: string) => (before = Number(v))}>
          {#each BEFORE as [stops, words] (stops)}<option value={String(stops)}>{words}</option>{/each}
        </Tile>
        <ReadTile
          label="A filter before it"
          text={filterStops === null ? '' : formatStops(filterStops)}
          read={readFilter}
          onread={(stops: number | null) => (filterStops = stops)}
          example="1 stop, density 0.6, 4×"
        />
        <ReadTile
          label="The wall behind at"
          text="{formatDecimal(wallM, 2)} m"
          read={readM}
          onread={(m: number) => (wallM = m)}
          example="4 m"
        />
      </div>
      <LightTile {lv} onlv={(v: number) => (typedLv = v)} />
      {#if best && judged}
        <p class="text-[1.25rem] leading-snug" data-testid="flash">
          <b>{powerName(best.use.powerStops)} power</b>{unit.powers.length > 1 ? ' serves best' : ''}: {sayInstruction(
            judged.pair.camera,
            best.verdict.setting
          )
            .join(' ')
            .toLowerCase()}, {chanceInHundred(best.verdict.pUsable)} in 100.
        </p>
        {#if best.verdict.chance === 'unlikely'}
          <p class="leading-snug font-semibold">{sayVerdict(best.verdict)}.</p>
        {/if}
        {#if best.verdict.flash}
          {@const behind = behindStops(best.verdict.flash, subjectM, Math.max(wallM, subjectM))}
          <p class="leading-snug" data-testid="behind">
            {behind > -0.1
              ? 'The wall behind comes out as light as the subject.'
              : `The wall behind comes out ${tenths(-behind)} darker than the subject.`}
          </p>
        {/if}
        <button
          type="button"
          class="btn preset-filled min-h-11 justify-self-start"
          onclick={() => void use(best.use)}>Set it on Shoot</button
        >
      {/if}
      <p class="soft leading-snug">
        Guide number {formatDecimal(unit.guideNumber, 1)} in metres, {formatDecimal(
          unit.guideNumber / 0.3048,
          0
        )} in feet, at ISO 100.
        {#if unit.bulbs}
          It burns bulbs, a new one for each frame: with the contact for electronic flashes the shutter stays
          open {sayTime(unit.bulbs.leastSeconds)} or longer.
        {/if}
      </p>
      <p class="soft leading-snug">
        An old flash holds a charge that can hurt: do not open it. Flashbulbs burn, and may burst: a shield
        before them, never near a face. The maker’s sheet comes first.
      </p>
    </div>
    <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
      <PowerDrawing {rows} {subjectM} name={powerName} />
      {#if judged}<GuideNumberTest pair={judged.pair} {unit} {readM} />{/if}
    </div>
  </div>
{/if}
