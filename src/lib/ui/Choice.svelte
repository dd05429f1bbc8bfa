<script module lang="ts">
  /** One of a few, side by side. */
  export interface ChoiceProps {
    /** What is chosen, for those who do not see it. */
    label: string;
    value: string;
    options: readonly (readonly [value: string, words: string])[];
    onchoose: (value: string) => void;
  }
</script>

<script lang="ts">
  import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

  let { label, value, options, onchoose }: ChoiceProps = $props();
  const uid = $props.id();
</script>

<SegmentedControl
  name="{uid}-choice"
  {value}
  onValueChange={({ value: next }: { value: string | null }) => next !== null && onchoose(next)}
  class="w-fit max-w-full gap-0"
>
  <SegmentedControl.Label class="sr-only">{label}</SegmentedControl.Label>
  <SegmentedControl.Control class="flex">
    {#each options as [option, words] (option)}
      <SegmentedControl.Item value={option} class="w-auto flex-auto shrink-0 px-4 whitespace-nowrap">
        <SegmentedControl.ItemText>{words}</SegmentedControl.ItemText>
        <SegmentedControl.ItemHiddenInput />
      </SegmentedControl.Item>
    {/each}
  </SegmentedControl.Control>
</SegmentedControl>
