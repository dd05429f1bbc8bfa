<script module lang="ts">
  /** A choice of something that has words for each of its values. */
  export interface WordsTileProps<T extends string> {
    label: string;
    value: T;
    all: readonly T[];
    words: Readonly<Record<T, string>>;
    onchoose: (value: T) => void;
  }
</script>

<script lang="ts" generics="T extends string">
  import { oneOf } from './one-of.ts';
  import Tile from './Tile.svelte';

  let { label, value, all, words, onchoose }: WordsTileProps<T> = $props();
</script>

<Tile {label} {value} onchoose={(name: string) => onchoose(oneOf(all, name, value))}>
  {#each all as one (one)}<option value={one}>{words[one]}</option>{/each}
</Tile>
