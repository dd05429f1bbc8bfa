<!-- Light by eye: the six drawn clues of one school, what changes them, and what the other school says of the same view. -->
<script lang="ts">
  import {
    lightByEye,
    LOW_SUNS,
    NO_MODIFIERS,
    otherSchool,
    type EyeClue,
    type LightModifiers,
    type School
  } from '#core/light/by-eye.ts';
  import { SHADOW_STEPS } from '#core/light/shadow-edge.ts';
  import { SKY_STEPS } from '#core/light/sky-first.ts';
  import { choiceByEye } from '#core/ways/choice.ts';
  import { formatLv, formatStops } from '#core/units/stops.ts';
  import { CLUE_WORDS, SKY_WORDS } from '../text/say-light.ts';
  import { cluePicture } from './clue-pictures.ts';
  import { modifiersOf, viewOf, type LightPanelWay } from './panel.ts';

  let { light, onlight, school, told }: LightPanelWay & { school: School; told: boolean } = $props();
  const uid = $props.id();
  const way = $derived(light.way);
  const modifiers = $derived(told ? modifiersOf(way) : NO_MODIFIERS);
  const steps = $derived<readonly EyeClue[]>(
    school === 'shadow'
      ? SHADOW_STEPS.map(({ clue }) => ({ school: 'shadow', clue }))
      : SKY_STEPS.map(({ clue }) => ({ school: 'sky', clue }))
  );
  const view = $derived(told ? viewOf(way) : null);
  const wordsOf = (v: EyeClue) => (v.school === 'shadow' ? CLUE_WORDS[v.clue] : SKY_WORDS[v.clue]);
  const LOW_WORDS = {
    no: 'High sun',
    hour: 'An hour of rise or set',
    'half-hour': 'Half an hour of it'
  } as const;

  const other = $derived.by(() => {
    if (!view) return '';
    const theirs = otherSchool(view);
    const light2 = lightByEye(theirs, modifiers);
    const apart = light2.lv - light.lv;
    const name = theirs.school === 'shadow' ? 'The shadow school' : 'The sky school';
    const clue = wordsOf(theirs).edge.toLowerCase();
    if (Math.abs(apart) < 1 / 6) return `${name} (“${clue}”) says the same.`;
    return `${name} says LV ${formatLv(light2.lv)}, ${formatStops(apart)} ${apart > 0 ? 'more' : 'less'}: one thinks of a shaded side under a wide open sky, the other of shade under trees or a porch. How much sky does your subject see?`;
  });

  function choose(next: EyeClue): void {
    onlight(choiceByEye(next, modifiers));
  }
  function change(more: Partial<LightModifiers>): void {
    const start: EyeClue = school === 'shadow' ? { school, clue: 'sharp' } : { school, clue: 'clear' };
    onlight(choiceByEye(view ?? start, { ...modifiers, ...more }));
  }
</script>

<fieldset>
  <legend class="kicker"
    >{school === 'shadow' ? 'Look at a shadow: how is its edge?' : 'Look up: how is the sky?'}</legend
  >
  <div
    class="grid [grid-template-columns:repeat(2,_1fr)] gap-2 mt-1.5 max-[900px]:[grid-template-columns:repeat(3,_1fr)] max-[900px]:gap-1.5"
  >
    {#each steps as step (step.clue)}
      {@const on = view?.school === step.school && view.clue === step.clue}
      <label class:on>
        <input type="radio" name="{uid}-clue" value={step.clue} checked={on} onchange={() => choose(step)} />
        <span class="drawing" style:background-image={cluePicture(step)}></span>
        <span class="edge">{wordsOf(step).edge}</span>
        <span class="sky">{wordsOf(step).sky}</span>
      </label>
    {/each}
  </div>
</fieldset>
<div class="modifiers">
  <button
    type="button"
    class="chip"
    aria-pressed={modifiers.bright}
    onclick={() => change({ bright: !modifiers.bright })}>Snow or pale sand</button
  >
  <button
    type="button"
    class="chip"
    aria-pressed={modifiers.backlit}
    onclick={() => change({ backlit: !modifiers.backlit })}>Lit from behind</button
  >
  <button
    type="button"
    class="chip"
    aria-pressed={modifiers.shaded}
    onclick={() => change({ shaded: !modifiers.shaded })}>Its shaded side</button
  >
  <select
    class="select text-[0.9375rem]"
    aria-label="How low the sun is"
    value={modifiers.lowSun}
    onchange={(e) => change({ lowSun: LOW_SUNS.find((l) => l === e.currentTarget.value) ?? 'no' })}
  >
    {#each LOW_SUNS as low (low)}<option value={low}>{LOW_WORDS[low]}</option>{/each}
  </select>
</div>
{#if other !== ''}<p class="mt-2 text-(--soft) text-[0.875rem] leading-[1.35]" data-testid="other-school">
    {other}
  </p>{/if}

<style>
  .modifiers {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
  }
  .modifiers {
    margin-top: 8px;
  }
  label {
    position: relative;
    display: block;
    border: 1.5px solid var(--line);
    border-radius: 4px;
    background: var(--sheet);
    cursor: pointer;
    padding-bottom: 5px;
  }
  label:hover {
    border-color: var(--ink);
  }
  label.on {
    border-color: var(--ink);
  }
  /* over the drawing as well */
  label.on::after {
    content: '';
    position: absolute;
    inset: 0;
    border: 2px solid var(--ink);
    border-radius: 2.5px;
    pointer-events: none;
  }
  label:has(:focus-visible) {
    outline: 3px solid var(--ink);
    outline-offset: 2px;
  }
  input {
    position: absolute;
    inset: 0;
    /* there to be pressed and spoken of, not to be seen */
    appearance: none;
    background: none;
    border: 0;
    outline: none;
    cursor: pointer;
  }
  .drawing {
    display: block;
    height: 50px;
    border-radius: 2.5px 2.5px 0 0;
    background: center / cover;
    border-bottom: 1.5px solid var(--line);
    margin-bottom: 4px;
  }
  label.on .drawing {
    border-color: var(--ink);
  }
  .edge,
  .sky {
    display: block;
    padding: 0 8px;
    line-height: 1.2;
  }
  .edge {
    font-weight: 650;
    font-size: 0.9375rem;
  }
  .sky {
    color: var(--soft);
    font-size: 0.8125rem;
  }
  @media (max-width: 900px) {
    .drawing {
      height: 38px;
    }
    .edge,
    .sky {
      padding: 0 5px;
    }
    .edge {
      font-size: 0.875rem;
    }
    .sky {
      display: none;
    }
  }
</style>
