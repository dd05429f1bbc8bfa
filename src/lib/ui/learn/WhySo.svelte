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
      <dt><b>{sayFrames(numbers)}:</b> {came}</dt>
      {#each causes as cause (cause)}<dd>{cause}</dd>{/each}
    {/each}
  </dl>
{/snippet}

{#if reasons.length > 0}
  <section aria-label="Why, likely">
    <h2>Why, likely</h2>
    {@render list(reasons.slice(0, SEEN))}
    {#if reasons.length > SEEN}
      <details>
        <summary>{reasons.length - SEEN} more</summary>
        {@render list(reasons.slice(SEEN))}
      </details>
    {/if}
  </section>
{/if}

<style>
  h2 {
    font-size: 1.25rem;
    font-weight: 650;
    margin-bottom: 4px;
  }
  dt {
    margin-top: 6px;
    font-weight: 600;
  }
  dd {
    padding-left: 14px;
    text-indent: -14px;
  }
  dd::before {
    content: '– ';
  }
</style>
