<script module lang="ts">
  /** One thing about the frame that needs more than a choice: its name small, its value below; a press opens it. */
  export interface OpenTileProps {
    label: string;
    value: string;
    open: boolean;
    /** Id of what opens. */
    controls: string;
    onpress: () => void;
  }
</script>

<script lang="ts">
  let { label, value, open, controls, onpress }: OpenTileProps = $props();
</script>

<button
  type="button"
  class="chip h-13 w-full min-w-0 flex-col items-start justify-center gap-0 px-2.5 py-0 text-left"
  aria-expanded={open}
  aria-controls={controls}
  onclick={onpress}
>
  <span class={['text-[0.8125rem]', !open && 'text-(--soft)']}>{label}</span>
  <span class="w-full truncate text-[0.9375rem] font-semibold">{value}</span>
</button>
