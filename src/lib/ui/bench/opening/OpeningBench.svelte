<script lang="ts">
  import { measurable, withMeasured } from '#core/bench/measured-control.ts';
  import { openingOf, readOpening, RULE_MM, type Opening } from '#core/bench/opening.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { formatFNumberDigits } from '#core/units/aperture.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import { keepCamera } from '../keep-camera.ts';
  import { tenths } from '../say-bench.ts';
  import OpeningDrawing from './OpeningDrawing.svelte';
  import { OPENING_WORDS } from './opening-words.ts';

  const current = useCurrent();
  const pair = $derived(current.pair);
  const camera = $derived(pair?.camera ?? null);
  const places = $derived(camera ? measurable(camera, 'aperture') : []);
  /** Reading errors either way, mm: a school rule, one with half millimetres read well, calipers. */
  const RULES = { rule: RULE_MM, fine: 0.25, calipers: 0.05 } as const;
  let rule = $state<keyof typeof RULES>('rule');
  /** What was measured, by place. */
  let measured = $state.raw<ReadonlyMap<number, { readonly text: string; readonly opening: Opening }>>(
    new Map()
  );
  let looked = $state(0);

  function read(text: string): Result<{ readonly text: string; readonly opening: Opening } | null, string> {
    if (text === '') return ok(null);
    const found = readOpening(text, camera?.focalMm ?? null, RULES[rule]);
    return found.ok ? ok({ text, opening: found.value }) : err(OPENING_WORDS[found.error]);
  }
  function put(at: number, found: { readonly text: string; readonly opening: Opening } | null): void {
    const others = [...measured].filter(([place]) => place !== at);
    const next = new Map(found ? [...others, [at, found] as const] : others);
    [measured, looked] = [next, at];
  }
  const openings = $derived(
    new Map([...measured].map(([at, m]) => [at, openingOf(m.opening.focalMm, m.opening.seenMm, RULES[rule])]))
  );
  const shown = $derived(openings.get(looked) ?? null);
  function against(fNumber: number, before: number): string {
    const stops = 2 * Math.log2(fNumber / before);
    return Math.abs(stops) < 0.05
      ? ''
      : `: ${tenths(Math.abs(stops))} ${stops > 0 ? 'darker' : 'lighter'} than that`;
  }
  async function keep(): Promise<void> {
    if (!pair || !camera) return;
    const values = new Map([...openings].map(([at, o]) => [at, Math.round(o.fNumber * 100) / 100]));
    const isKept = await keepCamera(
      pair,
      (now) => withMeasured(now, 'aperture', values),
      `The ${camera.name} has ${values.size === 1 ? 'the opening' : 'the openings'} you measured.`
    );
    if (isKept) measured = new Map();
  }
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[22rem_minmax(0,1fr)]">
  <div class="grid content-start gap-3">
    <p class="leading-snug">
      Look into the lens from the front, at arm’s length, with the shutter open. Hold a rule before it and
      read how wide the opening seems.
    </p>
    {#if places.length === 0}
      <p>
        Nothing to measure: the {camera?.name} sets its aperture by itself, or its openings lie in a table of its
        own. Change that on its sheet.
      </p>
    {:else}
      <Tile
        label="Measured with"
        value={rule}
        onchoose={(v: string) => (rule = v === 'fine' || v === 'calipers' ? v : 'rule')}
      >
        <option value="rule">a rule, to half a millimetre</option>
        <option value="fine">a rule, to a quarter</option>
        <option value="calipers">calipers</option>
      </Tile>
      <div class="grid grid-cols-2 gap-1.5">
        {#each places as place, at (at)}
          <ReadTile
            label={places.length === 1 ? 'Seen, mm' : `At ${place.mark}, mm`}
            text={measured.get(at)?.text ?? ''}
            {read}
            onread={(found: { readonly text: string; readonly opening: Opening } | null) => put(at, found)}
            example={at === 0 ? `${formatDecimal(camera?.focalMm ?? 95, 1)} / 5.9` : '5.9'}
            inputmode="text"
          />
        {/each}
      </div>
      <p class="soft leading-snug">
        The diameter alone goes by the focal length of the sheet, {formatDecimal(camera?.focalMm ?? 0, 1)} mm. With
        a focal length you measured, write both: 95 / 5.9.
      </p>
    {/if}
  </div>
  <div class="grid content-start gap-4" data-testid="opening">
    <OpeningDrawing focalMm={shown?.focalMm ?? camera?.focalMm ?? 50} seenMm={shown?.seenMm ?? null} />
    {#if openings.size > 0}
      <ul class="grid gap-2">
        {#each [...openings] as [at, o] (at)}
          {@const place = places[at]}
          <li class="leading-snug">
            {#if places.length > 1}<b>{place?.mark}</b>:{/if}
            <b class="text-[1.25rem]">f/{formatFNumberDigits(o.fNumber)}</b>, give or take {tenths(
              o.sdStops
            )}; nearest mark {formatFNumberDigits(o.mark)}.
            {#if place}<span class="soft"
                >The sheet says f/{formatFNumberDigits(place.value)}{against(o.fNumber, place.value)}.</span
              >{/if}
          </li>
        {/each}
      </ul>
      <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={() => void keep()}
        >Keep with the camera</button
      >
    {/if}
  </div>
</div>
