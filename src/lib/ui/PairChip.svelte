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
  class="pair"
  aria-label={pair
    ? `In use: ${pair.camera.name} with ${pair.film.name}, ${pair.framesLeft} frames left. Change in Kit`
    : 'Choose a pair in Kit'}
>
  {#if pair}
    <span class="names"
      ><b
        class="font-[650] max-[640px]:block max-[640px]:overflow-hidden max-[640px]:[text-overflow:ellipsis]"
        >{pair.camera.name}</b
      > <span class="with">with</span>
      <b class="font-[650] max-[640px]:block max-[640px]:overflow-hidden max-[640px]:[text-overflow:ellipsis]"
        >{pair.film.name}</b
      ></span
    >
    {#if pair.framesTotal <= 16}
      <span class="strip" aria-hidden="true">
        {#each { length: pair.framesTotal }, i}<i class:used={i < used}></i>{/each}
      </span>
    {:else}
      <span class="bar" aria-hidden="true"><i style:width={`${(100 * used) / pair.framesTotal}%`}></i></span>
    {/if}
    <span class="whitespace-nowrap" data-testid="frames-left">{pair.framesLeft} left</span>
  {:else}
    <span class="names">No pair in use</span>
  {/if}
</a>

<style>
  .pair {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 44px;
    min-width: 0;
    color: var(--ink);
    text-decoration: none;
  }
  .pair:hover .names {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  .names {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .strip {
    display: flex;
    gap: 2px;
  }
  .strip i {
    width: 6px;
    height: 13px;
    border: 1.5px solid var(--ink);
  }
  .strip i.used {
    background: var(--ink);
  }
  .bar {
    width: 64px;
    height: 13px;
    border: 1.5px solid var(--ink);
  }
  .bar i {
    display: block;
    height: 100%;
    background: var(--ink);
  }
  @media (max-width: 640px) {
    .strip,
    .bar {
      display: none;
    }
    .pair {
      flex: 1;
      gap: 8px;
      font-size: 0.9375rem;
    }
    /* one under the other: both stay readable, and the head stays one line high */
    .names {
      line-height: 1.2;
    }
    .with {
      display: none;
    }
  }
</style>
