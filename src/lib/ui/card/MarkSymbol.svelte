<script module lang="ts">
  import type { MarkSymbol } from '#core/camera/position.ts';

  /** A drawing that stands on a lever or ring. */
  export interface MarkSymbolProps {
    symbol: MarkSymbol;
  }

  const RAYS = [0, 45, 90, 135, 180, 225, 270, 315] as const;
</script>

<script lang="ts">
  let { symbol }: MarkSymbolProps = $props();
</script>

<svg
  class="w-10 h-7 [fill:none] [stroke:currentColor] [stroke-width:2.2] [stroke-linecap:round] [stroke-linejoin:round]"
  viewBox="0 0 40 28"
  aria-hidden="true"
>
  {#if symbol === 'sun'}
    <circle cx="20" cy="14" r="5.500" />
    {#each RAYS as angle (angle)}<path d="M20 5.500V2" transform="rotate({angle} 20 14)" />{/each}
  {:else if symbol === 'cloud'}
    <path d="M10 22a5.500 5.500 0 0 1 .500-11 8.500 8.500 0 0 1 16.300-1.500A6.300 6.300 0 0 1 29 22Z" />
  {:else if symbol === 'person'}
    <circle cx="20" cy="9" r="5" /><path d="M8 27c1-9 6-11 12-11s11 2 12 11" />
  {:else if symbol === 'people'}
    <circle cx="14" cy="8" r="3.500" /><path d="M8 26V17q6-5 12 0v9" /><circle cx="27" cy="10" r="3" /><path
      d="M22 26v-8q5-4 10 0v8"
    />
  {:else if symbol === 'group'}
    {#each [8, 16, 24, 32] as x (x)}<circle cx={x} cy="11" r="2.500" /><path
        d="M{x - 3} 25v-7q3-4 6 0v7"
      />{/each}
  {:else}
    <path d="M3 25 15 6l7 11 4-5 11 13Z" />
  {/if}
</svg>
