<!-- What the print will look like if the light is less than thought, as thought, or more: one in ten fall beyond each. -->
<script lang="ts">
  import { normalQuantile } from '#core/numeric/normal.ts';
  import type { Judged } from '../hand-judge.ts';
  import ScenePrint from './ScenePrint.svelte';

  let { judged }: { judged: Judged } = $props();
  const TENTH = normalQuantile(0.9);
  const off = $derived(TENTH * judged.shown.sdStops);
  const delta = $derived(judged.shown.deltaStops);
</script>

<div class="prints">
  <div class="expected"><ScenePrint tone={judged.tone} deltaStops={delta} label="as expected" /></div>
  <ScenePrint tone={judged.tone} deltaStops={delta - off} label="unlucky, dark" />
  <ScenePrint tone={judged.tone} deltaStops={delta + off} label="unlucky, light" />
</div>

<style>
  .prints {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  .expected {
    grid-column: span 2;
  }
  @media (max-width: 900px) {
    .prints {
      grid-template-columns: repeat(3, 1fr);
    }
    .expected {
      grid-column: auto;
    }
  }
</style>
