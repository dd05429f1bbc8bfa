<script module lang="ts">
  /** A labelled text field that keeps its fault beside it. */
  export interface TextFieldProps {
    name: string;
    label: string;
    /** What it starts with; what is typed afterwards is the field's own. */
    value: string;
    /** What was wrong, in words; '' = nothing. */
    fault: string;
    wide?: boolean;
    /** The id of a list of words to choose from. */
    list?: string;
    /** A number: the number keyboard opens, and typing replaces what stands there. */
    number?: boolean;
  }
</script>

<script lang="ts">
  let { name, label, value, fault, wide = false, list, number = false }: TextFieldProps = $props();
  const uid = $props.id();
</script>

<div class="grid gap-[3px] w-44 text-[0.9375rem]" class:wide>
  <label for="{uid}-field">{label}</label>
  <input
    id="{uid}-field"
    class="input"
    {name}
    {value}
    {list}
    inputmode={number ? 'decimal' : undefined}
    onfocus={(e) => number && e.currentTarget.select()}
    autocomplete="off"
    aria-invalid={fault !== ''}
    aria-describedby="{uid}-fault"
  />
  <p class="fault text-[0.875rem] leading-[1.3]" id="{uid}-fault">{fault}</p>
</div>

<style>
  .wide {
    width: 23rem;
    max-width: 100%;
  }
</style>
