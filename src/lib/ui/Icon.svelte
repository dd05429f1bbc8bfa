<script module lang="ts">
  /** An icon of the set, as its file has it: drawn at once, where a component would build it from parts. */
  export interface IconProps {
    /** The file's text. */
    svg: string;
    /** Width and height, px. */
    size: number;
    /** Of the lines, in units of a 24th of the icon. */
    strokeWidth?: number;
    class?: string;
  }

  /** What stands in the file between `<svg …>` and `</svg>`. */
  const partsOf = (svg: string): string =>
    svg.slice(svg.indexOf('>', svg.indexOf('<svg')) + 1, svg.lastIndexOf('</svg>'));
</script>

<script lang="ts">
  let { svg, size, strokeWidth = 2, class: classes }: IconProps = $props();
</script>

<svg
  width={size}
  height={size}
  class={classes}
  viewBox="0 0 24 24"
  fill="none"
  stroke="currentColor"
  stroke-width={strokeWidth}
  stroke-linecap="round"
  stroke-linejoin="round"
  aria-hidden="true"
>
  <!-- eslint-disable-next-line svelte/no-at-html-tags -- a file of a package, the same for everybody -->
  {@html partsOf(svg)}
</svg>
