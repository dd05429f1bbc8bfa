<script module lang="ts">
  import type { Figure } from '#core/camera/kinds/figure.ts';

  /** A line drawing; sizes in units of the drawing, which are pixels at its natural size. */
  export interface LineDrawingProps {
    strokes: Figure;
    width: number;
    height: number;
    /** As wide as there is room, instead of its natural size. */
    shrunk?: boolean;
  }
</script>

<script lang="ts">
  let { strokes, width, height, shrunk = false }: LineDrawingProps = $props();
</script>

<svg
  viewBox="0 0 {width} {height}"
  style:height={shrunk ? 'auto' : `${height}px`}
  style:min-width={shrunk ? '0' : `min(${width}px, 100%)`}
  aria-hidden="true"
>
  {#each strokes as stroke, i (i)}
    {#if 'path' in stroke}
      <path d={stroke.path} class={stroke.tone ?? 'line'} />
    {:else}
      <circle
        cx={stroke.circle[0]}
        cy={stroke.circle[1]}
        r={stroke.circle[2]}
        class={stroke.tone ?? 'line'}
      />
    {/if}
  {/each}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    fill: none;
    stroke: var(--ink);
    stroke-width: 2.4;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .eye {
    fill: var(--accent-wash);
  }
  .red {
    stroke: var(--accent);
  }
  .ink {
    fill: var(--ink);
  }
  .thick {
    stroke-width: 5;
  }
  .knob {
    fill: var(--accent);
    stroke: var(--sheet);
  }
</style>
