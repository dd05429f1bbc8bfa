<!-- The one small place that tells what of this phone is the server already: waiting, sending, sent, needs you. -->
<script lang="ts">
  import cloudCheck from 'lucide-static/icons/cloud-check.svg?raw';
  import cloudOff from 'lucide-static/icons/cloud-off.svg?raw';
  import cloudUpload from 'lucide-static/icons/cloud-upload.svg?raw';
  import Icon from '../Icon.svelte';
  import { offline } from './offline.svelte.ts';
  import { sayState } from './say-state.ts';

  let { href }: { href: string } = $props();
  const words = $derived(sayState({ ...offline.counts, sending: offline.sending, away: offline.away }));
  const cloud = $derived(offline.away ? cloudOff : offline.counts.waiting > 0 ? cloudUpload : cloudCheck);
  const calls = $derived(offline.counts.asked > 0 || offline.signedOut || offline.refusal !== '');
</script>

<a
  class="flex items-center gap-1.5 min-h-11 px-1 text-[0.9375rem] text-(--soft) whitespace-nowrap"
  {href}
  class:calls
  aria-label="Offline: {words}"
  data-testid="offline"
>
  <Icon svg={cloud} size={18} />
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
