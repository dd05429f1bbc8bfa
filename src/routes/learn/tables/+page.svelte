<script lang="ts">
  import TableCard from '#ui/learn/tables/TableCard.svelte';
  import { TABLES } from '#ui/learn/tables/tables.ts';
</script>

<svelte:head><title>Tables · Just Enough</title></svelte:head>
<div class="mt-1 mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
  <h1 class="text-[1.75rem] font-[650]">Tables</h1>
  <span class="flex gap-4 print:hidden">
    <button type="button" class="btn preset-outlined min-h-11" onclick={() => print()}>Print</button>
    <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/learn">Learn</a>
  </span>
</div>
<nav class="mb-3 flex flex-wrap gap-x-4 print:hidden" aria-label="Tables">
  {#each TABLES as { id, name } (id)}
    <a class="inline-grid min-h-11 min-w-11 content-center underline" href="#{id}">{name.split(':')[0]}</a>
  {/each}
</nav>
<div class="grid grid-cols-[minmax(0,1fr)] gap-5 lg:grid-cols-2 print:grid-cols-1">
  {#each TABLES as table (table.id)}
    <section
      id={table.id}
      class="min-w-0 scroll-mt-24 break-inside-avoid {table.head.length > 6 ? 'lg:col-span-2' : ''}"
    >
      <h2 class="mb-1.5 text-lg font-semibold">{table.name}</h2>
      <TableCard head={table.head} rows={table.rows} />
      <p class="soft mt-1 text-[0.875rem] leading-snug">{table.source}</p>
    </section>
  {/each}
</div>
