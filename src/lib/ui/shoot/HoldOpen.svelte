<!-- How this camera is held open: by its trick, with what gets the picture out and what to mind; else on B or T. -->
<script lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import { trickOf } from '#core/camera/setting.ts';

  let { camera }: { camera: Camera } = $props();
  const steps = $derived(trickOf(camera));
</script>

{#if steps}
  <ol class="list-decimal pl-5.5" data-testid="trick">
    <li>Put the camera on something.</li>
    <li>Open: {steps.opens}</li>
    <li>Close: {steps.closes}</li>
    {#if steps.after !== ''}<li>Then: {steps.after}</li>{/if}
  </ol>
  {#if steps.caution !== ''}<p><b>Mind:</b> {steps.caution}</p>{/if}
  <p class="text-(--soft) text-[0.875rem] leading-[1.3]">
    Not meant by its maker: what its manual forbids comes before this.
  </p>
{:else}
  <p class="text-(--soft) text-[0.875rem] leading-[1.3]">
    Put the camera on something. On B press and hold, best by a cable; on T press once to open, once to close.
    Do not touch it otherwise.
  </p>
{/if}
