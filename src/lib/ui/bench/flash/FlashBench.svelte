<script lang="ts">
  import { goto } from '$app/navigation';
  import { behindStops, guideNumberFrom, powerRows, powersFor } from '#core/bench/flash-table.ts';
  import { readMetres } from '#core/camera/marks.ts';
  import { PLAIN } from '#core/error/circumstances.ts';
  import type { FlashUse } from '#core/flash/flash.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { parseFNumber } from '#core/units/aperture.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { chanceInHundred, sayInstruction, sayMetres } from '../../text/say.ts';
  import { flashUnits } from '../../shoot/frame/flash-units.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import { keepCamera } from '../keep-camera.ts';
  import LightTile from '../LightTile.svelte';
  import { tenths } from '../say-bench.ts';
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
  let lossStops = $state(0);
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

  // the test: three frames of one wall, the flash alone
  let testM = $state<number | null>(null);
  let testFNumber = $state<number | null>(null);
  let outs = $state.raw<readonly (number | null)[]>([null, null, null]);
  const OUT = [-2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2] as const;
  const tested = $derived.by(() => {
    const [distanceM, fNumber] = [testM, testFNumber];
    const told = outs.filter((o) => o !== null);
    if (distanceM === null || fNumber === null || told.length === 0 || !judged) return null;
    return guideNumberFrom(
      told.map((outStops) => ({ distanceM, fNumber, outStops })),
      judged.pair.film.iso
    );
  });
  /** The flash of the bag whose number it is. */
  const thing = $derived(
    current.things.find((t) => t.data.kind === 'flash' && t.name === unit?.name) ?? null
  );
  async function keep(guideNumber: number): Promise<void> {
    if (!judged) return;
    const { camera } = judged.pair;
    if (camera.flash.kind !== 'switch') return;
    const found = { ...camera.flash.unit, guideNumber: Math.round(guideNumber * 10) / 10 };
    await keepCamera(
      judged.pair,
      { ...camera, flash: { ...camera.flash, unit: found } },
      `The flash of the ${camera.name} has the guide number you found.`
    );
  }
  const sayOut = (stops: number): string =>
    stops === 0 ? 'right' : `${tenths(Math.abs(stops))} ${stops > 0 ? 'light' : 'dark'}`;
  function readF(text: string): Result<number, string> {
    const read = parseFNumber(text);
    return read.ok ? ok(read.value) : err(explainQuantity(read.error));
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
        <Tile
          label="Before the flash"
          value={String(lossStops)}
          onchoose={(v: string) => (lossStops = Number(v))}
        >
          {#each BEFORE as [stops, words] (stops)}<option value={String(stops)}>{words}</option>{/each}
        </Tile>
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
      </p>
      <p class="soft leading-snug">
        An old flash holds a charge that can hurt: do not open it. Flashbulbs burn, and may burst: a shield
        before them, never near a face. The maker’s sheet comes first.
      </p>
    </div>
    <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
      <PowerDrawing {rows} {subjectM} name={powerName} />
      <section class="card grid gap-2 p-4" aria-label="Guide-number test">
        <h2 class="text-lg font-semibold">What is its guide number really?</h2>
        <p class="soft leading-snug">
          In the dark, three frames of a plain wall at full power from one distance; then judge the prints.
        </p>
        <div class="grid grid-cols-2 items-start gap-1.5 sm:grid-cols-5">
          <ReadTile
            label="From"
            text={testM === null ? '' : sayMetres(testM)}
            read={readM}
            onread={(m: number) => (testM = m)}
            example="2 m"
          />
          <ReadTile
            label="Aperture"
            text={testFNumber === null ? '' : `f/${formatDecimal(testFNumber, 1)}`}
            read={readF}
            onread={(n: number) => (testFNumber = n)}
            example="f/8"
          />
          {#each outs as out, i (i)}
            <Tile
              label="Frame {i + 1}"
              value={out === null ? '' : String(out)}
              onchoose={(v: string) =>
                (outs = outs.map((o, j) => (j === i ? (v === '' ? null : Number(v)) : o)))}
            >
              <option value="">not judged</option>
              {#each OUT as stops (stops)}<option value={String(stops)}>{sayOut(stops)}</option>{/each}
            </Tile>
          {/each}
        </div>
        {#if tested}
          <p data-testid="guide-number">
            <b>Guide number {formatDecimal(tested.guideNumber, 1)}</b> in metres ({formatDecimal(
              tested.guideNumber / 0.3048,
              0
            )} in feet){tested.spreadStops === null ? '' : `, frames ${tenths(tested.spreadStops)} apart`}.
            {#if thing}Enter it on <a class="underline" href="/kit/thing/{thing.id}"
                >the sheet of the {thing.name}</a
              >.{/if}
          </p>
          {#if judged?.pair.camera.flash.kind === 'switch'}
            <button
              type="button"
              class="btn preset-filled min-h-11 justify-self-start"
              onclick={() => void keep(tested.guideNumber)}>Keep with the camera</button
            >
          {/if}
        {/if}
      </section>
    </div>
  </div>
{/if}
