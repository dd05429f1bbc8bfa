<!-- What to pour together for a volume, and what to weigh for the stocks, in the order of mixing. -->
<script lang="ts">
  import { MOST_ML, poured, weighed } from '#core/bench/develop/mixing.ts';
  import type { DeveloperThing } from '#core/kit/thing.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { between, sayGrams } from './say-develop.ts';

  let { developer }: { developer: DeveloperThing } = $props();
  let ml = $state(500);
  let stockMl = $state(250);
  const isMixed = $derived(developer.stocks.some((s) => s.parts.length > 0));
</script>

<div class="grid grid-cols-2 items-start gap-1.5">
  <ReadTile
    label="The tank holds, ml"
    text={formatDecimal(ml, 0)}
    read={between('volume', 1, MOST_ML)}
    onread={(n: number) => (ml = n)}
    inputmode="decimal"
  />
  {#if isMixed}
    <ReadTile
      label="Stock to mix, ml"
      text={formatDecimal(stockMl, 0)}
      read={between('volume', 1, MOST_ML)}
      onread={(n: number) => (stockMl = n)}
      inputmode="decimal"
    />
  {/if}
</div>
<ol class="list-decimal pl-5 leading-snug" aria-label="Pour together" data-testid="pour">
  {#each poured(developer, ml) as { name, ml: part }, i (i)}
    <li>{formatDecimal(part, part < 20 ? 1 : 0)} ml {name === '' ? 'water' : name}</li>
  {/each}
</ol>
{#if isMixed}
  {#each developer.stocks as stock, s (stock.name)}
    <div>
      <h2 class="font-semibold">Stock {stock.name}, {formatDecimal(stockMl, 0)} ml</h2>
      <ol class="list-decimal pl-5 leading-snug" aria-label="Stock {stock.name}">
        <li>{formatDecimal(stockMl * 0.7, 0)} ml warm water</li>
        {#each weighed(developer, s, stockMl) as { name, grams } (name)}<li>
            {sayGrams(grams)}
            {name}
          </li>{/each}
        <li>Water to {formatDecimal(stockMl, 0)} ml</li>
      </ol>
    </div>
  {/each}
  <p class="soft leading-snug">
    Each wholly dissolved before the next. Powder goes into water, never water on powder.
  </p>
{/if}
