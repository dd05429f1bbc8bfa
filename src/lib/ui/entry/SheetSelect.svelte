<script module lang="ts">
  import type { Draft } from './draft.svelte.ts';

  /** One choice of the sheet from a list. */
  export interface SheetSelectProps {
    draft: Draft;
    field: string;
    label: string;
    options: readonly (readonly [string, string])[];
  }
</script>

<script lang="ts">
  import SelectField from '../kit/SelectField.svelte';

  let { draft, field, label, options }: SheetSelectProps = $props();
</script>

<SelectField
  name={field}
  {label}
  value={draft.text(field)}
  {options}
  onchoose={(value: string) => draft.say(field, value)}
/>
