<script lang="ts">
  import { onMount } from 'svelte';
  import { page } from '$app/state';
  import { DRILLS } from '#core/practice/exercise.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import { bagOf, framesOf } from '#ui/practice/bag.ts';
  import DrillQuestion from '#ui/practice/DrillQuestion.svelte';
  import { Drills, ROUND_SECONDS } from '#ui/practice/drills.svelte.ts';
  import { DRILL_WORDS } from '#ui/practice/say-question.ts';
  import { GROUP_WORDS } from '#ui/practice/scene-words.ts';

  const current = useCurrent();
  const drills = new Drills();
  onMount(() => void offline.carry());
  const only = $derived(DRILLS.find((d) => d === page.url.searchParams.get('drill')) ?? null);
  const bag = $derived(bagOf(current, framesOf(offline.carried)));
  let begun = $state(false);
  const answered = $derived((offline.carried?.exercises ?? []).filter((e) => e.kind === 'drill'));
  const right = $derived(drills.done.filter((e) => e.right).length);
  /** Kinds of light of this round that went wrong. */
  const weak = $derived([...new Set(drills.done.filter((e) => !e.right).map((e) => GROUP_WORDS[e.group]))]);

  function begin(): void {
    begun = true;
    drills.begin(only, bag);
  }
</script>

<svelte:head><title>Drills · Just Enough</title></svelte:head>
<div class="mt-1 mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
  <h1 class="text-[1.75rem] font-[650]">{only ? DRILL_WORDS[only].name : 'Drills'}</h1>
  <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/learn">Learn</a>
</div>
{#if drills.question}
  <progress
    class="progress mb-3 h-1.5 w-full"
    aria-label="Time of this round"
    max={ROUND_SECONDS}
    value={Math.min(ROUND_SECONDS, drills.spent)}
  ></progress>
  <DrillQuestion {drills} question={drills.question} {bag} />
{:else if begun}
  <div class="grid max-w-160 gap-3" data-testid="round-over">
    {#if drills.done.length > 0}
      <p class="text-[1.25rem]">{right} of {drills.done.length} right.</p>
      <p>
        {weak.length === 0
          ? 'Nothing went wrong: these come back later, and farther apart.'
          : `These come back sooner: ${weak.join(', ')}.`}
      </p>
    {:else}
      <p>With this camera there is nothing to choose here. Load another one, or take another drill.</p>
    {/if}
    <div class="flex flex-wrap gap-3">
      <button type="button" class="btn preset-filled min-h-11" onclick={begin}>Another two minutes</button>
      <a class="btn preset-outlined-surface-950-50 min-h-11" href="/learn/eye">Your eye</a>
    </div>
  </div>
{:else}
  <div class="grid max-w-200 gap-4">
    <p class="leading-snug">
      Two minutes. You answer first, then the reading is shown, and the print it would have given.
      {#if only}{DRILL_WORDS[only].line}{/if}
      {answered.length > 0 ? `${answered.length} answered so far.` : ''}
    </p>
    <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={begin}>Begin</button>
    <ul class="grid gap-2 sm:grid-cols-2">
      {#each DRILLS as drill (drill)}
        <li>
          <a
            class="card grid h-full min-h-11 gap-0.5 p-3"
            href="/learn/drills?drill={drill}"
            aria-current={drill === only ? 'page' : undefined}
          >
            <b>{DRILL_WORDS[drill].name}</b><span class="soft leading-snug">{DRILL_WORDS[drill].line}</span>
          </a>
        </li>
      {/each}
    </ul>
    {#if only}<a class="inline-grid min-h-11 content-center justify-self-start underline" href="/learn/drills"
        >All drills mixed</a
      >{/if}
  </div>
{/if}
