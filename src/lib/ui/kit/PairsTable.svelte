<script module lang="ts">
  import type { LightChoice } from '#core/ways/choice.ts';
  import type { AtHand } from '#core/advice/at-hand.ts';
  import type { PairVerdict } from '#core/advice/pairs.ts';

  /** Every pair that fits, with its chance in the light now. */
  export interface PairsTableProps {
    pairs: readonly PairVerdict[];
    light: LightChoice;
    /** What remedies may use. */
    atHand: AtHand;
  }

  /** Answers wait until the marker rests. */
  const REST_MS = 150;
</script>

<script lang="ts">
  import { createTable } from '@tanstack/svelte-table';
  import { Switch } from '@skeletonlabs/skeleton-svelte';
  import { onMount } from 'svelte';
  import { withUsualFocus } from '#core/focus/focused.ts';
  import { LIKELY } from '#core/chance/verdict.ts';
  import { greyOf } from '../rule/strips.ts';
  import { chanceInHundred, sayError, sayFailure, sayInstruction, sayVerdict } from '../text/say.ts';
  import { fateAt, fatesOf, FRAME_COUNT } from '../verdict/frames-of-twenty.ts';
  import { sayStretch } from '../text/say-light.ts';
  import { sayRemedy } from '../text/say-remedy.ts';
  import SortHeader from '../table/SortHeader.svelte';
  import { groupOf, PAIR_COLUMNS, PAIR_FEATURES, pairsShown } from './pairs-shown.ts';
  import ReachBar from './ReachBar.svelte';
  import { RowAdvice } from './row-advice.ts';

  let { pairs, light, atHand }: PairsTableProps = $props();
  const uid = $props.id();
  let words = $state('');
  let likelyOnly = $state(false);
  const found = $derived(pairsShown(pairs, { words, leastChance: likelyOnly ? LIKELY : 0 }));
  const table = createTable({
    features: PAIR_FEATURES,
    columns: PAIR_COLUMNS,
    get data() {
      return found;
    }
  });
  const shown = $derived(table.getRowModel().rows.map((row) => row.original));
  /** By chance, in groups, unless a column is sorted by. */
  const byChance = $derived(table.atoms.sorting.get().length === 0);
  const keyOf = (p: PairVerdict): string => `${p.camera.id} ${p.film.id}`;
  const advice = new RowAdvice((key) => {
    const pair = pairs.find((p) => keyOf(p) === key);
    if (!pair) return null;
    const { camera, film } = pair;
    const { lv, sdStops, contrast } = light;
    return {
      light: `${lv} ${sdStops} ${contrast}`,
      question: {
        ...{ type: 'row', key, atHand, present: withUsualFocus(camera, {}) },
        situation: { camera, film, light: { lv, sdStops }, contrast }
      }
    };
  });
  onMount(() => advice.start());
  $effect(() => {
    if (!Number.isFinite(light.lv)) return;
    const timer = setTimeout(() => advice.next(), REST_MS);
    return () => clearTimeout(timer);
  });

  /** Tells the worker's client whether a row is in view. */
  function watch(row: HTMLElement, key: string): { destroy: () => void } {
    const observer = new IntersectionObserver((entries) => {
      for (const entry of entries) advice.see(key, entry.isIntersecting);
    });
    observer.observe(row);
    return {
      destroy: () => {
        observer.disconnect();
        advice.see(key, false);
      }
    };
  }
  const fill = {
    dark: greyOf(0.02),
    good: greyOf(0.55),
    shaken: greyOf(0.55),
    unsharp: greyOf(0.55),
    light: greyOf(1)
  } as const;
</script>

<div class="flex flex-wrap items-center gap-y-2 gap-x-3 mb-2.5">
  <label for="{uid}-words">Camera or film</label>
  <input id="{uid}-words" class="input" type="search" bind:value={words} />
  <Switch
    checked={likelyOnly}
    onCheckedChange={({ checked }: { checked: boolean }) => (likelyOnly = checked)}
  >
    <Switch.Control><Switch.Thumb /></Switch.Control>
    <Switch.Label>Only what will likely come out</Switch.Label>
    <Switch.HiddenInput />
  </Switch>
  <span role="status">{shown.length} of {pairs.length} pairs</span>
</div>
<table class="w-full bg-(--sheet) border-[1.5px] border-(--line) max-[800px]:block">
  <thead class="max-[800px]:block">
    <tr
      class="max-[800px]:flex max-[800px]:flex-wrap max-[800px]:gap-y-0 max-[800px]:gap-x-3 max-[800px]:py-2 max-[800px]:px-3 max-[800px]:border-b max-[800px]:border-b-(--line)"
    >
      <SortHeader
        wide
        title="Chance"
        sorted={byChance ? 'desc' : false}
        onsort={() => table.resetSorting(true)}
      />
      {#each PAIR_COLUMNS as { id = '', header } (id)}
        {@const column = table.getColumn(id)}
        <SortHeader
          wide
          title={String(header)}
          sorted={column?.getIsSorted() ?? false}
          onsort={() => column?.toggleSorting()}
        />
      {/each}
      <th class="text-left font-semibold px-3 border-b-[1.5px] border-b-(--ink)" scope="col">Set</th>
      <th class="text-left font-semibold px-3 border-b-[1.5px] border-b-(--ink)" scope="col"
        >In which light</th
      >
      <th class="text-left font-semibold px-3 border-b-[1.5px] border-b-(--ink)" scope="col"
        >What stands in the way</th
      >
      <th class="text-left font-semibold px-3 border-b-[1.5px] border-b-(--ink)" scope="col"
        >What would help most</th
      >
    </tr>
  </thead>
  <tbody class="max-[800px]:block">
    {#each shown as pair, at (keyOf(pair))}
      {@const { camera, film, verdict } = pair}
      {@const group = groupOf(verdict.pUsable)}
      {#if byChance && (at === 0 || group !== groupOf(shown[at - 1]?.verdict.pUsable ?? 0))}
        <tr
          class="group max-[800px]:flex max-[800px]:flex-wrap max-[800px]:gap-y-0 max-[800px]:gap-x-3 max-[800px]:py-2 max-[800px]:px-3 max-[800px]:border-b max-[800px]:border-b-(--line)"
          ><th
            class="text-left font-semibold px-3 border-b-[1.5px] border-b-(--ink) max-[800px]:[flex-basis:100%]"
            colspan="7"
            scope="rowgroup">{group}</th
          ></tr
        >
      {/if}
      {@const answer = advice.answer(keyOf(pair))}
      {@const counts = fatesOf(verdict)}
      <tr
        class="max-[800px]:flex max-[800px]:flex-wrap max-[800px]:gap-y-0 max-[800px]:gap-x-3 max-[800px]:py-2 max-[800px]:px-3 max-[800px]:border-b max-[800px]:border-b-(--line)"
        use:watch={keyOf(pair)}
      >
        <td
          class="py-2 px-3 border-b border-b-(--line) [vertical-align:middle] whitespace-nowrap max-[800px]:[flex-basis:100%]"
        >
          <b class="inline-block min-w-[1.6em] [font:650_1.375rem/1_var(--font-display)]"
            >{chanceInHundred(verdict.pUsable)}</b
          >
          <span
            class="frames inline-grid grid-cols-[repeat(10,6px)] gap-[1px] [vertical-align:1px]"
            aria-hidden="true"
          >
            {#each { length: FRAME_COUNT }, i}<i
                class="h-3 border border-(--ink)"
                style:background={fill[fateAt(counts, i)]}
              ></i>{/each}
          </span>
        </td>
        <td class="py-2 px-3 border-b border-b-(--line) [vertical-align:middle]">{camera.name}</td>
        <td class="py-2 px-3 border-b border-b-(--line) [vertical-align:middle]">{film.name}</td>
        <td class="py-2 px-3 border-b border-b-(--line) [vertical-align:middle]"
          >{sayInstruction(camera, verdict.setting).join(' ')}</td
        >
        <td class="min-w-30 py-2 px-3 border-b border-b-(--line) [vertical-align:middle]">
          {#if answer}<ReachBar likely={answer.likely} possible={answer.possible} lv={light.lv} />
            <small class="text-[0.8125rem] text-(--soft) whitespace-nowrap">{sayStretch(answer.likely)}</small
            >{/if}
        </td>
        <td class="py-2 px-3 border-b border-b-(--line) [vertical-align:middle]">
          {#if verdict.chance !== 'likely'}{sayVerdict(verdict)}, {sayError(verdict.deltaStops)}.{/if}
          {#each verdict.failures as failure (failure.condition)}{sayFailure(failure)}{/each}
        </td>
        <td class="py-2 px-3 border-b border-b-(--line) [vertical-align:middle]" data-testid="best-remedy">
          {#if answer?.remedy}
            {sayRemedy(answer.remedy)}, to {chanceInHundred(answer.remedy.verdict.pUsable)}
          {/if}
        </td>
      </tr>
    {/each}
  </tbody>
</table>

<style>
  @media (max-width: 800px) {
    th:nth-child(n + 4) {
      display: none;
    }
    td,
    th {
      border: 0;
      padding: 0;
    }
    td:nth-child(2) {
      font-weight: 650;
    }
    td:nth-child(n + 4) {
      flex-basis: 100%;
      font-size: 0.9375rem;
    }
  }
  .group th {
    padding: 14px 12px 4px;
    text-align: left;
    font-weight: 650;
    background: var(--paper);
  }
</style>
