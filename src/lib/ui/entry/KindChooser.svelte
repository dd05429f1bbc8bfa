<!-- What the camera has: a drawing for each kind, never a maker. -->
<script lang="ts">
  import { SHEET_ENTRIES } from '#core/camera/kinds/entries.ts';
  import LineDrawing from '../card/LineDrawing.svelte';
  import type { Draft } from './draft.svelte.ts';
  import { SHEET_KIND_WORDS } from './words.ts';

  let { draft }: { draft: Draft } = $props();
</script>

<div
  class="grid [grid-template-columns:repeat(4,_1fr)] gap-2.5 max-[640px]:[grid-template-columns:repeat(2,_1fr)]"
>
  {#each SHEET_ENTRIES as { name: has, figure } (has)}
    {@const [name, more] = SHEET_KIND_WORDS[has] ?? [has, '']}
    <label
      class="relative grid justify-items-center p-2 border-[1.5px] border-(--line) rounded-[4px] bg-(--sheet) text-center cursor-pointer leading-[1.2]"
      class:on={draft.has === has}
    >
      <input
        class="absolute inset-0 opacity-[0] cursor-pointer"
        type="radio"
        name="has"
        value={has}
        checked={draft.has === has}
        onchange={() => draft.choose(has)}
      />
      <LineDrawing strokes={figure} width={160} height={96} />
      <b>{name}</b><span class="text-(--soft) text-[0.9375rem]">{more}</span>
    </label>
  {/each}
</div>
{#if draft.fault('has') !== ''}<p class="fault" role="alert">{draft.fault('has')}</p>{/if}

<style>
  label.on {
    border-color: var(--ink);
    box-shadow: inset 0 0 0 2px var(--ink);
  }
  label:has(:focus-visible) {
    outline: 3px solid var(--ink);
    outline-offset: 2px;
  }
  @media (max-width: 640px) {
    label :global(svg) {
      height: 62px;
    }
  }
</style>
