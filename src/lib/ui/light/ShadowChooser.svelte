<!-- Light by shadow edge: six drawn clues and two things that change them. -->
<script lang="ts">
  import { SHADOW_STEPS, type ShadowClue } from '#core/light/shadow-edge.ts';
  import { useHand } from '../hand.svelte.ts';
  import Figures from '../text/Figures.svelte';
  import { CLUE_WORDS, sayLight } from '../text/say-light.ts';
  import ShadowDrawing from './ShadowDrawing.svelte';

  const hand = useHand();
  const way = $derived(hand.light.way);
  const clue = $derived(way.kind === 'shadow' ? way.clue : null);
  const modifiers = $derived(
    way.kind === 'shadow' ? { bright: way.bright, backlit: way.backlit } : { bright: false, backlit: false }
  );

  function choose(next: ShadowClue): void {
    hand.seeShadow(next, modifiers);
  }

  function toggle(name: 'bright' | 'backlit'): void {
    hand.seeShadow(clue ?? 'sharp', { ...modifiers, [name]: !modifiers[name] });
  }
</script>

<fieldset>
  <legend class="kicker">Look at a shadow: how is its edge?</legend>
  <div class="clues">
    {#each SHADOW_STEPS as step (step.clue)}
      <label class:on={clue === step.clue}>
        <input
          type="radio"
          name="shadow"
          value={step.clue}
          checked={clue === step.clue}
          onchange={() => choose(step.clue)}
        />
        <span class="drawing"><ShadowDrawing clue={step.clue} /></span>
        <span class="edge">{CLUE_WORDS[step.clue].edge}</span>
        <span class="sky">{CLUE_WORDS[step.clue].sky}</span>
      </label>
    {/each}
  </div>
  <div class="modifiers">
    <button type="button" aria-pressed={modifiers.bright} onclick={() => toggle('bright')}
      >Snow or pale sand</button
    >
    <button type="button" aria-pressed={modifiers.backlit} onclick={() => toggle('backlit')}
      >Lit from behind</button
    >
  </div>
  <p class="assumed"><Figures text={sayLight(hand.light)} /></p>
</fieldset>

<style>
  .clues {
    display: grid;
    grid-template-columns: repeat(2, 1fr);
    gap: 8px;
    margin-top: 8px;
  }
  label {
    position: relative;
    display: block;
    border: 1.5px solid var(--line);
    border-radius: 4px;
    background: var(--sheet);
    overflow: hidden;
    cursor: pointer;
    padding-bottom: 5px;
  }
  label:hover {
    border-color: var(--ink);
  }
  label.on {
    border-color: var(--ink);
    box-shadow: inset 0 0 0 2px var(--ink);
  }
  label:has(:focus-visible) {
    outline: 3px solid var(--ink);
    outline-offset: 2px;
  }
  input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }
  .drawing {
    display: block;
    height: 56px;
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
  .modifiers {
    display: flex;
    gap: 8px;
    margin-top: 8px;
  }
  .modifiers button {
    flex: 1;
    min-height: 44px;
    padding: 0 6px;
    border: 1.5px solid var(--line);
    border-radius: 4px;
    background: var(--sheet);
    font-size: 0.9375rem;
    cursor: pointer;
  }
  .modifiers button[aria-pressed='true'] {
    background: var(--ink);
    border-color: var(--ink);
    color: var(--sheet);
    font-weight: 600;
  }
  .assumed {
    margin-top: 8px;
    font-size: 0.9375rem;
    line-height: 1.35;
  }
  @media (max-width: 900px) {
    .clues {
      grid-template-columns: repeat(3, 1fr);
      gap: 6px;
    }
    .drawing {
      height: 38px;
    }
    .clues {
      margin-top: 4px;
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
