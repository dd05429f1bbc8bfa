<script lang="ts">
  import { onMount } from 'svelte';
  import {
    mayTick,
    MOST_STEP_LETTERS,
    MOST_STEPS,
    partDue,
    ROUTINE_PARTS,
    STEP_DRAWINGS
  } from '#core/camera/routine-step.ts';
  import type { RoutinePart, RoutineStep } from '#core/camera/routine-step.ts';
  import { routineOf } from '#core/routine/usual.ts';
  import { keepCamera } from '../bench/keep-camera.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { oneOf } from '../tile/one-of.ts';
  import TextTile from '../tile/TextTile.svelte';
  import Tile from '../tile/Tile.svelte';
  import { DRAWING_WORDS, PART_WORDS } from './say-routine.ts';
  import StepLine from './StepLine.svelte';
  import { tickKey, Ticks } from './ticks.svelte.ts';

  const current = useCurrent();
  const pair = $derived(current.pair);
  const routine = $derived(pair ? routineOf(pair.camera) : []);
  const ticks = new Ticks();
  onMount(() => ticks.read());
  let editing = $state(false);
  let part = $state<RoutinePart>('before-press');
  let words = $state('');
  let drawing = $state<string>('');
  let trouble = $state('');
  const due = $derived(
    pair
      ? partDue({
          framesTaken: pair.framesTotal - pair.framesLeft,
          framesLeft: pair.framesLeft,
          isSideFull: pair.nextNumber === null && pair.side === 1,
          ...{ isFinished: pair.finished, isJustLogged: false }
        })
      : 'before-loading'
  );
  const of = (p: RoutinePart): readonly RoutineStep[] => routine.filter((s) => s.part === p);
  const inOrder = (steps: readonly RoutineStep[]): readonly RoutineStep[] =>
    ROUTINE_PARTS.flatMap((p) => steps.filter((s) => s.part === p));

  /** @param change of the steps as they are by then; undefined = the usual ones */
  async function keep(
    change: (steps: readonly RoutineStep[]) => readonly RoutineStep[] | undefined,
    said: string
  ): Promise<boolean> {
    if (!pair) return false;
    return keepCamera(
      pair,
      (camera) => {
        const steps = change(routineOf(camera));
        return { ...camera, routine: steps && inOrder(steps) };
      },
      said
    );
  }
  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const text = words.trim();
    trouble =
      text === ''
        ? 'A step needs words, such as “Cock the shutter.”'
        : routine.some((s) => s.words === text)
          ? 'That step is there already.'
          : routine.length >= MOST_STEPS
            ? `${MOST_STEPS} steps are the most: take one out first.`
            : '';
    if (trouble !== '') return;
    const found = STEP_DRAWINGS.find((d) => d === drawing);
    const step: RoutineStep = { part, words: text, ...(found ? { drawing: found } : {}) };
    if (await keep((steps) => [...steps, step], `“${text}” is in the routine.`)) words = '';
  }
  /** Steps with one of them before the one that stood before it. No two have the same words. */
  function moved(all: readonly RoutineStep[], step: RoutineStep): readonly RoutineStep[] {
    const steps = all.filter((s) => s.part === step.part);
    const at = steps.findIndex((s) => s.words === step.words);
    const [own, before] = [steps[at], steps[at - 1]];
    if (!own || !before) return all;
    return all.map((s) => (s === own ? before : s === before ? own : s));
  }
</script>

{#if pair}
  <div class="grid max-w-3xl gap-4">
    <div class="flex flex-wrap items-center gap-3">
      <p class="text-(--soft)">{pair.camera.name} with {pair.film.name}. Its manual comes first.</p>
      <button
        type="button"
        class="btn preset-outlined min-h-11"
        aria-pressed={editing}
        onclick={() => (editing = !editing)}>{editing ? 'Done changing' : 'Change'}</button
      >
      {#if editing && pair.camera.routine}
        <button
          type="button"
          class="btn preset-outlined min-h-11"
          onclick={() => void keep(() => undefined, 'The usual routine is back.')}>Back to the usual</button
        >
      {/if}
    </div>
    {#each ROUTINE_PARTS.filter((p) => of(p).length > 0) as p (p)}
      {@const key = tickKey(pair.loadId, p, pair.nextNumber)}
      {@const ticked = ticks.of(key)}
      <section class="card p-4" aria-label={PART_WORDS[p]}>
        <h2 class="font-semibold">{PART_WORDS[p]}{p === due ? ': now' : ''}</h2>
        <ol>
          {#each of(p) as step, i (`${i} ${step.words}`)}
            <li class={i > 0 ? 'border-t border-(--line)' : ''}>
              {#if editing}
                <div class="flex items-center justify-between gap-3">
                  <span class="leading-snug">{step.words}</span>
                  <span class="flex shrink-0 gap-1">
                    {#if i > 0}<button
                        type="button"
                        class="chip min-h-11 min-w-11"
                        aria-label="Up: {step.words}"
                        onclick={() => void keep((steps) => moved(steps, step), 'Moved up.')}>↑</button
                      >{/if}
                    <button
                      type="button"
                      class="chip min-h-11 min-w-11"
                      aria-label="Take out: {step.words}"
                      onclick={() =>
                        void keep((steps) => steps.filter((s) => s.words !== step.words), 'Taken out.')}
                      >×</button
                    >
                  </span>
                </div>
              {:else}
                <StepLine
                  {step}
                  ticked={ticked.includes(step.words)}
                  free={mayTick(of(p), ticked, i)}
                  ontick={(on: boolean) => ticks.put(key, step.words, on)}
                />
              {/if}
            </li>
          {/each}
        </ol>
      </section>
    {/each}
    {#if editing}
      <form class="grid gap-1.5 sm:grid-cols-2" onsubmit={add} aria-label="A further step">
        <div class="sm:col-span-2">
          <TextTile
            label="A further step"
            value={words}
            {trouble}
            example="Cock the shutter."
            maxlength={MOST_STEP_LETTERS}
            ontype={(text: string) => (words = text)}
          />
        </div>
        <Tile
          label="When"
          value={part}
          onchoose={(v: string) => (part = oneOf(ROUTINE_PARTS, v, 'before-press'))}
        >
          {#each ROUTINE_PARTS as p (p)}<option value={p}>{PART_WORDS[p]}</option>{/each}
        </Tile>
        <Tile label="Drawn as" value={drawing} onchoose={(v: string) => (drawing = v)}>
          <option value="">not drawn</option>
          {#each STEP_DRAWINGS as d (d)}<option value={d}>{DRAWING_WORDS[d]}</option>{/each}
        </Tile>
        <button class="btn preset-filled min-h-11 justify-self-start">Add it</button>
      </form>
    {/if}
  </div>
{/if}
