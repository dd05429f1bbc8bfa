<!-- The answer at a glance: what to set, the chance, the reason, and what fails beside the exposure. -->
<script lang="ts">
  import { setsItself } from '#core/camera/camera.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import { sayExposure, sayInstruction, sayReason } from '../text/say.ts';
  import Chance from '../verdict/Chance.svelte';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const camera = $derived(judged.pair.camera);
  // one text: while it stays the same, nothing is looked at again
  const BREAK = '\n';
  const instruction = $derived(sayInstruction(camera, judged.shown.setting).join(BREAK));
  const reason = $derived(sayReason(judged.pair.film, judged.shown));
</script>

<div class="answer">
  <div class="top">
    <div class="set">
      <p class="kicker">{current.picked === null ? `Set your ${camera.name}` : 'If you set it like this'}</p>
      <p class="instruction" class:long={instruction.includes(BREAK)} data-testid="instruction">
        <!-- by place, not by words: a word that changes keeps its element -->
        {#each instruction.split(BREAK) as part, i (i)}
          <span>{part}</span>
        {/each}
      </p>
      <p class="values" class:long={setsItself(camera)}>
        {sayExposure(camera, judged.shown.exposure, judged.shown.setting.overridden)}
      </p>
    </div>
    <Chance {judged} />
  </div>
  <p class="reason" data-testid="reason">{reason[0]} {reason[1]}</p>
</div>

<style>
  .answer {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
  }
  .top {
    display: flex;
    justify-content: space-between;
    align-items: flex-start;
    gap: 20px;
  }
  .set {
    flex: 1;
    min-width: 0;
  }
  .instruction {
    display: flex;
    flex-wrap: wrap;
    column-gap: 0.3em;
    font: 650 1.8125rem/1.15 var(--font-display);
    letter-spacing: -0.01em;
    color: var(--ink);
  }
  .instruction span {
    white-space: nowrap;
  }
  .values {
    color: var(--soft);
    margin-top: 2px;
  }
  .reason {
    font-size: 1.0625rem;
  }
  @media (max-width: 900px) {
    /* blocks, as they are laid out in one go; and room for two lines, so that a dragged light moves nothing below */
    .answer,
    .top {
      display: block;
    }
    .set {
      margin-bottom: 8px;
    }
    .reason {
      margin-top: 6px;
    }
    .instruction.long,
    .values.long,
    .reason {
      min-height: 2lh;
    }
    .instruction {
      font-size: 1.625rem;
    }
    .reason {
      font-size: 1rem;
      line-height: 1.35;
    }
  }
</style>
