<script module lang="ts">
  import type { Draft } from './draft.svelte.ts';

  /** One text of the sheet, with its hint, its fault and its doubt. */
  export interface SheetFieldProps {
    draft: Draft;
    field: string;
  }
</script>

<script lang="ts">
  import { fieldWords, isNumber } from './words.ts';

  let { draft, field }: SheetFieldProps = $props();
  const uid = $props.id();
  const words = $derived(fieldWords(draft.has, field));
  const fault = $derived(draft.fault(field));
  const doubt = $derived(draft.doubt(field));
</script>

<div class:wide={words.wide}>
  <label for="{uid}-field">{words.label}</label>
  <input
    id="{uid}-field"
    class="input"
    name={field}
    value={draft.text(field)}
    oninput={(e) => draft.say(field, e.currentTarget.value)}
    autocomplete="off"
    inputmode={isNumber(field) ? 'decimal' : undefined}
    aria-invalid={fault !== ''}
    aria-describedby="{uid}-more"
  />
  <div id="{uid}-more">
    {#if fault !== ''}
      <p class="fault text-[0.875rem] leading-[1.3]">{fault}</p>
    {:else if words.hint !== ''}
      <p class="hint text-[0.875rem] leading-[1.3]">{words.hint}</p>
    {/if}
    {#if doubt}
      <p class="py-1 px-2 [border-left:4px_solid_var(--accent)] bg-(--well) text-[0.875rem] leading-[1.3]">
        {doubt.words}
      </p>
    {/if}
  </div>
  {#if doubt && doubt.instead !== null}
    {@const { instead } = doubt}
    <button
      type="button"
      class="justify-self-start min-h-11 text-left font-semibold underline underline-offset-[3px] cursor-pointer"
      onclick={() => draft.say(field, instead)}
    >
      Write them as {instead}
    </button>
  {/if}
</div>

<style>
  div {
    display: grid;
    gap: 3px;
    align-content: start;
    width: 14rem;
    max-width: 100%;
    font-size: 0.9375rem;
  }
  div > div {
    width: auto;
  }
  .wide {
    width: 29rem;
  }
</style>
