<script module lang="ts">
  import type { Result } from '#core/numeric/result.ts';

  /** A field whose text is understood when it is left: what cannot be read stays there with words, and the last value stands. */
  export interface ReadFieldProps<T> {
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
  let {
    label,
    text,
    read,
    onread,
    example = '',
    inputmode = 'text',
    maxlength = 80
  }: ReadFieldProps<T> = $props();
  const uid = $props.id();
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

<div class="min-w-0">
  <label class="block text-[0.8125rem] text-(--soft)" for={uid}>{label}</label>
  <input
    id={uid}
    class="input w-full"
    autocomplete="off"
    {maxlength}
    {inputmode}
    placeholder={example}
    value={typed ?? text}
    onchange={(e) => left(e.currentTarget.value)}
    aria-invalid={trouble !== ''}
    aria-describedby="{uid}-trouble"
  />
  <p id="{uid}-trouble" class="text-[0.875rem] leading-tight font-semibold text-(--accent)" role="status">
    {trouble}
  </p>
</div>
