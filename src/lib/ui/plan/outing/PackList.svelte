<!-- The smallest kit for an outing, its film and its cost, and after when nothing of the list works. -->
<script lang="ts">
  import type { Pair } from '#core/log/pair.ts';
  import type { FilmNeed } from '#core/plan/film-needs.ts';
  import type { OutingPlan } from '#core/plan/outing-plan.ts';
  import { timeText } from '#core/sky/zone.ts';
  import type { Thing } from '#core/kit/thing.ts';
  import { mountNotes } from '#core/plan/mounting.ts';
  import { sayItem, sayMount, sayNeed, sayPair } from './say-outing.ts';

  let {
    plan,
    pairs,
    things,
    budget,
    zone
  }: {
    plan: OutingPlan;
    pairs: readonly Pair[];
    things: readonly Thing[];
    /** What the film may cost; null = not said. */
    budget: number | null;
    zone: string;
  } = $props();
  const pairOf = (key: string): Pair | null => pairs.find((p) => p.loadId === key) ?? null;
  const cost = $derived.by(() => {
    if (plan.films.every((need) => need.cost === null))
      return 'What it costs is not told: no price is entered for this film.';
    const spent = `${plan.cost.toFixed(2)} of film`;
    if (budget === null) return `${spent}.`;
    return plan.cost > budget
      ? `${spent}: ${(plan.cost - budget).toFixed(2)} more than the budget of ${budget.toFixed(2)}.`
      : `${spent}, of a budget of ${budget.toFixed(2)}.`;
  });
  /** What to mind on the camera of a pair, each once. */
  const mindOn = (key: string): string => {
    const pair = pairOf(key);
    const ways = plan.stops.flatMap(({ way }) => (way?.key === key ? [way] : []));
    const notes = pair ? ways.flatMap((way) => mountNotes(way, pair.camera, things)) : [];
    return [...new Set(notes.map((n) => sayMount(n)))].join('; ');
  };
  const needed = (need: FilmNeed): string => {
    const mind = mindOn(need.key);
    return `${sayNeed(need)}.${mind === '' ? '' : ` Also: ${mind}.`}`;
  };
  const others = $derived(plan.items.flatMap((item) => (item.kind === 'camera' ? [] : [item])));
</script>

<section class="card grid gap-2 p-4" aria-label="To pack" data-testid="pack">
  <h2 class="text-lg font-semibold">To pack</h2>
  {#if plan.items.length === 0}
    <p>Nothing yet: no stop has a camera that does it.</p>
  {:else}
    <ul class="grid gap-1">
      {#each plan.films as need (`${need.key} ${need.film.id}`)}
        {@const pair = pairOf(need.key)}
        <li class="leading-snug">
          <b>{pair ? sayPair({ camera: pair.camera, film: need.film }) : need.film.name}</b>
          <span class="soft">{needed(need)}</span>
        </li>
      {/each}
      {#each others as item, i (i)}<li>{sayItem(item)}</li>{/each}
    </ul>
    <p class="leading-snug">{cost}</p>
  {/if}
  {#if plan.lastMs !== null}
    <p class="font-semibold">After {timeText(plan.lastMs, zone)} no frame of this list works.</p>
  {/if}
</section>
