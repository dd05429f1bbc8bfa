<!-- The head of a column that sorts: a press turns it the other way, another press goes back to the first order. -->
<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';

  let {
    title,
    sorted,
    onsort,
    right = false,
    wide = false
  }: {
    title: string;
    /** Which way it is sorted now; false = not by this column. */
    sorted: 'asc' | 'desc' | false;
    onsort: () => void;
    /** Figures stand to the right. */
    right?: boolean;
    /** Room on both sides, over a line: in a table with edges. */
    wide?: boolean;
  } = $props();
</script>

<th
  scope="col"
  class={[
    wide ? 'px-3 min-[801px]:border-b-[1.5px] min-[801px]:border-(--ink)' : 'pr-3',
    right ? 'text-right' : 'text-left'
  ]}
  aria-sort={sorted === false ? 'none' : sorted === 'asc' ? 'ascending' : 'descending'}
>
  <button
    type="button"
    class="inline-flex min-h-11 min-w-11 cursor-pointer items-center gap-1 font-semibold"
    onclick={onsort}
    >{title}{#if sorted === 'asc'}<ArrowUp
        size={16}
        aria-hidden="true"
      />{:else if sorted === 'desc'}<ArrowDown size={16} aria-hidden="true" />{/if}</button
  >
</th>
