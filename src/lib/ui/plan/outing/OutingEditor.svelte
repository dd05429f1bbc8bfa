<!-- An outing: its day, its stops in an order that dragging and the arrow keys change, and what to pack for it. -->
<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { dragHandleZone, type DndEvent } from 'svelte-dnd-action';
  import type { Pair } from '#core/log/pair.ts';
  import type { Outing, Stop } from '#core/plan/outing.ts';
  import { MOST_STOPS } from '#core/plan/outing.ts';
  import { ok } from '#core/numeric/result.ts';
  import { TOLD_SKIES } from '#core/sky/sky-scene.ts';
  import { wallClock } from '#core/sky/wall-clock.ts';
  import type { NamedPlace } from '#core/ways/choice.ts';
  import type { RecentFrame } from '../../light/recent.ts';
  import Tile from '../../tile/Tile.svelte';
  import { skyName } from '../../text/say-light.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { inOrder, newStop, withStop } from './new-outing.ts';
  import { OutingPlanner, type OutingBag } from './outing-planner.svelte.ts';
  import PackList from './PackList.svelte';
  import { readBudget, readDay } from './read-stop.ts';
  import { calendarOfOuting } from './outing-calendar.ts';
  import { saveAs } from '../../files/save-as.ts';
  import StopCard from './StopCard.svelte';

  let {
    outing,
    bag,
    place,
    recent,
    onchange
  }: {
    outing: Outing;
    bag: OutingBag;
    /** Where a first stop is. */
    place: NamedPlace | null;
    recent: readonly RecentFrame[];
    onchange: (outing: Outing) => void;
  } = $props();
  const planner = new OutingPlanner();
  onMount(() => () => planner.stop());
  const REST_MS = 120;
  $effect(() => {
    const asked = { outing, bag };
    let back = (): void => undefined;
    const timer = setTimeout(() => (back = planner.ask(asked.outing, asked.bag)), REST_MS);
    return () => {
      clearTimeout(timer);
      back();
    };
  });
  const planned = (id: string) => planner.plan?.stops.find((s) => s.stop.id === id) ?? null;
  const pairs = $derived<readonly Pair[]>(bag.pairs);
  const zone = $derived(outing.stops[0]?.place.zone ?? place?.zone ?? 'UTC');
  const today = $derived(wallClock(Date.now(), zone).date);

  /** While a stop is dragged it stands among the others; null = nothing is. */
  let dragged = $state.raw<Stop[] | null>(null);
  const shown = $derived(dragged ?? [...outing.stops]);
  function drop({ detail }: CustomEvent<DndEvent<Stop>>): void {
    dragged = null;
    const ids = detail.items.map((s) => s.id);
    if (ids.join() !== outing.stops.map((s) => s.id).join()) onchange(inOrder(outing, ids));
  }
  /** A stop that was just added: its fields stand open. */
  let fresh = $state('');
  function add(): void {
    const at = outing.stops.at(-1)?.place ?? place;
    if (!at) return;
    const stop = newStop(crypto.randomUUID(), at, outing.stops.at(-1) ?? null);
    fresh = stop.id;
    onchange({ ...outing, stops: [...outing.stops, stop] });
  }
  async function keep(): Promise<void> {
    const { plan } = planner;
    if (!plan) return;
    saveAs(await calendarOfOuting(outing, plan, pairs, Date.now()), 'text/calendar', `${outing.name}.ics`);
  }
  const isStill = untrack(
    () => typeof matchMedia === 'function' && matchMedia('(prefers-reduced-motion)').matches
  );
</script>

<div class="grid grid-cols-2 items-start gap-1.5 sm:grid-cols-4">
  <ReadTile
    label="Name"
    text={outing.name}
    read={(t: string) => ok(t === '' ? 'A day out' : t)}
    onread={(name: string) => onchange({ ...outing, name })}
  />
  <ReadTile
    label="Day"
    text={outing.date}
    read={readDay(today)}
    onread={(date: string) => onchange({ ...outing, date })}
    example="tomorrow"
  />
  <Tile
    label="The sky"
    value={outing.sky}
    onchoose={(v: string) => onchange({ ...outing, sky: TOLD_SKIES.find((s) => s === v) ?? 'unsaid' })}
  >
    {#each TOLD_SKIES as sky (sky)}<option value={sky}>{skyName(sky)}</option>{/each}
  </Tile>
  <ReadTile
    label="Film may cost"
    text={outing.budget === null ? '' : outing.budget.toFixed(2)}
    read={readBudget}
    onread={(budget: number | null) => onchange({ ...outing, budget })}
    inputmode="decimal"
    example="not said"
  />
</div>
<div class="grid grid-cols-[minmax(0,1fr)] gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
  <div
    class="grid grid-cols-[minmax(0,1fr)] content-start gap-3"
    aria-busy={planner.progress !== null}
    data-testid="outing"
  >
    {#if planner.trouble !== ''}<p role="alert">The outing could not be worked out: {planner.trouble}</p>{/if}
    <ol
      class="grid grid-cols-[minmax(0,1fr)] gap-3"
      aria-label="Stops, in the order of the way"
      use:dragHandleZone={{
        items: shown,
        flipDurationMs: isStill ? 0 : 150,
        dropTargetStyle: {},
        type: 'stops'
      }}
      onconsider={(e: CustomEvent<DndEvent<Stop>>) => (dragged = e.detail.items)}
      onfinalize={drop}
    >
      {#each shown as stop (stop.id)}
        <li>
          <StopCard
            {stop}
            planned={planned(stop.id)}
            {pairs}
            {recent}
            unfolded={stop.id === fresh}
            onchange={(to: Stop) => onchange(withStop(outing, stop.id, to))}
            onremove={() => onchange(withStop(outing, stop.id, null))}
          />
        </li>
      {/each}
    </ol>
    {#if outing.stops.length >= MOST_STOPS}
      <p>An outing has {MOST_STOPS} stops at most: begin another one.</p>
    {:else if outing.stops.length === 0 && !place}
      <p>
        Say where you will be on <a class="underline" href="/plan">Plan</a>: a stop begins at the last place.
      </p>
    {:else}
      <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={add}
        >Add a stop</button
      >
    {/if}
  </div>
  <div class="grid grid-cols-[minmax(0,1fr)] content-start gap-3">
    {#if planner.plan && outing.stops.length > 0}
      <PackList plan={planner.plan} {pairs} things={bag.things} budget={outing.budget} {zone} />
      <button
        type="button"
        class="min-h-11 cursor-pointer justify-self-start underline"
        onclick={() => void keep()}>Add to calendar</button
      >
    {/if}
    <p class="soft leading-snug">
      In the dusk: stay off rails and roads, keep back from water and the edges of quays and platforms, and
      let somebody know where you are. Local rules come first.
    </p>
  </div>
</div>
