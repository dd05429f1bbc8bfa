<!-- One line on Shoot: until when, and from when on again, the pair in use works today; the whole of it is on Plan. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import type { Pair } from '#core/log/pair.ts';
  import type { NamedPlace } from '#core/ways/choice.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { PlanDraft } from './plan-draft.svelte.ts';
  import { LANES, Planner, standsApart } from './planner.svelte.ts';
  import { sayTonight } from './say-plan.ts';

  let { pair, place }: { pair: Pair; place: NamedPlace } = $props();
  const current = useCurrent();
  const planner = new Planner();
  onMount(() => () => planner.stop());
  const purpose = $derived(current.asked.purpose ?? 'good-frame');
  const { things } = $derived(current);
  const { leastChance, steadiness } = $derived(current.settings);
  const day = $derived(new PlanDraft(place, Date.now()).day);
  $effect(() => (day ? planner.ask(day, [pair], { things, purpose, leastChance, steadiness }) : undefined));
  const lanes = $derived(
    (standsApart(pair) ? LANES : LANES.slice(0, 1)).flatMap((lane) => planner.lane(pair.loadId, lane) ?? [])
  );
</script>

{#if planner.progress === null && lanes.length > 0}
  <p class="text-[0.9375rem] leading-snug" data-testid="tonight">
    <b>Today at {place.name}</b>: {sayTonight(lanes, place.zone)}.
    <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/plan">Plan</a>
  </p>
{/if}
