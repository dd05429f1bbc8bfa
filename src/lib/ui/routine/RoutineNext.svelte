<!-- On Shoot: the next step of the camera's routine, at the moment it is due. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { nextStep, partDue } from '#core/camera/routine-step.ts';
  import { routineOf } from '#core/routine/usual.ts';
  import type { Judged } from '../current-judge.ts';
  import type { WaitingFrame } from '../heard/listening.svelte.ts';
  import { PART_WORDS } from './say-routine.ts';
  import StepLine from './StepLine.svelte';
  import { tickKey, Ticks } from './ticks.svelte.ts';

  let { judged, logged }: { judged: Judged; logged: WaitingFrame | null } = $props();
  const ticks = new Ticks();
  onMount(() => ticks.read());
  const pair = $derived(judged.pair);
  const routine = $derived(routineOf(pair.camera));
  const stands = $derived({
    framesTaken: pair.framesTotal - pair.framesLeft,
    framesLeft: pair.framesLeft,
    isSideFull: pair.nextNumber === null && pair.side === 1,
    isFinished: pair.finished,
    isJustLogged: false
  });
  /** After a frame its own steps come first, then those of the next. */
  const due = $derived.by(() => {
    const after = { part: 'after' as const, key: tickKey(pair.loadId, 'after', logged?.number ?? null) };
    if (logged && nextStep(routine, after.part, ticks.of(after.key))) return after;
    const part = partDue(stands);
    return { part, key: tickKey(pair.loadId, part, pair.nextNumber) };
  });
  const ticked = $derived(ticks.of(due.key));
  const step = $derived(nextStep(routine, due.part, ticked));
  const steps = $derived(routine.filter((s) => s.part === due.part));
  // loaded and read: what comes before each press is the next thing
  const isLoaded = $derived(due.part === 'loading' && step === null);
  const pressKey = $derived(tickKey(pair.loadId, 'before-press', pair.nextNumber));
  const press = $derived(isLoaded ? nextStep(routine, 'before-press', ticks.of(pressKey)) : null);
</script>

{#if step ?? press}
  <section class="card grid gap-1 p-3" aria-label="Routine" data-testid="routine">
    <p class="flex items-baseline justify-between gap-3 text-[0.875rem]">
      <span
        >{PART_WORDS[press ? 'before-press' : due.part]}{step
          ? `, ${steps.indexOf(step) + 1} of ${steps.length}`
          : ''}</span
      >
      <a class="inline-grid min-h-11 min-w-11 content-center text-right underline" href="/bench/routine"
        >All</a
      >
    </p>
    {#key (step ?? press)?.words}
      {#if step}
        <StepLine {step} ticked={false} free ontick={() => ticks.put(due.key, step.words, true)} />
      {:else if press}
        <StepLine step={press} ticked={false} free ontick={() => ticks.put(pressKey, press.words, true)} />
      {/if}
    {/key}
  </section>
{/if}
