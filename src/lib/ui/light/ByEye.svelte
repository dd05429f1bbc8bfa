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
  import './clues/clues.css';
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
      <label
        class="relative block border-[1.5px] border-(--line) rounded-[4px] bg-(--sheet) cursor-pointer pb-[5px] hover:[border-color:var(--ink)]"
        class:on
      >
        <input
          class="absolute inset-0 [appearance:none] bg-transparent border-0 [outline:none] cursor-pointer"
          type="radio"
          name="{uid}-clue"
          value={step.clue}
          checked={on}
          onchange={() => choose(step)}
        />
        <span
          class="drawing clue-{step.school}-{step.clue} block h-12.5 rounded-[2.5px_2.5px_0_0] bg-cover bg-center border-b-[1.5px] border-b-(--line) mb-1 max-[900px]:h-9.5"
        ></span>
        <span
          class="block py-0 px-2 leading-[1.2] font-[650] text-[0.9375rem] max-[900px]:py-0 max-[900px]:px-[5px] max-[900px]:text-[0.875rem]"
          >{wordsOf(step).edge}</span
        >
        <span
          class="block py-0 px-2 leading-[1.2] text-(--soft) text-[0.8125rem] max-[900px]:py-0 max-[900px]:px-[5px] max-[900px]:hidden"
          >{wordsOf(step).sky}</span
        >
      </label>
    {/each}
  </div>
</fieldset>
<div class="grid grid-cols-[1fr_1fr] gap-1.5 mt-2">
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
  label.on .drawing {
    border-color: var(--ink);
  }
</style>
