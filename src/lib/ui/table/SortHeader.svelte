<!-- The head of a column that sorts: a press turns it the other way, another press goes back to the first order. -->
<script lang="ts">
  import arrowDown from 'lucide-static/icons/arrow-down.svg?raw';
  import arrowUp from 'lucide-static/icons/arrow-up.svg?raw';
  import Icon from '../Icon.svelte';

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
    >{title}{#if sorted === 'asc'}<Icon svg={arrowUp} size={16} />{:else if sorted === 'desc'}<Icon
        svg={arrowDown}
        size={16}
      />{/if}</button
  >
</th>
