<!-- What the camera's eye sees against what the subject gets: ready answers in both directions, and stops for the rest. -->
<script lang="ts">
  import { formatStops } from '#core/units/stops.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { EYE_ANSWERS } from './eye-answers.ts';

  const current = useCurrent();
  const uid = $props.id();
  const offset = $derived(current.asked.circumstances?.eyeOffsetStops ?? 0);
  const words = $derived(
    offset === 0
      ? 'The eye sees the subject’s light.'
      : `The eye sees ${formatStops(offset)} ${offset > 0 ? 'more' : 'less'} light than the subject gets.`
  );
</script>

<label class="kicker" for="{uid}-answer">What does the camera’s eye see?</label>
<select
  id="{uid}-answer"
  class="select"
  value={String(EYE_ANSWERS.findIndex((a) => a.stops === offset))}
  onchange={(e) => current.ask({ eyeOffsetStops: EYE_ANSWERS[Number(e.currentTarget.value)]?.stops ?? 0 })}
>
  {#each EYE_ANSWERS as answer, i (answer.words)}<option value={String(i)}>{answer.words}</option>{/each}
  <option value="-1" hidden>as set in stops</option>
</select>
<label class="range">
  <span>{words}</span>
  <input
    type="range"
    min="-6"
    max="6"
    step="0.5"
    value={offset}
    aria-label="The eye’s light against the subject’s, stops"
    oninput={(e) => current.ask({ eyeOffsetStops: Number(e.currentTarget.value) })}
  />
</label>

<style>
  .range {
    display: grid;
    gap: 2px;
    font-size: 0.9375rem;
  }
  .range input {
    width: 100%;
    min-height: 44px;
    accent-color: var(--accent);
  }
</style>
