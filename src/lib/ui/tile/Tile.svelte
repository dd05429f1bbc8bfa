<script module lang="ts">
  import type { Snippet } from 'svelte';

  /** One thing about the frame as a choice: its name small, its value below. */
  export interface TileProps {
    label: string;
    value: string;
    onchoose: (value: string) => void;
    /** The options. */
    children: Snippet;
  }
</script>

<script lang="ts">
  let { label, value, onchoose, children }: TileProps = $props();
  const uid = $props.id();
</script>

<div class="relative min-w-0">
  <label for={uid} class="pointer-events-none absolute top-1 left-2.5 z-1 text-[0.8125rem] text-(--soft)"
    >{label}</label
  >
  <select
    id={uid}
    class="select h-13 w-full pt-5! pl-2! pr-7! text-[0.9375rem] font-semibold text-ellipsis"
    {value}
    onchange={(e) => onchoose(e.currentTarget.value)}
  >
    {@render children()}
  </select>
</div>
