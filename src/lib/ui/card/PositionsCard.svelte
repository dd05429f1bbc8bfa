<!-- The camera in use as its own positions, with the mark to set on each. -->
<script lang="ts">
  import { positionCount } from '#core/camera/camera.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import ControlView from './ControlView.svelte';
  import { fixedLine } from './fixed-line.ts';

  let { judged, onset }: { judged: Judged; onset: () => void } = $props();
  const current = useCurrent();
  const movable = $derived(judged.pair.camera.controls.filter((c) => positionCount(c) > 1));
  const fixed = $derived(fixedLine(judged.pair.camera));
  const choice = $derived(judged.shown.setting.choice);
  /** Whether anything stands elsewhere than the card shows it, as far as that is known. */
  const moved = $derived(movable.some((c) => judged.pair.present[c.id] !== choice[c.id]));
</script>

<div class="controls flex flex-wrap gap-y-3.5 gap-x-7">
  {#each movable as control (control.id)}
    <ControlView
      {control}
      shown={choice}
      advised={judged.advice.setting.choice}
      present={judged.pair.present}
      onpick={(position: number) => current.pick(control.id, position)}
    />
  {/each}
  {#if fixed !== ''}<p class="[flex-basis:100%] text-(--soft) text-[0.9375rem]">{fixed}</p>{/if}
  {#if current.picked !== null || moved}
    <div class="flex flex-wrap gap-2 [flex-basis:100%]">
      {#if current.picked !== null}
        <button
          type="button"
          class="btn preset-outlined-surface-950-50"
          onclick={() => (current.picked = null)}>Back to the advice</button
        >
      {/if}
      {#if moved}
        <button type="button" class="btn preset-outlined-surface-950-50" onclick={onset}>Set as shown</button>
      {/if}
    </div>
  {/if}
</div>

<style>
  .controls > :global(fieldset) {
    flex: 1 1 max(170px, calc(var(--marks) * 56px));
    min-width: 0;
    max-width: 100%;
  }
</style>
