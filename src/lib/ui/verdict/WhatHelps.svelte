<script module lang="ts">
  import type { Judged } from '../current-judge.ts';
  import type { Adviser } from './adviser.svelte.ts';

  /** Remedies for the pair in use, in order of effort; which film speeds fit; below which chance to be stopped. */
  export interface WhatHelpsProps {
    judged: Judged;
    adviser: Adviser;
  }
</script>

<script lang="ts">
  import { useCurrent } from '../current.svelte.ts';
  import { changeSettings } from '../offline/remember.ts';
  import { chanceInHundred } from '../text/say.ts';
  import { saySpeeds } from '../text/say-light.ts';
  import { sayRemedy } from '../text/say-remedy.ts';
  import RemedyRow from './RemedyRow.svelte';

  let { judged, adviser }: WhatHelpsProps = $props();
  const current = useCurrent();
  const uid = $props.id();
  const answer = $derived(adviser.answer);
  // the first stands with the answer
  const others = $derived(answer?.remedies.slice(1) ?? []);
  const CHANCES = [0.25, 0.5, 0.6, 0.75, 0.9] as const;

  function stopBelow(text: string): void {
    const leastChance = Number(text);
    void changeSettings({ leastChance }, current.settings);
    current.settings = { ...current.settings, leastChance };
  }
</script>

{#if others.length > 0}
  <div class="mt-1.5">
    <p class="kicker">What else would help</p>
    <ul>
      {#each others as remedy (sayRemedy(remedy, adviser.clock))}
        <li class="[border-bottom:1px_solid_var(--line)]"><RemedyRow {remedy} {judged} {adviser} /></li>
      {/each}
    </ul>
  </div>
{/if}
{#if current.applied > 0}
  <button type="button" class="chip" onclick={() => current.takeBack()}>Take the last one back</button>
{/if}
{#if answer}
  <div class="mt-1.5">
    <p class="kicker">Film speeds that fit this light</p>
    <p data-testid="speeds">{saySpeeds(answer.speeds)}</p>
  </div>
{/if}
<div class="flex items-center gap-2.5 text-(--soft) text-[0.875rem]">
  <label for="{uid}-least">Tell me to stop below</label>
  <select
    id="{uid}-least"
    class="select w-auto text-[0.9375rem]"
    value={String(current.settings.leastChance)}
    onchange={(e) => stopBelow(e.currentTarget.value)}
  >
    {#each CHANCES as p (p)}<option value={String(p)}>{chanceInHundred(p)} in 100</option>{/each}
  </select>
</div>
