<script module lang="ts">
  import type { Draft } from './draft.svelte.ts';

  /** Marks in groups, one row each: the two colours of a wheel, the places of a scene lever. */
  export interface GroupFieldProps {
    draft: Draft;
    field: string;
    /** What a group is, and what stands in it. */
    name: string;
    marks: string;
  }
</script>

<script lang="ts">
  import FieldNotes from './FieldNotes.svelte';
  import { groupsOf, groupsText, type MarkGroup } from './mark-rows.ts';
  import { fieldWords } from './words.ts';

  let { draft, field, name, marks }: GroupFieldProps = $props();
  const uid = $props.id();
  const words = $derived(fieldWords(draft.has, field));
  // as they are being typed: a row that is still empty is a row
  // svelte-ignore state_referenced_locally
  let rows = $state.raw<readonly MarkGroup[]>(groupsOf(draft.text(field)) ?? []);

  function change(next: readonly MarkGroup[]): void {
    rows = next;
    draft.say(field, groupsText(next.filter((g) => g.name !== '' || g.marks !== '')));
  }
  const changed = (at: number, more: Partial<MarkGroup>): readonly MarkGroup[] =>
    rows.map((row, i) => (i === at ? { ...row, ...more } : row));
</script>

<fieldset class="grid w-116 max-w-full content-start gap-1 text-[0.9375rem]" aria-describedby="{uid}-more">
  <legend>{words.label}</legend>
  <input type="hidden" name={field} value={draft.text(field)} />
  {#each rows as row, i (i)}
    <div class="flex gap-2">
      <input
        class="input w-28"
        aria-label="{name} {i + 1}"
        autocomplete="off"
        value={row.name}
        oninput={(e) => change(changed(i, { name: e.currentTarget.value }))}
      />
      <input
        class="input flex-1"
        aria-label="{marks} {i + 1}"
        autocomplete="off"
        aria-invalid={draft.fault(field) !== ''}
        value={row.marks}
        oninput={(e) => change(changed(i, { marks: e.currentTarget.value }))}
      />
      <button
        type="button"
        class="chip"
        aria-label="Remove row {i + 1}"
        onclick={() => change(rows.filter((_, j) => j !== i))}>×</button
      >
    </div>
  {/each}
  <FieldNotes {draft} {field} id="{uid}-more" oninstead={(text: string) => (rows = groupsOf(text) ?? rows)} />
  <button
    type="button"
    class="link justify-self-start"
    onclick={() => change([...rows, { name: '', marks: '' }])}>Another row</button
  >
</fieldset>
