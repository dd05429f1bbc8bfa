<!-- What the grades of a roll's prints say of its development, and the way to the tank with it. -->
<script lang="ts">
  import { gradesSay } from '#core/learn/grades.ts';
  import type { Judgement } from '#core/learn/judgement.ts';

  let { judgements, minutes }: { judgements: readonly Judgement[]; minutes: number | null } = $props();
  const says = $derived(gradesSay(judgements.flatMap(({ grade }) => (grade === undefined ? [] : [grade]))));
  const WORDS = {
    flat: 'These negatives are flat: develop the next roll a little longer.',
    right: 'This roll was developed right for paper.',
    hard: 'These negatives are hard: develop the next roll a little less.'
  } as const;
</script>

{#if says}
  <section aria-label="What the paper says" data-testid="paper">
    <h2 class="kicker">What the paper says</h2>
    <p class="leading-snug">
      {says.prints === 1 ? 'One print' : `${says.prints} prints`} on grade {says.grade}{says.prints === 1
        ? ''
        : ' on average'}. {WORDS[says.looked]}
    </p>
    {#if minutes !== null}
      <a
        class="inline-grid min-h-11 content-center underline"
        href="/bench/develop?tank&last={minutes}&looked={says.looked}">The next time in the tank</a
      >
    {/if}
  </section>
{/if}
