<script lang="ts">
  import Choice from '../../Choice.svelte';
  import BackPanel from './BackPanel.svelte';
  import BelievesPanel from './BelievesPanel.svelte';
  import DialPanel from './DialPanel.svelte';
  import WaysPanel from './WaysPanel.svelte';

  const PANELS = [
    ['dial', 'Marks'],
    ['ways', 'Ways out'],
    ['believes', 'Test'],
    ['back', 'New back']
  ] as const;
  let panel = $state<string>('dial');
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-5">
  <Choice label="What it is about" value={panel} options={PANELS} onchoose={(v: string) => (panel = v)} />
  {#if panel === 'ways'}<WaysPanel />{:else if panel === 'believes'}<BelievesPanel
    />{:else if panel === 'back'}<BackPanel />{:else}<DialPanel />{/if}
</div>
