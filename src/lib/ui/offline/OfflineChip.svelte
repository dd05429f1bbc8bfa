<!-- The one small place that tells what of this phone is the server already: waiting, sending, sent, needs you. -->
<script lang="ts">
  import CloudCheck from '@lucide/svelte/icons/cloud-check';
  import CloudOff from '@lucide/svelte/icons/cloud-off';
  import CloudUpload from '@lucide/svelte/icons/cloud-upload';
  import { offline } from './offline.svelte.ts';
  import { sayState } from './say-state.ts';

  let { href }: { href: string } = $props();
  const words = $derived(sayState({ ...offline.counts, sending: offline.sending, away: offline.away }));
  const Icon = $derived(offline.away ? CloudOff : offline.counts.waiting > 0 ? CloudUpload : CloudCheck);
  const calls = $derived(offline.counts.asked > 0 || offline.signedOut || offline.refusal !== '');
</script>

<a
  class="flex items-center gap-1.5 min-h-11 px-1 text-[0.9375rem] text-(--soft) whitespace-nowrap"
  {href}
  class:calls
  aria-label="Offline: {words}"
  data-testid="offline"
>
  <Icon size={18} aria-hidden="true" />
  <span role="status">{words}</span>
</a>

<style>
  .calls {
    color: var(--accent-ink);
    font-weight: 650;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
</style>
