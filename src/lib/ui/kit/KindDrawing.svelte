<script module lang="ts">
  import type { EntryKind } from '#schema/entry.ts';

  /** What a camera has on it, drawn. */
  export interface KindDrawingProps {
    has: EntryKind;
  }
</script>

<script lang="ts">
  let { has }: KindDrawingProps = $props();
</script>

<svg viewBox="0 0 160 96" aria-hidden="true">
  {#if has === 'nothing'}
    <path d="M38 14h84v70H38z" /><circle cx="80" cy="52" r="17" /><circle cx="80" cy="52" r="4" class="ink" />
    <path d="M122 34h10v8" />
  {:else if has === 'symbols'}
    <path d="M30 26h100v58H30zM62 26l6-12h24l6 12" /><circle cx="80" cy="55" r="21" />
    <path d="M58 30h44" class="thick" /><circle cx="58" cy="30" r="6" class="knob" />
    <circle cx="44" cy="40" r="4" /><path
      d="M44 33v-2M44 49v-2M37 40h-2M53 40h-2M112 46a4 4 0 0 1 0-7 5 5 0 0 1 9 0 4 4 0 0 1 0 7z"
    />
  {:else if has === 'timed'}
    <path d="M34 30h92v54H34zM50 30l8-14h44l8 14" /><circle cx="74" cy="57" r="20" />
    <circle cx="112" cy="46" r="7" class="eye" /><path d="M104 66h16" class="thick" /><circle
      cx="112"
      cy="66"
      r="5"
      class="knob"
    />
  {:else}
    <path d="M22 28h116v56H22zM96 28v-9h22v9" /><circle cx="76" cy="56" r="25" /><circle
      cx="76"
      cy="56"
      r="15"
    />
    <path d="M76 31v7M58 38l5 6M94 38l-5 6M51 56h7M101 56h-7" /><path d="M102 19h10M107 14v5" />
  {/if}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: 96px;
    fill: none;
    stroke: var(--ink);
    stroke-width: 2.4;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .eye {
    fill: var(--accent-wash);
  }
  .ink {
    fill: var(--ink);
  }
  .thick {
    stroke-width: 5;
  }
  .knob {
    fill: var(--accent);
    stroke: var(--sheet);
  }
</style>
