<script module lang="ts">
  import type { Judged } from '../../current-judge.ts';

  /** What the camera's eye sees against what the subject gets; patchy light; the board for working it out. */
  export interface EyeFieldProps {
    judged: Judged;
  }
</script>

<script lang="ts">
  import { formatStops } from '#core/units/stops.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { EYE_ANSWERS } from './eye-answers.ts';

  let { judged }: EyeFieldProps = $props();
  const current = useCurrent();
  const offset = $derived(current.asked.circumstances?.eyeOffsetStops ?? 0);
  const patchy = $derived(current.asked.scene === 'uneven');
  let board = $state(false);
  const words = $derived(
    offset === 0
      ? 'The eye sees the subject’s light.'
      : `The eye sees ${formatStops(offset)} ${offset > 0 ? 'more' : 'less'} light than the subject gets.`
  );
</script>

<div class="grid gap-1.5">
  <p class="kicker">What does the camera’s eye see?</p>
  <div class="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
    {#each EYE_ANSWERS as answer (answer.words)}
      <button
        type="button"
        class="chip text-left text-[0.875rem]"
        aria-pressed={answer.stops === offset}
        onclick={() => current.ask({ eyeOffsetStops: answer.stops })}>{answer.words}</button
      >
    {/each}
  </div>
  <label class="grid gap-0.5 text-[0.9375rem]">
    <span>{words}</span>
    <input
      type="range"
      class="min-h-11 w-full accent-(--accent)"
      min="-6"
      max="6"
      step="0.5"
      value={offset}
      aria-label="The eye’s light against the subject’s, stops"
      oninput={(e) => current.ask({ eyeOffsetStops: Number(e.currentTarget.value) })}
    />
  </label>
  <div class="flex flex-wrap gap-1.5">
    <button
      type="button"
      class="chip"
      aria-pressed={patchy}
      onclick={() => (current.asked = { ...current.asked, scene: patchy ? 'even' : 'uneven' })}
      >Patchy light</button
    >
    <button type="button" class="chip" aria-expanded={board} onclick={() => (board = !board)}
      >Draw what its eye sees</button
    >
  </div>
  {#if board}
    {#await import('../../light/EyeBoard.svelte') then { default: EyeBoard }}
      <EyeBoard
        {judged}
        counted={offset}
        oncount={(eyeOffsetStops: number) => current.ask({ eyeOffsetStops })}
      />
    {/await}
  {/if}
</div>
