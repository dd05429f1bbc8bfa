<script module lang="ts">
  import type { Film } from '#core/film/film.ts';
  import type { Judged } from '../hand.svelte.ts';

  /** Remedies for the pair in hand, in order of effort. */
  export interface WhatHelpsProps {
    judged: Judged;
    films: readonly Film[];
  }

  /** Grey filters that photographers commonly own, stops. */
  const FILTER_STOPS = [1, 2, 3, 6] as const;
  /** Remedies wait until the light rests: they are many sums. */
  const REST_MS = 120;
</script>

<script lang="ts">
  import { remediesFor, type Remedy } from '#core/match/remedies.ts';
  import Figures from '../text/Figures.svelte';
  import { chanceInHundred } from '../text/say.ts';
  import { sayRemedy, sayRemedySetting } from '../text/say-remedy.ts';

  let { judged, films }: WhatHelpsProps = $props();
  let remedies = $state.raw<readonly Remedy[]>([]);
  const now = $derived(chanceInHundred(judged.advice.pUsable));

  $effect(() => {
    const { situation, pair } = judged;
    const atHand = { films, filterStops: FILTER_STOPS };
    const timer = setTimeout(() => (remedies = remediesFor(situation, pair.present, atHand)), REST_MS);
    return () => clearTimeout(timer);
  });
</script>

{#if remedies.length > 0}
  <div class="helps" data-testid="remedies">
    <p class="kicker">What would help</p>
    <ul>
      {#each remedies as remedy (sayRemedy(remedy))}
        <li>
          <span>
            <b><Figures text={sayRemedy(remedy)} /></b>
            <Figures text={sayRemedySetting(judged.pair.camera, remedy)} />
          </span>
          <span class="gain">
            {#if remedy.gain > 0.005}<i>{now}&nbsp;to&nbsp;</i>{/if}<b
              >{chanceInHundred(remedy.verdict.pUsable)}</b
            >
          </span>
        </li>
      {/each}
    </ul>
  </div>
{/if}

<style>
  .helps {
    margin-top: 10px;
  }
  li {
    display: flex;
    justify-content: space-between;
    gap: 14px;
    padding: 8px 0;
    border-bottom: 1px solid var(--line);
    font-size: 0.9375rem;
    line-height: 1.3;
  }
  b {
    font-weight: 650;
  }
  .gain {
    white-space: nowrap;
  }
  i {
    color: var(--soft);
    font-style: normal;
  }
</style>
