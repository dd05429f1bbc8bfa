<script module lang="ts">
  import type { Snippet } from 'svelte';

  /** One of a few, side by side. */
  export interface ChoiceProps {
    /** What is chosen, for those who do not see it. */
    label: string;
    value: string;
    options: readonly (readonly [value: string, words: string])[];
    onchoose: (value: string) => void;
    /** Whether they share the whole width; otherwise each is as wide as its words. */
    wide?: boolean;
    /** What stands below the words of one. */
    below?: Snippet<[value: string]>;
  }
</script>

<!-- Skeleton's segmented control around the browser's own radio buttons: these need no program, and answer before any has come. -->
<script lang="ts">
  let { label, value, options, onchoose, wide = false, below }: ChoiceProps = $props();
  const uid = $props.id();
</script>

<div
  data-scope="radio-group"
  data-part="root"
  role="radiogroup"
  aria-label={label}
  class={wide ? '' : 'w-fit max-w-full'}
>
  <div data-scope="radio-group" data-part="control" class="flex">
    {#each options as [option, words] (option)}
      <label
        data-scope="radio-group"
        data-part="item"
        class={wide ? '' : 'w-auto flex-auto shrink-0 px-4 whitespace-nowrap'}
      >
        <input
          type="radio"
          class="sr-only"
          name="{uid}-choice"
          value={option}
          checked={value === option}
          onchange={() => onchoose(option)}
        />
        <span data-scope="radio-group" data-part="item-text" class="grid justify-items-center leading-tight">
          <span>{words}</span>{@render below?.(option)}
        </span>
      </label>
    {/each}
  </div>
</div>
