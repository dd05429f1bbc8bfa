<script module lang="ts">
  /** A labelled list to choose from, in the look of TextField. */
  export interface SelectFieldProps {
    name: string;
    label: string;
    /** What it starts with. */
    value: string;
    /** Value and words of each choice. */
    options: readonly (readonly [string, string])[];
    onchoose?: (value: string) => void;
  }
</script>

<script lang="ts">
  let { name, label, value, options, onchoose }: SelectFieldProps = $props();
  const uid = $props.id();
</script>

<div class="grid gap-0.75 text-[0.9375rem]">
  <label for="{uid}-field">{label}</label>
  <select id="{uid}-field" class="select" {name} {value} onchange={(e) => onchoose?.(e.currentTarget.value)}>
    {#each options as [option, words] (option)}<option value={option}>{words}</option>{/each}
  </select>
</div>
