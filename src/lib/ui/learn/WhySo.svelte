<!-- Why frames came out as they did, likely, drawn from the log. -->
<script lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import { reasonsOf, sayFrames, type Explained, type Reason } from './say-cause.ts';

  let { camera, explained }: { camera: Camera; explained: readonly Explained[] } = $props();
  const reasons = $derived(reasonsOf(explained, camera));
  /** Reasons seen at once; a reel may have many. */
  const SEEN = 8;
</script>

{#snippet list(some: readonly Reason[])}
  <dl>
    {#each some as { numbers, came, causes } (numbers[0])}
      <dt class="mt-1.5 font-semibold"><b>{sayFrames(numbers)}:</b> {came}</dt>
      {#each causes as cause (cause)}<dd class="pl-3.5 [text-indent:-14px] before:[content:'–_']">
          {cause}
        </dd>{/each}
    {/each}
  </dl>
{/snippet}

{#if reasons.length > 0}
  <section aria-label="Why, likely">
    <h2 class="text-[1.25rem] font-[650] mb-1">Why, likely</h2>
    {@render list(reasons.slice(0, SEEN))}
    {#if reasons.length > SEEN}
      <details>
        <summary>{reasons.length - SEEN} more</summary>
        {@render list(reasons.slice(SEEN))}
      </details>
    {/if}
  </section>
{/if}
