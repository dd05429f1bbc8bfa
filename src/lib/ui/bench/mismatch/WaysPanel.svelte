<!-- Film faster or slower than the camera believes: a filter here or there, or other electronics; what each costs in time, depth and money. -->
<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { believing, paysAfter, waysOut, type WayOut } from '#core/bench/mismatch/ways-out.ts';
  import { PLAIN } from '#core/error/circumstances.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatDecimal, parseDecimal } from '#core/units/decimal.ts';
  import { formatStops } from '#core/units/stops.ts';
  import { changeLoad } from '../../api.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { sayTrouble } from '../../notices/say.ts';
  import { chanceInHundred, sayMetres, sayTime } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { keepCamera } from '../keep-camera.ts';
  import LightTile from '../LightTile.svelte';
  import { sayOff } from '../say-bench.ts';
  import { sayWayOut } from './say-mismatch.ts';

  const current = useCurrent();
  let typedLv = $state<number | null>(null);
  const judged = $derived(current.judged);
  const lv = $derived(typedLv ?? current.light.lv);
  const situation = $derived(judged && { ...judged.situation, light: { ...judged.situation.light, lv } });
  const ways = $derived(situation && judged ? waysOut(situation, judged.pair.present) : []);
  const film = $derived(judged?.pair.film ?? null);
  let once = $state<number | null>(null);
  let typedNow = $state<number | null>(null);
  let then = $state<number | null>(null);
  const now = $derived(
    typedNow ?? (film?.price != null && film.frames > 0 ? film.price / film.frames : null)
  );
  const pays = $derived(once === null || now === null || then === null ? null : paysAfter(once, now, then));
  const isMoneyTold = $derived(once !== null && now !== null && then !== null);
  function readMoney(text: string): Result<number | null, string> {
    if (text === '') return ok(null);
    const n = parseDecimal(text);
    return n !== null && n >= 0 && n <= 1e6
      ? ok(n)
      : err(`“${text}” is no price. Give a number from 0 to 1000000.`);
  }
  const PRICES = [
    {
      label: 'Costs once: the conversion, or another camera',
      example: '120',
      value: () => once,
      onread: (n: number | null) => (once = n)
    },
    {
      label: 'A frame costs now',
      example: '3.50',
      value: () => now,
      onread: (n: number | null) => (typedNow = n)
    },
    {
      label: 'A frame costs then',
      example: '1.20',
      value: () => then,
      onread: (n: number | null) => (then = n)
    }
  ];
  const money = (n: number | null): string => (n === null ? '' : formatDecimal(n, 2));
  async function use(way: WayOut): Promise<void> {
    if (!judged) return;
    if (way.kind === 'converted') {
      const { pair } = judged;
      await keepCamera(
        pair,
        (camera) => believing(camera, way.iso),
        `The ${pair.camera.name} believes in ISO ${way.iso} from now on.`
      );
      return;
    }
    // what lies on the pack belongs to the pack
    if (way.kind === 'filter' && way.place === 'pack') {
      const { loadId, loadRevision } = judged.pair;
      const packFilter = { name: '', stops: way.stops, on: true };
      const laid = await changeLoad(loadId, { packFilter }, loadRevision);
      if (!laid.ok) {
        sayTrouble(laid.error.words);
        return;
      }
      await invalidateAll();
      await goto('/shoot');
      return;
    }
    const circumstances = { ...PLAIN, ...current.asked.circumstances };
    const filters = way.kind === 'filter' ? [{ name: '', stops: way.stops, place: way.place }] : [];
    current.asked = { ...current.asked, circumstances: { ...circumstances, filters } };
    current.picked = null;
    if (typedLv !== null) current.moveLight(typedLv);
    await goto('/shoot');
  }
</script>

{#if ways.length > 0 && judged}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[20rem_minmax(0,1fr)]">
    <div class="grid content-start gap-3">
      <LightTile {lv} onlv={(v: number) => (typedLv = v)} />
      <h2 class="font-semibold">When it pays</h2>
      {#each PRICES as { label, value, example, onread } (label)}
        <ReadTile {label} text={money(value())} read={readMoney} {onread} inputmode="decimal" {example} />
      {/each}
      {#if isMoneyTold}
        <p class="leading-snug" data-testid="pays">
          {pays === null ? 'It never pays: a frame costs as much then.' : `It pays after ${pays} frames.`}
        </p>
      {/if}
    </div>
    <ul class="grid min-w-0 content-start gap-3" aria-label="Ways out">
      {#each ways as { way, verdict, offStops, timeStops, sharp }, i (i)}
        <li class="card grid gap-1.5 p-4">
          <h2 class="font-semibold">{sayWayOut(way)}</h2>
          <p class="leading-snug">
            {sayTime(verdict.exposure.seconds)}{way.kind === 'as-it-is' || Math.abs(timeStops) < 0.17
              ? ''
              : `, ${formatStops(timeStops)} ${timeStops > 0 ? 'longer' : 'shorter'}`}; {sayOff(offStops)};
            sharp from {sayMetres(sharp.nearM)} to {sayMetres(sharp.farM)}. {chanceInHundred(verdict.pUsable)} in
            100.
          </p>
          {#if way.kind !== 'as-it-is'}
            <button
              type="button"
              class="btn preset-outlined min-h-11 justify-self-start"
              onclick={() => void use(way)}
              >{way.kind === 'converted' ? 'It is converted' : 'Set it on Shoot'}</button
            >
          {/if}
        </li>
      {/each}
      {#if ways.length === 1}
        <li class="leading-snug">
          The {judged.pair.camera.name} believes in about the speed this film has: nothing need be done.
        </li>
      {/if}
      {#if ways.some(({ way }) => way.kind === 'converted')}
        <li class="soft leading-snug">
          Converting opens the camera: its flash capacitor can hold a dangerous charge for days. Leave that to
          trained hands.
        </li>
      {/if}
    </ul>
  </div>
{:else if judged}
  <p>The {judged.pair.camera.name} sets nothing by itself: what it believes of the film does not matter.</p>
{/if}
