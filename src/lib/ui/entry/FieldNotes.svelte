<script module lang="ts">
  import type { Draft } from './draft.svelte.ts';

  /** What stands below a field: its fault, else its hint; and a doubt with the other reading one press away. */
  export interface FieldNotesProps {
    draft: Draft;
    field: string;
    id: string;
    /** Called after the other reading was taken. */
    oninstead?: (text: string) => void;
  }
</script>

<script lang="ts">
  import { changedIn } from './mark-rows.ts';
  import { fieldWords } from './words.ts';

  let { draft, field, id, oninstead }: FieldNotesProps = $props();
  const hint = $derived(fieldWords(draft.has, field).hint);
  const fault = $derived(draft.fault(field));
  const doubt = $derived(draft.doubt(field));

  function take(instead: string): void {
    draft.say(field, instead);
    oninstead?.(instead);
  }
</script>

<div {id} class="grid gap-1 text-[0.875rem] leading-[1.3]">
  {#if fault !== ''}
    <p class="fault">{fault}</p>
  {:else if hint !== ''}
    <p class="hint">{hint}</p>
  {/if}
  {#if doubt}
    <p class="border-l-4 border-(--accent) bg-(--well) px-2 py-1">{doubt.words}</p>
  {/if}
</div>
{#if doubt && doubt.instead !== null}
  {@const { instead } = doubt}
  <button type="button" class="link justify-self-start text-left font-semibold" onclick={() => take(instead)}>
    Write them as {changedIn(draft.text(field), instead)}
  </button>
{/if}
