<!-- The camera in hand as its own positions, with the mark to set on each. -->
<script lang="ts">
  import { positionCount } from '#core/camera/camera.ts';
  import { useHand } from '../hand.svelte.ts';
  import type { Judged } from '../hand-judge.ts';
  import ControlView from './ControlView.svelte';
  import { fixedLine } from './fixed-line.ts';

  let { judged }: { judged: Judged } = $props();
  const hand = useHand();
  const movable = $derived(
    judged.pair.camera.controls.filter((c) => c.kind !== 'fixed').filter((c) => positionCount(c) > 1)
  );
  const fixed = $derived(fixedLine(judged.pair.camera));
  const choice = $derived(judged.shown.setting.choice);
</script>

<div class="controls">
  {#each movable as control (control.id)}
    <ControlView
      {control}
      shown={choice}
      advised={judged.advice.setting.choice}
      present={judged.pair.present}
      onpick={(position: number) => hand.pick(control.id, position)}
    />
  {/each}
  {#if fixed !== ''}<p>{fixed}</p>{/if}
  {#if hand.picked !== null}
    <button type="button" class="quiet" onclick={() => (hand.picked = null)}>Back to the advice</button>
  {/if}
</div>

<style>
  .controls {
    display: flex;
    flex-wrap: wrap;
    gap: 14px 28px;
  }
  .controls > :global(fieldset) {
    flex: 1 1 calc(var(--marks) * 56px);
    min-width: 0;
    max-width: 100%;
  }
  p {
    flex-basis: 100%;
    color: var(--soft);
    font-size: 0.9375rem;
  }
  .quiet {
    align-self: flex-start;
  }
</style>
