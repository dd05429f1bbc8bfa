<!-- How an automatic camera is held open: a usual trick to begin with, and its steps in the owner's own words. -->
<script lang="ts">
  import { TRICKS } from '#core/camera/kinds/held-open/tricks.ts';
  import type { Draft } from './draft.svelte.ts';
  import SheetField from './SheetField.svelte';

  let { draft }: { draft: Draft } = $props();
  const FIELDS = ['opens', 'closes', 'after', 'caution'] as const;
</script>

<div
  class="flex basis-full flex-wrap items-center gap-1.5"
  role="group"
  aria-label="Begin with a usual trick"
>
  <span class="soft">Begin with:</span>
  {#each TRICKS as { name, steps } (name)}
    <button
      type="button"
      class="chip min-h-11"
      aria-pressed={draft.text('opens') === steps.opens}
      onclick={() => {
        for (const field of FIELDS) draft.say(field, steps[field]);
      }}>{name}</button
    >
  {/each}
</div>
{#each FIELDS as field (field)}<SheetField {draft} {field} />{/each}
<p class="soft basis-full">Try it without film first. What its manual forbids comes before this.</p>
