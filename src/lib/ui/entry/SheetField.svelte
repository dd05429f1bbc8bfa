<script module lang="ts">
  import type { Draft } from './draft.svelte.ts';

  /** One text of the sheet, with its hint, its fault and its doubt; marks are shown as rows. */
  export interface SheetFieldProps {
    draft: Draft;
    field: string;
  }
</script>

<script lang="ts">
  import FieldNotes from './FieldNotes.svelte';
  import GroupField from './GroupField.svelte';
  import { groupsOf } from './mark-rows.ts';
  import MarkField from './MarkField.svelte';
  import { fieldWords, GROUP_WORDS, isNumber, MARK_FIELDS } from './words.ts';

  let { draft, field }: SheetFieldProps = $props();
  const uid = $props.id();
  const words = $derived(fieldWords(draft.has, field));
  const acts = $derived(MARK_FIELDS[field]);
  // what it is stays while it is typed
  // svelte-ignore state_referenced_locally
  const groups = groupsOf(draft.text(field)) ? GROUP_WORDS[field] : undefined;
</script>

{#if groups}
  <GroupField {draft} {field} name={groups[0]} marks={groups[1]} />
{:else if acts}
  <MarkField {draft} {field} {acts} />
{:else}
  <div
    class="grid max-w-full content-start gap-1 text-[0.9375rem]"
    class:w-116={words.wide}
    class:w-56={!words.wide}
  >
    <label for="{uid}-field">{words.label}</label>
    <input
      id="{uid}-field"
      class="input"
      name={field}
      value={draft.text(field)}
      oninput={(e) => draft.say(field, e.currentTarget.value)}
      autocomplete="off"
      inputmode={isNumber(field) ? 'decimal' : undefined}
      aria-invalid={draft.fault(field) !== ''}
      aria-describedby="{uid}-more"
    />
    <FieldNotes {draft} {field} id="{uid}-more" />
  </div>
{/if}
