<!-- The one small place that tells what of this phone is home already: waiting, sending, sent, needs you. -->
<script lang="ts">
  import { offline } from './offline.svelte.ts';
  import { sayState } from './say-offline.ts';

  let { href }: { href: string } = $props();
  const words = $derived(sayState({ ...offline.counts, sending: offline.sending, away: offline.away }));
  const calls = $derived(offline.counts.asked > 0 || offline.signedOut || offline.refusal !== '');
</script>

<a {href} class:calls aria-label="Offline: {words}" data-testid="offline">
  <svg viewBox="0 0 20 20" aria-hidden="true">
    <path d="M3 5H17V12.500Q17 17 10 17T3 12.500Z" />
    {#if offline.counts.waiting > 0}<path d="M6.500 5V2H13.500V5" />{/if}
  </svg>
  <span role="status">{words}</span>
</a>

<style>
  a {
    display: flex;
    align-items: center;
    gap: 6px;
    min-height: 44px;
    padding: 0 4px;
    font-size: 0.9375rem;
    color: var(--soft);
    white-space: nowrap;
  }
  .calls {
    color: var(--accent);
    font-weight: 650;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  svg {
    width: 18px;
    height: 18px;
    fill: none;
    stroke: currentColor;
    stroke-width: 1.75;
  }
</style>
