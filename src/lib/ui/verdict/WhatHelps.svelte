<script module lang="ts">
  import type { Judged } from '../current-judge.ts';

  /** Remedies for the pair in use, in order of effort; what the evening still holds; which film speeds fit. */
  export interface WhatHelpsProps {
    judged: Judged;
  }

  /** Remedies wait until the light rests (it has rested for the page already): they are many sums. */
  const REST_MS = 30;
</script>

<script lang="ts">
  import type { CoursePoint } from '#core/sky/events.ts';
  import { choiceFromSun } from '#core/ways/choice.ts';
  import { onMount } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { atHandFrom } from '#core/advice/at-hand.ts';
  import type { Remedy, RemedyStep } from '#core/advice/remedy.ts';
  import { timeText } from '#core/sky/zone.ts';
  import type { AdviceAnswer, AdviceQuestion } from '../../../workers/advice.ts';
  import { changeLoad } from '../api.ts';
  import { changeSettings } from '../offline/remember.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { withFocus } from '../current-judge.ts';
  import { courseAhead } from '../light/course-ahead.ts';
  import { sayDone, sayTrouble } from '../notices/say.ts';
  import { sayEnough } from '../shoot/words.ts';
  import Figures from '../text/Figures.svelte';
  import { chanceInHundred } from '../text/say.ts';
  import { saySpeeds } from '../text/say-light.ts';
  import { sayRemedy, sayRemedySetting } from '../text/say-remedy.ts';

  let { judged }: WhatHelpsProps = $props();
  const current = useCurrent();
  const uid = $props.id();
  let worker = $state.raw<Worker | null>(null);
  let answer = $state.raw<AdviceAnswer | null>(null);
  const place = $derived(current.settings.place);
  const clock = (ms: number): string => {
    const { way } = judged.light;
    const zone = way.kind === 'sun' ? way.place.zone : place?.zone;
    return timeText(ms, zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone);
  };
  let asked = 0;
  const now = $derived(chanceInHundred(judged.advice.pUsable));
  const enough = $derived(answer?.enough ? sayEnough(answer.enough, clock) : '');
  const CHANCES = [0.25, 0.5, 0.6, 0.75, 0.9] as const;

  onMount(() => {
    const started = new Worker(new URL('../../../workers/advice.ts', import.meta.url), { type: 'module' });
    started.onmessage = (event: MessageEvent<AdviceAnswer>) => {
      // an answer to a light that has moved on is of no use
      if (event.data.number !== asked) return;
      // until the second half is there, the last word on the evening stays
      answer = { ...event.data, enough: event.data.enough ?? answer?.enough ?? null };
    };
    worker = started;
    return () => started.terminate();
  });

  $effect(() => {
    const { situation, pair, light } = judged;
    const { films, things, settings, focus } = current;
    const timer = setTimeout(() => {
      asked += 1;
      const question: AdviceQuestion = {
        ...{ type: 'advice', number: asked, situation },
        present: withFocus(pair.camera, pair.present, focus),
        atHand: atHandFrom(films, things, courseAhead(light, settings.place, Date.now())),
        leastChance: settings.leastChance
      };
      worker?.postMessage(question);
    }, REST_MS);
    return () => clearTimeout(timer);
  });

  /** What is done elsewhere, or not at all: it is said, and nothing is counted yet. */
  const SAID: ReadonlySet<RemedyStep['kind']> = new Set(['film', 'reading', 'test', 'not-today']);

  /** What can be done at once, on the camera or in the notes of the film. */
  function isDoable(remedy: Remedy): boolean {
    return remedy.steps.every((s) => !SAID.has(s.kind));
  }

  /** The light as it will be then: what is shown is for that hour, until the light now is taken again. */
  function look(until: CoursePoint): void {
    const now = current.light;
    const { way, contrast } = now;
    current.light =
      way.kind === 'sun'
        ? choiceFromSun({ ...way, ms: until.ms })
        : { lv: until.lv, sdStops: until.sdStops, contrast, way: { kind: 'hand' } };
    current.pointed = null;
    sayDone(`Shown as it will be at ${clock(until.ms)}.`, () => (current.light = now));
  }

  async function take(remedy: Remedy): Promise<void> {
    const wait = remedy.steps.find((s) => s.kind === 'wait');
    if (wait) {
      look(wait.until);
      return;
    }
    const development = remedy.steps.find((s) => s.kind === 'development');
    const rest = remedy.steps.filter((s) => s.kind !== 'development');
    if (rest.length > 0) {
      current.apply(rest);
      if (!development)
        sayDone(`${sayRemedy(remedy, clock)}: counted from now on.`, () => current.takeBack());
    }
    if (development) await develop(development.stops);
  }

  /** Push or pull holds for the whole roll: it is noted on it as its development, to be told to the lab. */
  async function develop(stops: number): Promise<void> {
    const { film, loadId } = judged.pair;
    const note = async (shiftStops: number): Promise<boolean> => {
      const development = { developer: '', dilution: '', minutes: null, temperatureC: null, shiftStops };
      const changed = await changeLoad(loadId, { development }, judged.pair.loadRevision);
      if (!changed.ok) sayTrouble(changed.error.words);
      await invalidateAll();
      return changed.ok;
    };
    if (await note(film.developmentStops + stops)) {
      sayDone(`Noted on this roll of ${film.name}: tell the lab.`, () => void note(film.developmentStops));
    }
    current.pointed = null;
  }

  function stopBelow(text: string): void {
    const leastChance = Number(text);
    void changeSettings({ leastChance }, current.settings);
    current.settings = { ...current.settings, leastChance };
  }
</script>

{#if enough !== ''}
  <p class="enough" class:stop={answer?.enough?.kind === 'stop'} data-testid="enough">{enough}</p>
{/if}
{#if answer && answer.remedies.length > 0}
  <div class="helps" data-testid="remedies">
    <p class="kicker">What would help</p>
    <ul>
      {#each answer.remedies as remedy (sayRemedy(remedy, clock))}
        <li
          onpointerenter={() => (current.pointed = remedy.steps)}
          onpointerleave={() => (current.pointed = null)}
        >
          {#snippet words()}
            <span>
              <b><Figures text={sayRemedy(remedy, clock)} /></b>
              <Figures text={sayRemedySetting(judged.pair.camera, remedy)} />
            </span>
            <span class="gain">
              {#if remedy.gain > 0.005}<i>{now}&nbsp;to&nbsp;</i>{/if}<b
                >{chanceInHundred(remedy.verdict.pUsable)}</b
              >
            </span>
          {/snippet}
          {#if isDoable(remedy)}
            <button
              type="button"
              onclick={() => void take(remedy)}
              onfocus={() => (current.pointed = remedy.steps)}
              onblur={() => (current.pointed = null)}>{@render words()}</button
            >
          {:else if remedy.steps.some((s) => s.kind === 'film')}
            <a href="/kit">{@render words()}</a>
          {:else if remedy.steps[0]?.kind === 'test'}
            <a href="/log/judge?film={encodeURIComponent(judged.pair.loadId)}">{@render words()}</a>
          {:else}
            <p>{@render words()}</p>
          {/if}
        </li>
      {/each}
    </ul>
  </div>
{/if}
{#if current.applied > 0}
  <button type="button" class="chip" onclick={() => current.takeBack()}>Take the last one back</button>
{/if}
{#if answer}
  <div class="speeds">
    <p class="kicker">Film speeds that fit this light</p>
    <p data-testid="speeds">{saySpeeds(answer.speeds)}</p>
  </div>
{/if}
<div class="least">
  <label for="{uid}-least">Tell me to stop below</label>
  <select
    id="{uid}-least"
    class="entry"
    value={String(current.settings.leastChance)}
    onchange={(e) => stopBelow(e.currentTarget.value)}
  >
    {#each CHANCES as p (p)}<option value={String(p)}>{chanceInHundred(p)} in 100</option>{/each}
  </select>
</div>

<style>
  .helps,
  .speeds {
    margin-top: 6px;
  }
  .enough {
    font-size: 0.9375rem;
    line-height: 1.3;
  }
  .enough.stop {
    padding: 8px 10px;
    border-left: 4px solid var(--accent);
    background: var(--well);
    font-weight: 600;
  }
  li {
    border-bottom: 1px solid var(--line);
  }
  li > * {
    display: flex;
    justify-content: space-between;
    gap: 14px;
    width: 100%;
    min-height: 44px;
    padding: 8px 0;
    text-align: left;
    font-size: 0.9375rem;
    line-height: 1.3;
  }
  li > button {
    cursor: pointer;
  }
  li > a {
    color: inherit;
  }
  li > a b,
  li > button b {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  li > a .gain b,
  li > button .gain b {
    text-decoration: none;
  }
  li > button:hover {
    background: var(--well);
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
  .least {
    display: flex;
    align-items: center;
    gap: 10px;
    color: var(--soft);
    font-size: 0.875rem;
  }
  .least .entry {
    width: auto;
    font-size: 0.9375rem;
  }
</style>
