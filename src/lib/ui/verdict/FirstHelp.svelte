<script module lang="ts">
  import type { Judged } from '../current-judge.ts';
  import type { Adviser } from './adviser.svelte.ts';

  /** What holds the frame back most and what to do about it first; or until when the pair works. */
  export interface FirstHelpProps {
    judged: Judged;
    adviser: Adviser;
  }
</script>

<script lang="ts">
  import { useCurrent } from '../current.svelte.ts';
  import { sayEnough } from '../shoot/words.ts';
  import { sayFactors, sayFailure, sayFailureMark } from '../text/say.ts';
  import { sayServed } from '../text/say-remedy.ts';
  import { isDoable } from './adviser.svelte.ts';
  import RemedyRow from './RemedyRow.svelte';

  let { judged, adviser }: FirstHelpProps = $props();
  const current = useCurrent();
  const answer = $derived(adviser.answer);
  const first = $derived(answer?.remedies[0]);
  const least = $derived(current.settings.leastChance);
  // the advice follows when the light rests: its number is the one that stands above it by now
  const now = $derived.by(() => {
    const said = answer?.enough;
    if (said?.kind !== 'stop' || current.picked !== null) return said;
    const chance = judged.shown.pUsable;
    return chance < least ? { ...said, chance } : null;
  });
  const enough = $derived(now ? sayEnough(now, adviser.clock, (first?.verdict.pUsable ?? 0) >= least) : '');
  const stops = $derived(now?.kind === 'stop');
  const factors = $derived(sayFactors(judged.shown));
  const served = $derived(answer?.served);
  /** Where the frame will likely be lost, what helps is the one next thing. */
  const isNext = $derived(judged.shown.chance === 'unlikely' && first !== undefined && isDoable(first));
  // the worst is said; what else fails is a mark that opens
  const [worst, ...others] = $derived(judged.shown.failures);
  const isServed = $derived(served && (served.remedy.steps.length > 0 || served.missing));
  /** The advice is there, and there is nothing in it: an empty place would not say whether it is still to come. */
  const isQuiet = $derived(answer && !first && !worst && !isServed && enough === '' && factors === '');
</script>

<div
  class="grid gap-1.5 min-h-11 [align-content:start] text-[0.9375rem] leading-[1.3]"
  aria-busy={answer === null}
  data-testid="first-help"
>
  {#if enough !== ''}<p class:stop={stops} data-testid="enough">{enough}</p>{/if}
  {#if worst}
    <p data-testid="held-back">{sayFailure(worst)}</p>
  {/if}
  {#each others as failure (failure.condition)}
    <details>
      <summary class="chip">{sayFailureMark(failure)}</summary>
      <p>{sayFailure(failure)}</p>
    </details>
  {/each}
  {#if factors !== ''}<p class="text-(--soft)" data-testid="factors">{factors}</p>{/if}
  {#if isQuiet}<p class="text-(--soft)">
      {judged.shown.pUsable >= least ? 'Nothing more is needed.' : 'Nothing you have would help here.'}
    </p>{/if}
  {#if served && isServed}
    <div data-testid="served">
      <p>{sayServed(served)}</p>
      {#if served.remedy.steps.length > 0}
        <div class="py-0 px-2.5 [border:1.5px_solid_var(--ink)] rounded-[4px] bg-(--sheet)">
          <RemedyRow remedy={served.remedy} {judged} {adviser} />
        </div>
      {/if}
    </div>
  {/if}
  {#if first}
    <div class="py-0 px-2.5 [border:1.5px_solid_var(--ink)] rounded-[4px] bg-(--sheet)" class:next={isNext}>
      <RemedyRow remedy={first} {judged} {adviser} />
    </div>
  {/if}
</div>

<style>
  .stop {
    padding: 8px 10px;
    border-left: 4px solid var(--accent);
    background: var(--well);
    font-weight: 600;
  }
  .next {
    background: var(--accent);
    border-color: var(--accent);
    color: var(--on-accent);
  }
  summary {
    display: inline-grid;
    place-content: center;
    cursor: pointer;
  }
</style>
