<script module lang="ts">
  import type { Support } from '#core/error/situation.ts';
  import type { Pair } from '#core/log/pair.ts';
  import type { Stretch, Window } from '#core/plan/windows.ts';
  import type { Planner } from './planner.svelte.ts';

  /** One loaded camera through the day: a strip in the hand, a strip set down, and its windows in words. */
  export interface PairPlanProps {
    pair: Pair;
    planner: Planner;
    span: Stretch;
    zone: string;
    placeName: string;
    /** Whether the day begins with this very moment. */
    isNow: boolean;
    /** Seconds between two frames. */
    between: number;
    atMs: number;
    /** When its frames were taken, milliseconds since 1970. */
    taken: readonly number[];
    /** Whether every window is told at once; else they unfold. */
    whole: boolean;
  }
</script>

<script lang="ts">
  import { HELD_WORDS } from '../shoot/words.ts';
  import DayStrip from './DayStrip.svelte';
  import { LANES, standsApart, type Lane } from './planner.svelte.ts';
  import { takenOnPlan } from '#core/plan/taken.ts';
  import { sayTaken, sayWhen } from './say-plan.ts';
  import WindowWords from './WindowWords.svelte';

  let { pair, planner, span, zone, placeName, isNow, between, atMs, taken, whole }: PairPlanProps = $props();
  const MINUTE_MS = 60_000;
  /** Shorter windows are counted, not told. */
  const SHORT_MS = 5 * MINUTE_MS;
  const lanes = $derived<readonly Lane[]>(standsApart(pair) ? LANES : ['hand']);
  const planned = $derived(lanes.flatMap((lane) => planner.lane(pair.loadId, lane) ?? []));
  /** Whether setting it down changes nothing to speak of: one strip is enough then. */
  const same = $derived.by(() => {
    const [hand, standing] = planned;
    if (!hand || hand.windows.length !== standing?.windows.length) return false;
    const near = (a: number, b: number): boolean => Math.abs(a - b) < MINUTE_MS;
    return hand.windows.every((w, i) => {
      const v = standing.windows[i];
      return v && near(w.from.likelyMs, v.from.likelyMs) && near(w.to.likelyMs, v.to.likelyMs);
    });
  });
  /** What is counted down, as it stood when that was asked: a plan made anew moves a window by minutes. */
  let counted = $state.raw<(Stretch & { readonly support: Support }) | null>(null);
  const isCounted = ({ from, to }: Window, support: Support): boolean =>
    counted?.support === support && from.likelyMs < counted.toMs && to.likelyMs > counted.fromMs;
  function count({ from, to }: Window, support: Support, on: boolean): void {
    counted = on ? { fromMs: from.likelyMs, toMs: to.likelyMs, support } : null;
  }
  const lengthOf = ({ from, to }: Window): number => to.likelyMs - from.likelyMs;
  const shown = $derived(
    (same ? planned.slice(0, 1) : planned).map((lane) => {
      const long = lane.windows.filter((w) => lengthOf(w) >= SHORT_MS);
      // where all are short, short ones are what there is
      const told = long.length > 0 ? long : lane.windows;
      const held = same ? 'in the hand or set down' : HELD_WORDS[lane.support];
      const times = told.map((w) => sayWhen(w, zone, isNow)).join(', ');
      return { ...lane, told, short: lane.windows.length - told.length, held, times };
    })
  );
</script>

{#snippet words(told: readonly Window[], support: Support, held: string)}
  <ul class="grid gap-2">
    {#each told as window (window.from.likelyMs)}
      <li data-testid="window">
        <WindowWords
          {...{ pair, window, zone, placeName, isNow, held, between }}
          counting={isCounted(window, support)}
          oncount={(on: boolean) => count(window, support, on)}
        />
      </li>
    {/each}
  </ul>
{/snippet}

<section
  class="grid grid-cols-[minmax(0,1fr)] gap-1.5"
  aria-label="{pair.camera.name} with {pair.film.name}"
  data-testid="pair-plan"
>
  <h2 class="text-lg font-semibold">
    {pair.camera.name} <span class="font-normal">with {pair.film.name}, {pair.framesLeft} left</span>
  </h2>
  {#each shown as { support, windows, looked, told, short, held, times } (support)}
    <div class="grid grid-cols-[minmax(0,1fr)] gap-1">
      <p class="text-[0.8125rem] text-(--soft)">{held}</p>
      <DayStrip
        {span}
        film={pair.film}
        {looked}
        {windows}
        {atMs}
        {taken}
        label="{held}: {times || 'at no time'}"
      />
      {#if told.length === 0}
        <p class="soft">No frame of this kind, {held}.</p>
      {:else if whole}
        {@render words(told, support, held)}
      {:else}
        <details>
          <summary class="min-h-11 cursor-pointer content-center">{times}</summary>
          {@render words(told, support, held)}
        </details>
      {/if}
      {#if taken.length > 0}<p data-testid="taken">{sayTaken(takenOnPlan(taken, windows), zone)}</p>{/if}
      {#if short > 0}
        <p class="soft">and {short === 1 ? 'a window' : `${short} windows`} of less than five minutes</p>
      {/if}
    </div>
  {/each}
</section>
