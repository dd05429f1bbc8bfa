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

<div class="grid grid-cols-[minmax(0,1fr)] gap-2.5 max-[900px]:block">
  <div class="flex justify-between items-start gap-5 max-[900px]:block">
    <div class="flex-1 min-w-0 max-[900px]:mb-2">
      <p class="kicker">{current.picked === null ? `Set your ${camera.name}` : 'If you set it like this'}</p>
      <p
        class="instruction flex flex-wrap gap-x-[0.3em] [font:650_1.8125rem/1.15_var(--font-display)] [letter-spacing:-0.01em] text-(--ink) max-[900px]:text-[1.625rem]"
        class:long={instruction.includes(BREAK)}
        data-testid="instruction"
      >
        <!-- by place, not by words: a word that changes keeps its element; each on a line of its own before it is broken -->
        {#each instruction.split(BREAK) as part, i (i)}
          <span>{part}</span>
        {/each}
      </p>
      <p class="values text-(--soft) mt-0.5" class:long={setsItself(camera)}>
        {sayExposure(camera, judged.shown.exposure, judged.shown.setting.overridden)}
      </p>
    </div>
    <Chance {judged} />
  </div>
  <p
    class="reason text-[1.0625rem] max-[900px]:mt-1.5 max-[900px]:text-[1rem] max-[900px]:leading-[1.35]"
    data-testid="reason"
  >
    {reason[0]}
    {reason[1]}
  </p>
</div>

<style>
  @media (max-width: 900px) {
    /* blocks, as they are laid out in one go; and room for two lines, so that a dragged light moves nothing below */
    .instruction.long,
    .values.long,
    .reason {
      min-height: 2lh;
    }
  }
</style>
