<!-- What would be different with a copy: in counts, and by name. -->
<script lang="ts">
  import type { Difference } from './copies.ts';

  let { difference }: { difference: Difference } = $props();
  const NAMES = ['cameras', 'films', 'loads', 'frames', 'judgements', 'scans'] as const;
  const lists = $derived(
    (
      [
        ['would be gone', difference.gone],
        ['would be back', difference.back],
        ['would be as they were', difference.changed]
      ] as const
    ).filter(([, { count }]) => count > 0)
  );
  const same = $derived(lists.length === 0 && NAMES.every((n) => difference.now[n] === difference.then[n]));
</script>

{#if same}
  <p data-testid="difference">Nothing would be different that is counted here.</p>
{:else}
  <div class="grid gap-2" data-testid="difference">
    <table class="table w-auto">
      <thead><tr><th>In all</th><th>today</th><th>in the copy</th></tr></thead>
      <tbody>
        {#each NAMES as name (name)}
          <tr><th scope="row">{name}</th><td>{difference.now[name]}</td><td>{difference.then[name]}</td></tr>
        {/each}
      </tbody>
    </table>
    {#each lists as [words, { count, first }] (words)}
      <p class="leading-snug">
        <b>{count === 1 ? 'One frame' : `${count} frames`} {words}:</b>
        {first.join('; ')}{count > first.length ? ` and ${count - first.length} more` : ''}.
      </p>
    {/each}
  </div>
{/if}
