<script module lang="ts">
  /** Something to be typed, with its name inside, as high as a choice. */
  export interface TextTileProps {
    label: string;
    value: string;
    /** What is wrong with it; '' = nothing. */
    trouble: string;
    example?: string;
    inputmode?: 'numeric' | 'decimal' | 'text';
    maxlength?: number;
    /** As it is typed. */
    ontype?: (text: string) => void;
    /** When it is left. */
    onleave?: (text: string) => void;
  }
</script>

<script lang="ts">
  let {
    label,
    value,
    trouble,
    example = '',
    inputmode = 'text',
    maxlength = 80,
    ontype,
    onleave
  }: TextTileProps = $props();
  const uid = $props.id();
</script>

<div class="relative min-w-0">
  <label
    class="pointer-events-none absolute top-1 left-2.5 z-1 max-w-[calc(100%-1rem)] truncate text-[0.8125rem] text-(--soft)"
    for={uid}>{label}</label
  >
  <input
    id={uid}
    class="input h-13 w-full pt-5! pl-2.5! text-[0.9375rem] font-semibold placeholder:font-normal"
    autocomplete="off"
    {maxlength}
    {inputmode}
    placeholder={example}
    {value}
    oninput={(e) => ontype?.(e.currentTarget.value)}
    onchange={(e) => onleave?.(e.currentTarget.value)}
    aria-invalid={trouble !== ''}
    aria-describedby="{uid}-trouble"
  />
  <p id="{uid}-trouble" class="text-[0.875rem] leading-tight font-semibold text-(--accent-ink)" role="status">
    {trouble}
  </p>
</div>
