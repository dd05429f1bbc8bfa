<!-- A box to choose a row, or all, as high and wide as a finger. -->
<script lang="ts">
  let {
    label,
    checked,
    some = false,
    oncheck
  }: {
    label: string;
    checked: boolean;
    /** Some of several are chosen. */
    some?: boolean;
    oncheck: (checked: boolean) => void;
  } = $props();
</script>

<label class="grid size-11 cursor-pointer place-items-center"
  ><input
    type="checkbox"
    class="checkbox"
    aria-label={label}
    {checked}
    indeterminate={some}
    onchange={(e) => oncheck(e.currentTarget.checked)}
  /></label
>
