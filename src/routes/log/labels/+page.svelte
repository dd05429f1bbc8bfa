<!-- Border notes as a sheet to print and cut: what makes a stack of prints readable years later. -->
<script lang="ts">
  import { borderExtras, frameMarks } from '#core/log/border-note.ts';
  import { sayLightShort, sayWhen } from '#ui/log/say-frame.ts';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
</script>

<svelte:head><title>Border labels · Just Enough</title></svelte:head>
{#if data.labelled && data.frames.length > 0}
  {@const { camera, film } = data.labelled}
  <div class="flex flex-wrap justify-between items-center gap-y-2 gap-x-5 mb-3 print:hidden">
    <h1 class="title">Border labels of {film.name} from {camera.name}</h1>
    <button type="button" class="btn preset-filled-primary-700-300" onclick={() => print()}>Print</button>
  </div>
  <ol class="grid [grid-template-columns:repeat(auto-fill,_60mm)]">
    {#each data.frames as frame, i (frame.id)}
      {@const taken = data.taken[i]}
      <li>
        <p class="flex gap-[2mm] [font:650_11pt/1.2_var(--font-display)]">
          <b>{frame.number}</b>
          <span>{frameMarks(frame)}</span>
        </p>
        <p>{sayWhen(frame.takenAt)}</p>
        <p>{taken?.camera.name ?? camera.name}, {taken?.film.name ?? film.name}</p>
        <p>{[sayLightShort(frame.light), ...borderExtras(frame)].join(' · ')}</p>
        <p><i>{frame.about.subject || frame.note}</i></p>
      </li>
    {/each}
  </ol>
{:else}
  <h1 class="title">No frames to label yet</h1>
  <p><a class="underline" href="/shoot">Shoot</a> logs one with one press.</p>
{/if}

<style>
  li {
    width: 60mm;
    min-height: 26mm;
    padding: 2mm 3mm;
    outline: 0.5px dashed var(--soft);
    font-size: 8.5pt;
    line-height: 1.3;
    break-inside: avoid;
  }
  @media print {
    li {
      color: #000;
    }
  }
</style>
