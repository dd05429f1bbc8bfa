<!-- One press to a logged frame; or three frames as a bracket, each with its own press. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { stepsAround } from '#core/advice/steps.ts';
  import { useCurrent } from './current.svelte.ts';
  import type { Judged } from './current-judge.ts';
  import { sayBracket } from './shoot/say-bracket.ts';
  import type { Logger } from './shoot/logger.svelte.ts';

  interface LogButtonProps {
    judged: Judged;
    /** The same when the light last rested: enough to know whether there are steps to bracket with. */
    around: Judged;
    logger: Logger;
  }

  let { judged, around, logger }: LogButtonProps = $props();
  const full = $derived(judged.pair.nextNumber === null || judged.pair.finished);
  /** All frames that the film says it holds are taken: it may hold one or two more. */
  const beyond = $derived(judged.pair.framesLeft === 0);
  const current = useCurrent();
  const untold = $derived(!current.isTold);
  /** The one next thing is then what helps, or telling the light, not the log. */
  const doubtful = $derived(untold || (around.shown.chance === 'unlikely' && current.picked === null));
  const bracket = $derived(logger.bracket);
  const steps = $derived(stepsAround(around.situation, around.shown.setting));
  /** Frames of a bracket: as many as the camera has steps for. */
  const frames = $derived(1 + (steps.darker ? 1 : 0) + (steps.lighter ? 1 : 0));
  const canBracket = $derived(frames > 1 && judged.pair.framesLeft >= frames && bracket === null);

  onMount(() => {
    logger.resume(judged.pair.loadId);
  });
</script>

{#if full}
  <a class="btn preset-filled-primary-700-300 full bg-(--ink) text-(--sheet)" href="/kit"
    >{judged.pair.finished ? 'This film is finished' : 'Side one is full: turn it over'}: go to Kit</a
  >
{:else}
  {#if bracket}
    <div class="mb-1.5 border-l-4 border-(--accent) bg-(--well) pl-2.5" data-testid="bracket">
      <p class="flex items-center justify-between font-semibold">
        Bracket, frame {bracket.done + 1} of {bracket.choices.length}.
        <button type="button" class="link px-2.5" onclick={() => logger.leave()}>
          {bracket.done > 0 ? 'Leave the rest' : 'No bracket'}
        </button>
      </p>
      <ol class="flex flex-wrap gap-x-3 pb-1.5 text-[0.9375rem]">
        {#each sayBracket(judged.pair.camera, bracket.choices) as words, i (i)}
          <li
            class={i === bracket.done ? 'font-semibold' : i < bracket.done ? 'line-through' : ''}
            aria-current={i === bracket.done ? 'step' : undefined}
          >
            {i + 1}. {words}
          </li>
        {/each}
      </ol>
    </div>
  {/if}
  {#if untold}
    <p class="mb-1.5 text-[0.9375rem]" data-testid="untold">
      {current.told
        ? 'The light was told more than half an hour ago: the frame is logged without it.'
        : 'Nobody told the light: the frame is logged without it.'}
    </p>
  {/if}
  {#if beyond}
    <p class="mb-1.5 text-[0.9375rem]">Every frame of this film is taken; some films hold one or two more.</p>
  {/if}
  <div class="flex gap-2">
    <button
      type="button"
      class={['btn', 'log', doubtful ? 'preset-outlined-surface-950-50' : 'preset-filled-primary-700-300']}
      onclick={() => void logger.log(judged)}
      aria-busy={logger.busy}
      data-key="L"
      data-testid="log"
    >
      Log frame {judged.pair.nextNumber}{doubtful ? ' anyway' : ''}
      <kbd
        class="[font:400_0.9375rem_var(--font-body)] [opacity:0.85] [border:1px_solid_currentColor] [border-radius:3px] py-0 px-1.75 max-[640px]:hidden"
        >L</kbd
      >
    </button>
    {#if canBracket}
      <button
        type="button"
        class="btn preset-outlined-surface-950-50 bg-(--paper) py-0 px-2.5"
        onclick={() => logger.begin(judged)}
      >
        <span>Bracket <span class="block text-[0.8125rem] font-normal">{frames} frames</span></span>
      </button>
    {/if}
  </div>
{/if}

<style>
  .log,
  .full {
    display: grid;
    grid-auto-flow: column;
    place-content: center;
    align-items: center;
    gap: 12px;
    flex: 1;
    min-height: 56px;
    padding: 0 8px;
    font-size: 1.1875rem;
  }
  .log:not(.preset-filled-primary-700-300) {
    background: var(--sheet);
  }
</style>
