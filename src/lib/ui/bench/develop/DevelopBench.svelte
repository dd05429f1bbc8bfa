<script lang="ts">
  import { page } from '$app/state';
  import { instantWay } from '#core/bench/develop/instant-time.ts';
  import Choice from '../../Choice.svelte';
  import { useCurrent } from '../../current.svelte.ts';
  import InstantPanel from './InstantPanel.svelte';
  import TankPanel from './TankPanel.svelte';

  const current = useCurrent();
  const judged = $derived(current.judged);
  const isInstant = $derived(judged !== null && instantWay(judged.pair.film) !== null);
  let said = $state<string | null>(page.url.searchParams.has('tank') ? 'tank' : null);
  const panel = $derived(said ?? (isInstant ? 'instant' : 'tank'));
  const PANELS = [
    ['instant', 'Instant'],
    ['tank', 'Black and white']
  ] as const;
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-5">
  <Choice label="What is developed" value={panel} options={PANELS} onchoose={(v: string) => (said = v)} />
  {#if panel === 'tank'}
    <TankPanel />
  {:else if judged && isInstant}
    <InstantPanel {judged} />
  {:else if judged}
    <p>
      {judged.pair.film.name} is no instant film. Colour negatives and slides go to a lab; a push or pull is noted
      with the roll in Log.
    </p>
  {/if}
</div>
