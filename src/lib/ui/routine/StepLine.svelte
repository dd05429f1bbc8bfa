<!-- A step with its tick and its drawing. -->
<script lang="ts">
  import type { RoutineStep } from '#core/camera/routine-step.ts';
  import StepPicture from './StepPicture.svelte';

  let {
    step,
    ticked,
    free,
    ontick
  }: {
    step: RoutineStep;
    ticked: boolean;
    /** Whether it is its turn: a wrong order would cost a frame. */
    free: boolean;
    ontick: (on: boolean) => void;
  } = $props();
  let early = $state(false);
  function tick(event: Event & { readonly currentTarget: HTMLInputElement }): void {
    const { checked } = event.currentTarget;
    early = checked && !free;
    if (early) event.currentTarget.checked = false;
    else ontick(checked);
  }
</script>

<label class="flex min-h-11 cursor-pointer items-center gap-3 py-1">
  <input type="checkbox" class="checkbox" checked={ticked} onchange={tick} />
  {#if step.drawing}<StepPicture drawing={step.drawing} />{/if}
  <span class={['leading-snug', ticked && 'text-(--soft) line-through']}>{step.words}</span>
</label>
{#if early}
  <p class="pl-8 font-semibold text-(--accent-ink)" role="alert">
    First what stands above it: in another order a frame is fogged or lost.
  </p>
{/if}
