<!-- Three frames of one wall, the flash alone: the guide number it really has, kept where the flash is entered. -->
<script lang="ts">
  import { guideNumberFrom } from '#core/bench/flash-table.ts';
  import type { FlashUnit } from '#core/camera/traits.ts';
  import type { Pair } from '#core/log/pair.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { parseFNumber } from '#core/units/aperture.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { sayMetres } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import { keepCamera } from '../keep-camera.ts';
  import { keepThing } from '../keep-thing.ts';
  import { tenths } from '../say-bench.ts';

  let {
    pair,
    unit,
    readM
  }: { pair: Pair; unit: FlashUnit; readM: (text: string) => Result<number, string> } = $props();
  const current = useCurrent();
  let fromM = $state<number | null>(null);
  let fNumber = $state<number | null>(null);
  let outs = $state.raw<readonly (number | null)[]>([null, null, null]);
  const OUT = [-2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2] as const;
  const tested = $derived.by(() => {
    const [distanceM, n] = [fromM, fNumber];
    const told = outs.filter((o) => o !== null);
    if (distanceM === null || n === null || told.length === 0) return null;
    return guideNumberFrom(
      told.map((outStops) => ({ distanceM, fNumber: n, outStops })),
      pair.film.iso
    );
  });
  /** The flash of the bag whose number it is; null = it is built in. */
  const thing = $derived(
    pair.camera.flash.kind === 'switch'
      ? null
      : (current.things.find((t) => t.data.kind === 'flash' && t.name === unit.name) ?? null)
  );
  const tidy = (n: number): number => Math.round(n * 10) / 10;
  async function keep(guideNumber: number): Promise<void> {
    const { camera } = pair;
    if (camera.flash.kind === 'switch') {
      const { flash } = camera;
      const found = { ...flash.unit, guideNumber: tidy(guideNumber) };
      await keepCamera(
        pair,
        (now) => ({ ...now, flash: { ...flash, unit: found } }),
        `The flash of the ${camera.name} has the guide number you found.`
      );
    } else if (thing?.data.kind === 'flash') {
      const now = { ...thing, data: { ...thing.data, guideNumber: tidy(guideNumber) } };
      await keepThing(thing, now, `The ${thing.name} has the guide number you found.`);
    }
  }
  const sayOut = (stops: number): string =>
    stops === 0 ? 'right' : `${tenths(Math.abs(stops))} ${stops > 0 ? 'light' : 'dark'}`;
  function readF(text: string): Result<number, string> {
    const read = parseFNumber(text);
    return read.ok ? ok(read.value) : err(explainQuantity(read.error));
  }
</script>

<section class="card grid gap-2 p-4" aria-label="Guide-number test">
  <h2 class="text-lg font-semibold">What is its guide number really?</h2>
  <p class="soft leading-snug">
    In the dark, three frames of a plain wall at full power from one distance; then judge the prints.
  </p>
  <div class="grid grid-cols-2 items-start gap-1.5 sm:grid-cols-5">
    <ReadTile
      label="From"
      text={fromM === null ? '' : sayMetres(fromM)}
      read={readM}
      onread={(m: number) => (fromM = m)}
      example="2 m"
    />
    <ReadTile
      label="Aperture"
      text={fNumber === null ? '' : `f/${formatDecimal(fNumber, 1)}`}
      read={readF}
      onread={(n: number) => (fNumber = n)}
      example="f/8"
    />
    {#each outs as out, i (i)}
      <Tile
        label="Frame {i + 1}"
        value={out === null ? '' : String(out)}
        onchoose={(v: string) => (outs = outs.map((o, j) => (j === i ? (v === '' ? null : Number(v)) : o)))}
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
    </p>
    {#if thing || pair.camera.flash.kind === 'switch'}
      <button
        type="button"
        class="btn preset-filled min-h-11 justify-self-start"
        onclick={() => void keep(tested.guideNumber)}
        >{thing ? `Keep with the ${thing.name}` : 'Keep with the camera'}</button
      >
    {/if}
  {/if}
</section>
