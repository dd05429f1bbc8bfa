<script lang="ts">
  import { onMount } from 'svelte';
  import type { Pair } from '#core/log/pair.ts';
  import { carriedPairs } from '#core/offline/carried.ts';
  import type { NamedPlace } from '#core/ways/choice.ts';
  import { skyEvents } from '#core/sky/events.ts';
  import { timeText } from '#core/sky/zone.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import { recentPlaces } from '#ui/light/recent-places.ts';
  import { sayEvent } from '#ui/light/say-sun.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import { changeSettings } from '#ui/offline/remember.ts';
  import AtMinute from '#ui/plan/AtMinute.svelte';
  import DayAxis from '#ui/plan/DayAxis.svelte';
  import LightBand from '#ui/plan/LightBand.svelte';
  import PairPlan from '#ui/plan/PairPlan.svelte';
  import PlanFields from '#ui/plan/PlanFields.svelte';
  import { PlanDraft } from '#ui/plan/plan-draft.svelte.ts';
  import { LANES, Planner, planPair, standsApart } from '#ui/plan/planner.svelte.ts';
  import { BETWEEN_SECONDS } from '#core/plan/fits.ts';

  const current = useCurrent();
  const openedMs = Date.now();
  /** So long before its first frame a day that has begun is shown. */
  const LEAD_MS = 10 * 60_000;
  const draft = new PlanDraft(current.settings.place, openedMs);
  const planner = new Planner();
  onMount(() => {
    void offline.carry();
    return () => planner.stop();
  });

  // the settings come with the first answer of the server, or from what the phone carries
  $effect.pre(() => {
    draft.place ??= current.settings.place;
  });
  function move(place: NamedPlace): void {
    draft.place = place;
    void changeSettings({ place }, current.settings);
  }

  /** Every loaded camera that has a frame left, the one in use first. */
  const pairs = $derived.by(() => {
    const { pair } = current;
    const others = offline.carried ? carriedPairs(offline.carried) : [];
    const all = [...(pair ? [pair] : []), ...others.filter((p) => p.loadId !== pair?.loadId)];
    return all.filter((p) => !p.finished);
  });
  const kit = $derived({
    ...{ things: current.things, purpose: draft.purpose },
    ...{ leastChance: current.settings.leastChance, steadiness: current.settings.steadiness }
  });
  const REST_MS = 120;
  $effect(() => {
    const { day } = draft;
    const asked = { pairs, kit };
    if (!day || asked.pairs.length === 0) return;
    let back = (): void => undefined;
    planner.progress = 0;
    const timer = setTimeout(() => (back = planner.ask(day, asked.pairs, asked.kit)), REST_MS);
    return () => {
      clearTimeout(timer);
      back();
    };
  });

  /** The minute that is looked at; null = where the first window opens. */
  let pointedMs = $state<number | null>(null);
  const chosen = $derived(pairs[0] ?? null);
  const atMs = $derived.by(() => {
    const { day } = draft;
    if (!day) return 0;
    const opens = LANES.map((lane) => chosen && planner.lane(chosen.loadId, lane)?.windows[0]?.from.likelyMs);
    const ms = pointedMs ?? opens.find((m) => typeof m === 'number') ?? day.fromMs;
    return Math.min(day.toMs, Math.max(day.fromMs, ms));
  });
  /** When frames of the day were taken, by load: they are laid on the windows. */
  const frames = $derived(offline.carried?.frames ?? []);
  const takenOf = (loadId: string): readonly number[] => {
    const { day } = draft;
    const all = frames.filter((f) => f.loadId === loadId).map((f) => Date.parse(f.takenAt.at));
    return day ? all.filter((ms) => ms >= day.fromMs && ms <= day.toMs) : [];
  };
  // a day that has begun is looked back at from its first frame on
  $effect.pre(() => {
    const dayMs = 24 * 3_600_000;
    const recent = frames
      .map((f) => Date.parse(f.takenAt.at))
      .filter((ms) => ms > openedMs - dayMs && draft.isOn(ms));
    draft.sinceMs = recent.length === 0 ? null : Math.min(...recent) - LEAD_MS;
  });
  /** The other cameras: those that work at some time, and those that are known not to. */
  const others = $derived.by(() => {
    const isIdle = ({ loadId }: Pair): boolean =>
      LANES.every((lane) => planner.lane(loadId, lane)?.windows.length === 0);
    const all = pairs.slice(1);
    return { working: all.filter((p) => !isIdle(p)), idle: all.filter(isIdle) };
  });
  const between = $derived(draft.betweenSeconds ?? BETWEEN_SECONDS);
  const zone = $derived(draft.place?.zone ?? 'UTC');
  const isNow = $derived(draft.day?.fromMs === openedMs);
  const events = $derived(draft.day ? skyEvents(draft.day.fromMs, draft.day.toMs, draft.day.place) : []);
</script>

<svelte:head><title>Plan · Just Enough</title></svelte:head>
<div class="mt-1 mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
  <h1 class="text-[1.75rem] font-[650]">Plan</h1>
  <p class="flex flex-wrap gap-x-4">
    <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/plan/outings">Outings</a>
    <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/plan/film">Which film?</a>
    <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/plan/card">Pocket card</a>
  </p>
</div>
{#if !chosen}
  <p>
    No camera is loaded. <a class="underline" href="/kit">Load one</a>, and this page tells when it works.
  </p>
{/if}
<div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[20rem_minmax(0,1fr)]">
  <PlanFields
    {draft}
    recent={current.recent}
    lately={recentPlaces(current.recent, draft.place)}
    onplace={move}
  />
  {#if draft.day && draft.place && chosen}
    {@const { day, place } = draft}
    <div
      class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-5"
      aria-busy={planner.progress !== null}
      data-testid="plan"
    >
      {#if planner.trouble !== ''}<p role="alert">The plan could not be made: {planner.trouble}</p>{/if}
      <div class="card grid grid-cols-[minmax(0,1fr)] gap-2 p-4">
        <PairPlan
          pair={chosen}
          {planner}
          span={day}
          {zone}
          placeName={place.name}
          {isNow}
          {between}
          {atMs}
          taken={takenOf(chosen.loadId)}
          whole
        />
        <div>
          <DayAxis span={day} {zone} {atMs} onpoint={(ms: number) => (pointedMs = ms)} />
          <AtMinute
            {day}
            {place}
            lamps={draft.lamps}
            ownLamps={draft.ownLamps}
            {atMs}
            pair={planPair(chosen, kit)}
            loadId={chosen.loadId}
            lanes={standsApart(chosen) ? LANES : ['hand']}
          />
        </div>
      </div>
      <p class="leading-snug">
        {#each events as event, i (event.ms)}{i > 0 ? ' · ' : ''}<span class="whitespace-nowrap"
            ><b>{timeText(event.ms, zone)}</b> {sayEvent(event.kind)}</span
          >{:else}Sun and moon neither rise nor set on this day.{/each}
      </p>
      {#if planner.band.length > 0}<LightBand band={planner.band} {zone} />{/if}
      {#each others.working as pair (pair.loadId)}
        <PairPlan
          {pair}
          {planner}
          span={day}
          {zone}
          placeName={place.name}
          {isNow}
          {between}
          {atMs}
          taken={takenOf(pair.loadId)}
          whole={false}
        />
      {/each}
      {#if others.idle.length > 0}
        <p class="soft">
          Not for this: {others.idle.map((p) => `${p.camera.name} with ${p.film.name}`).join(', ')}.
        </p>
      {/if}
      <p class="soft leading-snug">
        In the dusk: stay off rails and roads, keep back from water and the edges of quays and platforms, and
        let somebody know where you are. Local rules come first. Never look at the sun through a finder.
      </p>
    </div>
  {/if}
</div>
