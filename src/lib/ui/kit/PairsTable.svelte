<script module lang="ts">
  import type { PairVerdict } from '#core/match/pairs.ts';

  /** Every pair that fits, with its chance in the light in hand. */
  export interface PairsTableProps {
    pairs: readonly PairVerdict[];
  }
</script>

<script lang="ts">
  import { LIKELY } from '#core/match/verdict.ts';
  import { greyOf } from '../rule/strips.ts';
  import Figures from '../text/Figures.svelte';
  import { chanceInHundred, sayError, sayFailure, sayInstruction, sayVerdict } from '../text/say.ts';
  import { fatesOf } from '../verdict/frames-of-twenty.ts';
  import { pairsShown, type PairOrder } from './pairs-shown.ts';

  let { pairs }: PairsTableProps = $props();
  const uid = $props.id();
  let order = $state<PairOrder>('chance');
  let words = $state('');
  let likelyOnly = $state(false);
  const shown = $derived(pairsShown(pairs, { order, words, leastChance: likelyOnly ? LIKELY : 0 }));
  const COLUMNS: readonly { order: PairOrder; title: string }[] = [
    { order: 'chance', title: 'Chance' },
    { order: 'camera', title: 'Camera' },
    { order: 'film', title: 'Film' }
  ];
  const fill = { dark: greyOf(0.02), good: greyOf(0.55), light: greyOf(1) } as const;
</script>

<div class="filters">
  <label for="{uid}-words">Camera or film</label>
  <input id="{uid}-words" type="search" bind:value={words} />
  <button type="button" class="quiet" aria-pressed={likelyOnly} onclick={() => (likelyOnly = !likelyOnly)}>
    Only what will likely come out
  </button>
  <span role="status">{shown.length} of {pairs.length} pairs</span>
</div>
<table>
  <thead>
    <tr>
      {#each COLUMNS as column (column.order)}
        <th
          scope="col"
          aria-sort={order === column.order
            ? column.order === 'chance'
              ? 'descending'
              : 'ascending'
            : 'none'}
        >
          <button type="button" onclick={() => (order = column.order)}>{column.title}</button>
        </th>
      {/each}
      <th scope="col">Set</th>
      <th scope="col">What stands in the way</th>
    </tr>
  </thead>
  <tbody>
    {#each shown as { camera, film, verdict } (`${camera.id} ${film.id}`)}
      <tr>
        <td class="chance">
          <b>{chanceInHundred(verdict.pUsable)}</b>
          <span class="frames" aria-hidden="true">
            {#each fatesOf(verdict) as fate, i (i)}<i style:background={fill[fate]}></i>{/each}
          </span>
        </td>
        <td>{camera.name}</td>
        <td>{film.name}</td>
        <td><Figures text={sayInstruction(camera, verdict.setting).join(' ')} /></td>
        <td>
          {#if verdict.chance !== 'likely'}<Figures text={sayVerdict(verdict)} />, <Figures
              text={sayError(verdict.deltaStops)}
            />.{/if}
          {#each verdict.failures as failure (failure.condition)}<Figures text={sayFailure(failure)} />{/each}
        </td>
      </tr>
    {/each}
  </tbody>
</table>

<style>
  .filters {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
    margin-bottom: 10px;
  }
  input {
    min-height: 44px;
    padding: 0 10px;
    border: 1.5px solid var(--soft);
    border-radius: 4px;
    background: var(--sheet);
  }
  .quiet[aria-pressed='true'] {
    background: var(--ink);
    color: var(--sheet);
  }
  table {
    width: 100%;
    background: var(--sheet);
    border: 1.5px solid var(--line);
  }
  th {
    text-align: left;
    font-weight: 600;
    padding: 0 12px;
    border-bottom: 1.5px solid var(--ink);
  }
  th button {
    min-height: 44px;
    font-weight: 600;
    cursor: pointer;
  }
  th[aria-sort='ascending'] button,
  th[aria-sort='descending'] button {
    text-decoration: underline;
    text-decoration-thickness: 3px;
    text-underline-offset: 5px;
    text-decoration-color: var(--accent);
  }
  td {
    padding: 8px 12px;
    border-bottom: 1px solid var(--line);
    vertical-align: middle;
  }
  .chance {
    white-space: nowrap;
  }
  .chance b {
    display: inline-block;
    min-width: 1.6em;
    font: 450 1.375rem/1 var(--font-display);
  }
  .frames {
    display: inline-grid;
    grid-template-columns: repeat(20, 6px);
    gap: 1px;
    vertical-align: 1px;
  }
  .frames i {
    height: 12px;
    border: 1px solid var(--ink);
  }
  @media (max-width: 800px) {
    thead {
      display: block;
    }
    th:nth-child(n + 4) {
      display: none;
    }
    table,
    tbody {
      display: block;
    }
    tr {
      display: flex;
      flex-wrap: wrap;
      gap: 0 12px;
      padding: 8px 12px;
      border-bottom: 1px solid var(--line);
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
    .chance {
      flex-basis: 100%;
    }
  }
</style>
