<script module lang="ts">
  import type { Result } from '#core/numeric/result.ts';

  /** A field whose text is understood when it is left: what cannot be read stays there with words, and the last value stands. */
  export interface ReadTileProps<T> {
    label: string;
    /** The value as a text. */
    text: string;
    read: (text: string) => Result<T, string>;
    onread: (value: T) => void;
    example?: string;
    inputmode?: 'numeric' | 'decimal' | 'text';
    maxlength?: number;
  }
</script>

<script lang="ts" generics="T">
  import TextTile from './TextTile.svelte';

  let {
    label,
    text,
    read,
    onread,
    example = '',
    inputmode = 'text',
    maxlength = 80
  }: ReadTileProps<T> = $props();
  /** What was typed and could not be read. */
  let typed = $state<string | null>(null);
  let trouble = $state('');
  function left(value: string): void {
    const found = read(value.trim());
    typed = found.ok ? null : value;
    trouble = found.ok ? '' : found.error;
    if (found.ok) onread(found.value);
  }
</script>

<TextTile {label} value={typed ?? text} {trouble} {example} {inputmode} {maxlength} onleave={left} />
