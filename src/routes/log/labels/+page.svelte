<!-- Border notes as a sheet to print and cut: what makes a stack of prints readable years later. -->
<script lang="ts">
  import { borderExtras, frameMarks } from '#core/log/border-note.ts';
  import { sayLightShort, sayWhen } from '#ui/log/say-frame.ts';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  /** What prints leave free below the picture, millimetres, and what then fits. Common practice, no source. */
  const HEIGHTS = [15, 18, 20, 26] as const;
  let height = $state<number>(18);
</script>

<svelte:head><title>Border labels · Just Enough</title></svelte:head>
{#if data.labelled && data.frames.length > 0}
  {@const { camera, film } = data.labelled}
  <div class="flex flex-wrap justify-between items-center gap-y-2 gap-x-5 mb-3 print:hidden">
    <h1 class="title">Border labels of {film.name} from {camera.name}</h1>
    <label class="flex items-center gap-2"
      >Height
      <select class="select w-auto" bind:value={height}>
        {#each HEIGHTS as mm (mm)}<option value={mm}>{mm} mm</option>{/each}
      </select></label
    >
    <button type="button" class="btn preset-filled-primary-700-300" onclick={() => print()}>Print</button>
  </div>
  <ol class="grid [grid-template-columns:repeat(auto-fill,_60mm)]" data-paper>
    {#each data.frames as frame, i (frame.id)}
      {@const taken = data.taken[i]}
      <li
        class="w-[60mm] overflow-hidden py-[2mm] px-[3mm] [outline:0.5px_dashed_var(--soft)] text-[8.5pt] leading-[1.3] [break-inside:avoid] print:[color:#000]"
        class:low={height < 26}
        style:height="{height}mm"
      >
        <p class="flex gap-[2mm] [font:650_11pt/1.2_var(--font-display)]">
          <b>{frame.number}</b>
          <span>{frameMarks(frame)}</span>
        </p>
        <p>{sayWhen(frame.takenAt)}</p>
        {#if height > 15}<p>{taken?.camera.name ?? camera.name}, {taken?.film.name ?? film.name}</p>{/if}
        <p>{[sayLightShort(frame.light), ...borderExtras(frame)].join(' · ')}</p>
        {#if height > 18}<p><i>{frame.about.subject || frame.note}</i></p>{/if}
      </li>
    {/each}
  </ol>
{:else}
  <h1 class="title">No frames to label yet</h1>
  <p><a class="underline" href="/shoot">Shoot</a> logs one with one press.</p>
{/if}

<style>
  /* a print's border: four lines in 18 mm, three in 15 */
  .low {
    padding: 1mm 2mm;
    font-size: 7pt;
    line-height: 1.25;
  }
  .low p:first-child {
    font-size: 9pt;
  }
  .low p {
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
</style>
