<!-- A table of a few columns; wider than the screen it is moved sideways by itself. -->
<script lang="ts">
  let { head, rows }: { head: readonly string[]; rows: readonly (readonly string[])[] } = $props();
</script>

<!-- what scrolls must be reached by keys -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="card overflow-x-auto p-4" tabindex="0" role="region" aria-label="Table: {head[0]}">
  <table class="w-full text-[1rem]">
    <thead class="text-left text-[0.875rem] text-(--soft)">
      <tr
        >{#each head as words, i (i)}<th class="pr-3 font-normal" scope="col">{words}</th>{/each}</tr
      >
    </thead>
    <tbody>
      {#each rows as cells, r (r)}
        <tr class="border-t border-(--line)">
          {#each cells as cell, c (c)}
            {#if c === 0}<th class="py-1.5 pr-3 text-left font-semibold" scope="row">{cell}</th>
            {:else}<td class="py-1.5 pr-3 whitespace-nowrap">{cell}</td>{/if}
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
