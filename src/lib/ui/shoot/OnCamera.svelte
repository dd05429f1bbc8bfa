<!-- What is on the camera: filters and where they sit, flash and its power, several exposures on one frame. -->
<script lang="ts">
  import { setsItself } from '#core/camera/camera.ts';
  import type { FilterPlace } from '#core/error/filters.ts';
  import { atHandFrom } from '#core/advice/at-hand.ts';
  import { flashRange } from '#core/advice/flash-range.ts';
  import type { FlashUnit } from '#core/camera/traits.ts';
  import { PLAIN } from '#core/error/circumstances.ts';
  import { formatStops } from '#core/units/stops.ts';
  import { invalidateAll } from '$app/navigation';
  import { changeLoad } from '../api.ts';
  import { sayTrouble } from '../notices/say.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { withFocus, type Judged } from '../current-judge.ts';
  import { sayError, sayMetres } from '../text/say.ts';
  import { FILTER_PLACES, sayPower } from '../text/say-remedy.ts';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const uid = $props.id();
  /** Powers that close-up lenses are sold in. Common practice, no source. */
  const CLOSE_UPS = [1, 2, 3, 4, 5, 10] as const;
  const camera = $derived(judged.pair.camera);
  const atHand = $derived(atHandFrom(current.films, current.things));
  const now = $derived({ ...PLAIN, ...current.asked.circumstances });
  const PLACES = $derived<readonly FilterPlace[]>(
    !setsItself(camera) ? ['lens'] : ['lens-and-eye', 'lens', 'pack', 'eye']
  );
  const units = $derived<readonly FlashUnit[]>(
    camera.flash.kind === 'switch' ? [camera.flash.unit] : camera.flash.kind === 'shoe' ? atHand.flashes : []
  );
  const fired = $derived(now.flash.kind === 'fired' ? now.flash : null);
  const range = $derived(
    fired ? flashRange(judged.situation, withFocus(camera, judged.pair.present, current.leftAt)) : null
  );
  const nameOf = (f: { name: string; stops: number }): string =>
    f.name === '' ? `grey, ${formatStops(f.stops)}` : `${f.name}, ${formatStops(f.stops)}`;

  function addFilter(index: string): void {
    const filter = atHand.filters[Number(index)];
    if (filter) current.ask({ filters: [...now.filters, { ...filter, place: PLACES[0] ?? 'lens' }] });
  }
  function moveFilter(at: number, place: string): void {
    const next = PLACES.find((p) => p === place);
    if (next === 'pack') void layOnPack(at);
    else if (next)
      current.ask({ filters: now.filters.map((f, i) => (i === at ? { ...f, place: next } : f)) });
  }
  /** What lies on the pack belongs to the pack: it stays on it whatever else is taken off. */
  async function layOnPack(at: number): Promise<void> {
    const filter = now.filters[at];
    if (!filter) return;
    const { loadId, loadRevision } = judged.pair;
    const packFilter = { name: filter.name, stops: filter.stops, on: true };
    const laid = await changeLoad(loadId, { packFilter }, loadRevision);
    if (!laid.ok) {
      sayTrouble(laid.error.words);
      return;
    }
    current.ask({ filters: now.filters.filter((_, i) => i !== at) });
    await invalidateAll();
  }
  async function takeOffPack(): Promise<void> {
    const { loadId, loadRevision } = judged.pair;
    const taken = await changeLoad(loadId, { packFilter: null }, loadRevision);
    if (!taken.ok) sayTrouble(taken.error.words);
    await invalidateAll();
  }
  function useFlash(value: string): void {
    if (value === 'as-it-comes' || value === 'off') {
      current.ask({ flash: { kind: value } });
      return;
    }
    const [index = '', power = ''] = value.split(' ');
    const unit = units[Number(index)];
    if (unit) current.ask({ flash: { kind: 'fired', unit, powerStops: Number(power), lossStops: 0 } });
  }
  const flashValue = $derived(
    fired
      ? `${units.findIndex((u) => u.guideNumber === fired.unit.guideNumber)} ${fired.powerStops}`
      : now.flash.kind
  );
</script>

<div class="grid gap-1">
  {#each now.filters as filter, i (i)}
    <div class="filter">
      <span>{nameOf(filter)}</span>
      {#if PLACES.length > 1}
        <select
          class="select"
          aria-label="Where {nameOf(filter)} sits"
          value={filter.place}
          onchange={(e) => moveFilter(i, e.currentTarget.value)}
        >
          {#each PLACES as place (place)}<option value={place}>{FILTER_PLACES[place]}</option>{/each}
        </select>
      {/if}
      <button
        type="button"
        class="chip"
        aria-label="Take {nameOf(filter)} off"
        onclick={() => current.ask({ filters: now.filters.filter((_, j) => j !== i) })}>Off</button
      >
    </div>
  {/each}
  {#if judged.pair.packFilter}
    <div class="filter">
      <span
        >{nameOf(judged.pair.packFilter)}
        {judged.pair.packFilter.on ? 'on this pack' : 'to be laid on this pack'}</span
      >
      <button type="button" class="chip" onclick={() => void takeOffPack()}>Not on this pack</button>
    </div>
  {/if}
  <label class="kicker" for="{uid}-filter">Put a filter on</label>
  <select
    id="{uid}-filter"
    class="select"
    value=""
    onchange={(e) => {
      addFilter(e.currentTarget.value);
      e.currentTarget.value = '';
    }}
  >
    <option value="">{now.filters.length === 0 ? 'none is on' : 'another one'}</option>
    {#each atHand.filters as filter, i (i)}<option value={String(i)}>{nameOf(filter)}</option>{/each}
  </select>
  <label class="kicker" for="{uid}-close">Close-up lens</label>
  <select
    id="{uid}-close"
    class="select"
    value={String(now.closeUpDioptres ?? 0)}
    onchange={(e) => current.ask({ closeUpDioptres: Number(e.currentTarget.value) || undefined })}
  >
    <option value="0">none</option>
    {#each CLOSE_UPS as power (power)}<option value={String(power)}>{power} dioptres</option>{/each}
  </select>
  {#if units.length > 0 || camera.flash.kind === 'automatic'}
    <label class="kicker" for="{uid}-flash">Flash</label>
    <select
      id="{uid}-flash"
      class="select"
      value={flashValue}
      onchange={(e) => useFlash(e.currentTarget.value)}
    >
      {#if camera.flash.kind === 'automatic'}
        <option value="as-it-comes">fires by itself</option>
        {#if camera.flash.overridable}<option value="off">kept from firing</option>{/if}
      {:else}
        <option value="as-it-comes">off</option>
      {/if}
      {#each units as unit, u (u)}
        {#each unit.powers as power (power)}
          <option value="{u} {power}">{unit.name} at {sayPower(power)} power</option>
        {/each}
      {/each}
    </select>
  {/if}
  {#if judged.shown.flash}
    <p class="text-(--soft) text-[0.875rem] leading-[1.35]" data-testid="flash-mix">
      {`Flash alone ${sayError(judged.shown.flash.stops)}; the other light alone ${sayError(judged.shown.flash.ambientStops)}; together ${sayError(judged.shown.deltaStops)}.`}
      {#if range}
        It works from {sayMetres(range.fromM)} to {sayMetres(range.toM)}.
      {:else if fired}
        At no distance does this flash make the frame.
      {/if}
    </p>
  {/if}
  {#if camera.repeats}
    <label class="kicker" for="{uid}-times">Exposures on this frame</label>
    <select
      id="{uid}-times"
      class="select"
      value={String(now.exposures)}
      onchange={(e) => current.ask({ exposures: Number(e.currentTarget.value) })}
    >
      {#each [1, 2, 3, 4, 8] as n (n)}<option value={String(n)}>{n}</option>{/each}
    </select>
  {/if}
</div>

<style>
  .kicker {
    margin-top: 6px;
  }
  .filter {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 10px;
  }
  .filter .select {
    flex: 1 1 8rem;
    width: auto;
  }
</style>
