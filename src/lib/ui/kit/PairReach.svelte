<!-- In which light a loaded camera works, in the hand: the same reach as on the light rule, worked out when the page is at rest. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import type { Reach } from '#core/advice/reach-shape.ts';
  import type { Pair } from '#core/log/pair.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { reachOfPair, troubleOf } from '../current-judge.ts';
  import { sayStretch } from '../text/say-light.ts';
  import ReachBar from './ReachBar.svelte';

  let { pair }: { pair: Pair } = $props();
  const current = useCurrent();
  let reach = $state.raw<Reach | null>(null);
  onMount(() => {
    const timer = setTimeout(() => {
      if (troubleOf(pair) === '') reach = reachOfPair(pair, current, {}, {}).reach;
    });
    return () => clearTimeout(timer);
  });
</script>

<div class="mt-1 flex min-h-6 items-end gap-3" data-testid="pair-reach">
  {#if reach}
    <span class="max-w-72 flex-1"
      ><ReachBar
        likely={reach.likely}
        possible={reach.possible}
        lv={current.isTold ? current.light.lv : null}
      /></span
    >
    <span class="text-[0.875rem] text-(--soft)" aria-hidden="true">{sayStretch(reach.likely)}</span>
  {/if}
</div>
