<script module lang="ts">
  import type { PrintTone } from '#core/film/print.ts';
  import type { Contrast } from '#core/light/contrast.ts';

  /** Strips of print tones along changing errors. */
  export interface StripsProps {
    tone: PrintTone;
    contrast: Contrast;
    deltas: readonly number[];
    /** Height of the whole, CSS. */
    height: string;
  }
</script>

<script lang="ts">
  import { stripGradient, subjectTones } from './strips.ts';

  let { tone, contrast, deltas, height }: StripsProps = $props();
  const gradients = $derived(subjectTones(contrast).map((t) => stripGradient(tone, t, deltas)));
</script>

<div
  class="strips apart grid [grid-auto-rows:1fr] border-[1.5px] border-(--ink)"
  style:height
  aria-hidden="true"
>
  {#each gradients as gradient, i (i)}
    <div style:background={gradient}></div>
  {/each}
</div>
