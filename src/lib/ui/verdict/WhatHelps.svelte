<script module lang="ts">
  import type { Film } from '#core/film/film.ts';
  import type { Thing } from '#core/kit/thing.ts';
  import { atHandFrom } from '#core/match/at-hand.ts';
  import type { NamedPlace } from '#core/ways/choice.ts';
  import { timeText } from '#core/sky/zone.ts';
  import type { Judged } from '../hand-judge.ts';

  /** Remedies for the pair in hand, in order of effort. */
  export interface WhatHelpsProps {
    judged: Judged;
    films: readonly Film[];
    things: readonly Thing[];
    /** Where the light was last summed up: what waiting brings is worked out for it. */
    place: NamedPlace | null;
  }

  /** Remedies wait until the light rests: they are many sums. */
  const REST_MS = 120;
</script>

<script lang="ts">
  import { onMount } from 'svelte';
  import type { AdviceAnswer, AdviceQuestion } from '../../../workers/advice.ts';
  import { courseAhead } from '../light/course-ahead.ts';
  import Figures from '../text/Figures.svelte';
  import { chanceInHundred } from '../text/say.ts';
  import { saySpeeds } from '../text/say-light.ts';
  import { sayRemedy, sayRemedySetting } from '../text/say-remedy.ts';

  let { judged, films, things, place }: WhatHelpsProps = $props();
  let worker = $state.raw<Worker | null>(null);
  let answer = $state.raw<AdviceAnswer | null>(null);
  const clock = (ms: number): string => {
    const { way } = judged.light;
    const zone = way.kind === 'sun' ? way.place.zone : place?.zone;
    return timeText(ms, zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone);
  };
  let asked = 0;
  const now = $derived(chanceInHundred(judged.advice.pUsable));

  onMount(() => {
    const started = new Worker(new URL('../../../workers/advice.ts', import.meta.url), { type: 'module' });
    started.onmessage = (event: MessageEvent<AdviceAnswer>) => {
      // an answer to a light that has moved on is of no use
      if (event.data.number === asked) answer = event.data;
    };
    worker = started;
    return () => started.terminate();
  });

  $effect(() => {
    const { situation, pair, light } = judged;
    const question: AdviceQuestion = {
      type: 'advice',
      number: asked + 1,
      situation,
      present: pair.present,
      atHand: atHandFrom(films, things, courseAhead(light, place, Date.now()))
    };
    const timer = setTimeout(() => {
      asked = question.number;
      worker?.postMessage(question);
    }, REST_MS);
    return () => clearTimeout(timer);
  });
</script>

{#if answer}
  <div class="speeds">
    <p class="kicker">Film speeds that fit this light</p>
    <p data-testid="speeds">{saySpeeds(answer.speeds)}</p>
  </div>
{/if}
{#if answer && answer.remedies.length > 0}
  <div class="helps" data-testid="remedies">
    <p class="kicker">What would help</p>
    <ul>
      {#each answer.remedies as remedy (sayRemedy(remedy))}
        <li>
          <span>
            <b><Figures text={sayRemedy(remedy, clock)} /></b>
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
  .helps,
  .speeds {
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
