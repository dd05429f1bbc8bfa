<!-- The pair in use, with its frames drawn: used ones filled. Leads to Kit, where pairs are taken up. -->
<script lang="ts">
  import { useCurrent } from './current.svelte.ts';

  let { href }: { href: string } = $props();
  const current = useCurrent();
  const pair = $derived(current.pair);
  const used = $derived(pair ? pair.framesTotal - pair.framesLeft : 0);
</script>

<a
  {href}
  class="pair flex items-center gap-3 min-h-11 min-w-0 text-(--ink) no-underline max-[640px]:flex-1 max-[640px]:gap-2 max-[640px]:text-[0.9375rem]"
  aria-label={pair
    ? `In use: ${pair.camera.name} with ${pair.film.name}, ${pair.framesLeft} frames left. Change in Kit`
    : 'Choose a pair in Kit'}
>
  {#if pair}
    <span class="names overflow-hidden text-ellipsis whitespace-nowrap max-[640px]:leading-[1.2]"
      ><b
        class="font-[650] max-[640px]:block max-[640px]:overflow-hidden max-[640px]:[text-overflow:ellipsis]"
        >{pair.camera.name}</b
      > <span class="max-[640px]:hidden">with</span>
      <b class="font-[650] max-[640px]:block max-[640px]:overflow-hidden max-[640px]:[text-overflow:ellipsis]"
        >{pair.film.name}</b
      ></span
    >
    {#if pair.framesTotal <= 16}
      <span class="strip flex gap-0.5 max-[640px]:hidden" aria-hidden="true">
        {#each { length: pair.framesTotal }, i}<i
            class="w-1.5 h-[13px] border-[1.5px] border-(--ink)"
            class:used={i < used}
          ></i>{/each}
      </span>
    {:else}
      <span class="bar w-16 h-[13px] border-[1.5px] border-(--ink) max-[640px]:hidden" aria-hidden="true"
        ><i class="block h-full bg-(--ink)" style:width={`${(100 * used) / pair.framesTotal}%`}></i></span
      >
    {/if}
    <span class="whitespace-nowrap" data-testid="frames-left">{pair.framesLeft} left</span>
  {:else}
    <span class="names overflow-hidden text-ellipsis whitespace-nowrap max-[640px]:leading-[1.2]"
      >No pair in use</span
    >
  {/if}
</a>

<style>
  .pair:hover .names {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  .strip i.used {
    background: var(--ink);
  }
</style>
