<script module lang="ts">
  import type { ControlActs } from '#core/camera/position.ts';
  import type { Draft } from './draft.svelte.ts';

  /** The marks of a control, and beside each what it means or was measured. */
  export interface MarkFieldProps {
    draft: Draft;
    field: string;
    acts: ControlActs;
  }
</script>

<script lang="ts">
  import { untrack } from 'svelte';
  import FieldNotes from './FieldNotes.svelte';
  import { meansSomething, rowsOf, textOf, withMarks } from './mark-rows.ts';
  import { fieldWords } from './words.ts';

  let { draft, field, acts }: MarkFieldProps = $props();
  const uid = $props.id();
  const words = $derived(fieldWords(draft.has, field));
  const rows = $derived(rowsOf(draft.text(field)));
  const marksOf = (text: string): string =>
    rowsOf(text)
      .map((r) => r.mark)
      .join(' ');
  // the marks as they are being typed: a blank at the end is not lost
  let typed = $state(untrack(() => marksOf(draft.text(field))));
  $effect.pre(() => {
    const now = marksOf(draft.text(field));
    if (now !== marksOf(untrack(() => typed))) typed = now;
  });
  /** Symbols say nothing by themselves; their values have to be given. */
  const asked = $derived(rows.filter((row) => !meansSomething(acts, row.mark)));
  const numbered = $derived(
    rows.filter((row) => meansSomething(acts, row.mark) && !/^[bt]$/i.test(row.mark))
  );
  const hasMeasured = $derived(numbered.some((row) => row.measured !== ''));

  function type(text: string): void {
    typed = text;
    draft.say(field, textOf(withMarks(rows, text)));
  }
  function measure(mark: string, measured: string): void {
    draft.say(field, textOf(rows.map((row) => (row.mark === mark ? { mark, measured } : row))));
  }
</script>

{#snippet value(mark: string, measured: string, label: string)}
  <label class="flex items-center gap-2">
    <span class="min-w-16 font-semibold">{mark}</span>
    <input
      class="input w-32"
      inputmode={acts === 'focus' ? undefined : 'decimal'}
      autocomplete="off"
      aria-label="{label} at {mark}"
      value={measured}
      onchange={(e) => measure(mark, e.currentTarget.value)}
    />
  </label>
{/snippet}

<div
  class="grid max-w-full content-start gap-1 text-[0.9375rem]"
  class:w-116={words.wide}
  class:w-56={!words.wide}
>
  <label for="{uid}-field">{words.label}</label>
  <input
    id="{uid}-field"
    class="input"
    value={typed}
    oninput={(e) => type(e.currentTarget.value)}
    autocomplete="off"
    autocapitalize="off"
    aria-invalid={draft.fault(field) !== ''}
    aria-describedby="{uid}-more"
  />
  <input type="hidden" name={field} value={draft.text(field)} />
  <FieldNotes {draft} {field} id="{uid}-more" />
  {#if asked.length > 0}
    <div class="grid gap-1" role="group" aria-label="What its symbols stand for">
      {#each asked as row, i (i)}{@render value(row.mark, row.measured, 'Value')}{/each}
      <p class="hint text-[0.875rem]">
        One number, or between two: 16–22. {acts === 'aperture'
          ? 'With a filter swung before it: 8×2 is f/8 behind a filter of factor 2.'
          : ''}
      </p>
    </div>
  {/if}
  {#if numbered.length > 0}
    <details open={hasMeasured}>
      <summary>Measured values</summary>
      <div class="flex flex-wrap gap-x-5 gap-y-1">
        {#each numbered as row, i (i)}{@render value(row.mark, row.measured, 'Measured')}{/each}
      </div>
      <p class="hint text-[0.875rem]">Empty: the mark is believed. Between two: 16–22.</p>
    </details>
  {/if}
</div>
