<script module lang="ts">
  /** A text from the core with its fractions set as true fractions of the shipped fonts. */
  export interface FiguresProps {
    text: string;
  }
</script>

<script lang="ts">
  import { splitFigures } from './figures.ts';

  let { text }: FiguresProps = $props();
  const pieces = $derived(splitFigures(text));
</script>

{#if pieces.length === 1}{text}{:else}<!-- no blanks between the pieces: they are one number --><span
    class="all"
    aria-hidden="true"
    >{#each pieces as { words, figure }, i (i)}{words}{#if figure?.kind === 'fraction'}<span class="fraction"
          ><sup>{figure.over}</sup>⁄<sub>{figure.under}</sub></span
        >{:else if figure}<svg viewBox="0 0 24 12" class="infinity"
          ><path
            d="M12 6C9.500 2 7.500 1.500 5.500 1.500a4.500 4.500 0 0 0 0 9C7.500 10.500 9.500 10 12 6s4.500-4.500 6.500-4.500a4.500 4.500 0 0 1 0 9C16.500 10.500 14.500 10 12 6Z"
          /></svg
        >{/if}{/each}</span
  ><span class="sr-only">{text}</span>{/if}

<style>
  .fraction {
    white-space: nowrap;
  }
  sup,
  sub {
    font-size: 0.7em;
    line-height: 0;
    font-variant-numeric: proportional-nums lining-nums;
  }
  sup {
    vertical-align: 0.42em;
    top: 0;
  }
  sub {
    vertical-align: -0.06em;
    bottom: 0;
  }
  .infinity {
    display: inline-block;
    width: 1.3em;
    height: 0.65em;
    fill: none;
    stroke: currentColor;
    stroke-width: 2;
  }
</style>
