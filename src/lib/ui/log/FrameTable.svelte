<script module lang="ts">
  import type { Frame } from '#core/log/frame.ts';
  import type { Judgement } from '#core/learn/judgement.ts';
  import type { TakenNames } from './frame-rows.ts';

  /** Frames in rows, to be read across, sorted, and changed together. */
  export interface FrameTableProps {
    frames: readonly Frame[];
    takenOf: ReadonlyMap<string, TakenNames | null>;
    judgementOf: ReadonlyMap<string, Judgement>;
    inTrash: boolean;
  }
</script>

<script lang="ts">
  import { createTable } from '@tanstack/svelte-table';
  import RowCheck from '../table/RowCheck.svelte';
  import SortHeader from '../table/SortHeader.svelte';
  import ChangeMany from './ChangeMany.svelte';
  import {
    FIGURES,
    FRAME_COLUMN_NAMES,
    FRAME_COLUMNS,
    FRAME_DEFS,
    FRAME_FEATURES,
    frameRow
  } from './frame-rows.ts';

  let { frames, takenOf, judgementOf, inTrash }: FrameTableProps = $props();
  const rows = $derived(frames.map((f) => frameRow(f, takenOf.get(f.id) ?? null, judgementOf.get(f.id))));
  const table = createTable({
    features: FRAME_FEATURES,
    columns: FRAME_DEFS,
    get data() {
      return rows;
    },
    getRowId: ({ frame }) => frame.id
  });
  const chosen = $derived(table.getSelectedRowModel().rows.map((row) => row.original.frame));
  const cell = 'border-b border-(--line) py-1.5 pr-3 align-top';
</script>

{#if chosen.length > 0}
  <ChangeMany frames={chosen} {inTrash} onmoved={() => table.resetRowSelection(true)} />
{/if}
<div class="relative overflow-x-auto print:overflow-visible">
  <table
    class="w-full min-w-225 border-collapse text-[0.9375rem] leading-[1.3] print:min-w-0 print:text-[9pt]"
  >
    <thead class="text-(--soft)">
      <tr class="border-b border-(--line)">
        <th class="print:hidden"
          ><RowCheck
            label="Choose all"
            checked={table.getIsAllRowsSelected()}
            some={table.getIsSomeRowsSelected()}
            oncheck={(is: boolean) => table.toggleAllRowsSelected(is)}
          /></th
        >
        {#each FRAME_COLUMN_NAMES as name (name)}
          {@const column = table.getColumn(name)}
          <SortHeader
            title={FRAME_COLUMNS[name]}
            sorted={column?.getIsSorted() ?? false}
            onsort={() => column?.toggleSorting()}
            right={FIGURES.includes(name)}
          />
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each table.getRowModel().rows as row (row.id)}
        {@const { frame, says } = row.original}
        <tr>
          <td class="{cell} print:hidden"
            ><RowCheck
              label="Choose frame {frame.number}"
              checked={row.getIsSelected()}
              oncheck={(is: boolean) => row.toggleSelected(is)}
            /></td
          >
          {#each FRAME_COLUMN_NAMES as name (name)}
            <td class={[cell, FIGURES.includes(name) && 'text-right']}>{says[name]}</td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
