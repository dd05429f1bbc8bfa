<script module lang="ts">
  import type { SheetKind } from '#schema/sheet/sheet.ts';

  /** What a camera has on it, drawn. */
  export interface KindDrawingProps {
    has: SheetKind;
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
  {:else if has === 'gears'}
    <path d="M20 34h120v50H20z" /><path d="M60 34a26 26 0 0 1 46 0" class="thick" /><path d="M83 34v50" />
    <circle cx="120" cy="24" r="12" /><path d="M120 12v5M109 21l4 2M131 21l-4 2" class="red" />
    <path d="M112 32l3-3M128 32l-3-3" /><path d="M34 48h34M98 48h28M34 70h34M98 70h28" />
  {:else if has === 'scene'}
    <path d="M40 22h80v62H40zM40 22l12-10h56l12 10" /><circle cx="80" cy="56" r="19" />
    <circle cx="80" cy="56" r="11" /><path d="M80 37v6M66 43l4 4M94 43l-4 4" class="red" />
    <path d="M56 84h30" class="thick" /><circle cx="72" cy="84" r="5" class="knob" /><circle
      cx="108"
      cy="34"
      r="6"
      class="eye"
    />
  {:else if has === 'line'}
    <path d="M24 30h112v54H24zM60 30l5-9h30l5 9" /><circle cx="80" cy="57" r="18" /><circle
      cx="80"
      cy="57"
      r="9"
      class="ink"
    />
    <circle cx="117" cy="43" r="7" class="eye" /><path d="M34 24h14" class="thick" />
  {:else if has === 'cine'}
    <path d="M44 18h62v66H44zM106 30h20v34h-20" /><circle cx="116" cy="47" r="6" />
    <circle cx="72" cy="50" r="18" /><path d="M72 50l14-10M72 50v18" /><circle
      cx="88"
      cy="39"
      r="5"
      class="knob"
    />
    <path d="M52 18v-8h20v8" />
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
  .red {
    stroke: var(--accent);
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
