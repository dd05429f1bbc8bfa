<script lang="ts">
  import { atHandFrom } from '#core/advice/at-hand.ts';
  import { pairVerdicts } from '#core/advice/pairs.ts';
  import { queryFromLight } from '#schema/address/light-query.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import PairsTable from '#ui/kit/PairsTable.svelte';
  import { sayLight } from '#ui/text/say-light.ts';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const current = useCurrent();
  const pairs = $derived(pairVerdicts(data.cameras, data.kitFilms, current.light, current.light.contrast));
  const back = $derived(current.isTold ? `/kit?${queryFromLight(current.light).toString()}` : '/kit');
</script>

<svelte:head><title>Pairs · Just Enough</title></svelte:head>
<div class="flex justify-between items-center gap-3 mt-1 mx-0 mb-1.5">
  <h1 class="text-[1.75rem] font-[650] leading-[1.15]">Which film for which camera?</h1>
  <a
    class="btn preset-outlined-surface-950-50 inline-grid place-content-center no-underline whitespace-nowrap"
    href={back}>Back to Kit</a
  >
</div>
<p class="mb-2.5">In the light on the ruler: {sayLight(current.light)}</p>
{#if pairs.length > 0}
  <PairsTable {pairs} light={current.light} atHand={atHandFrom(data.kitFilms, data.things)} />
{:else}
  <p>
    There is no camera with a film that fits it yet. <a class="underline" href="/start"
      >Add a camera and its film</a
    > first.
  </p>
{/if}
