<!-- The chance: a number for the glance, and twenty frames to see what it means. -->
<script lang="ts">
  import type { Judged } from '../current-judge.ts';
  import { greyOf } from '../rule/strips.ts';
  import { chanceInHundred, sayVerdict } from '../text/say.ts';
  import { fateAt, FATES, FRAME_COUNT, fatesOf, sayFates, type FrameFate } from './frames-of-twenty.ts';

  let { judged }: { judged: Judged } = $props();
  const verdict = $derived(judged.shown);
  const counts = $derived(fatesOf(verdict));
  // a text of its own: while it stays, none of the twenty has to be looked at
  const words = $derived(sayFates(counts));
  const fates = $derived(Array.from({ length: FRAME_COUNT }, (_, i) => fateAt(counts, i)).join(' '));
  const fill: Readonly<Record<FrameFate, string>> = {
    dark: greyOf(0.02),
    good: greyOf(0.55),
    shaken: greyOf(0.55),
    unsharp: greyOf(0.55),
    light: greyOf(1)
  };
</script>

<div class="flex gap-4.5 items-start max-[640px]:gap-3.5">
  <p class="[font-family:var(--font-display)] leading-[1] text-right" data-testid="chance">
    <b class="block text-[3.5rem] font-[650] [letter-spacing:-0.02em] max-[640px]:text-[3.25rem]"
      >{chanceInHundred(verdict.pUsable)}</b
    > <span class="text-(--soft) text-[0.9375rem]">in 100</span>
  </p>
  <div class="w-49 max-[640px]:flex-1">
    <p class="verdict font-[650] text-[1.0625rem] leading-[1.25]" data-testid="verdict">
      {sayVerdict(verdict)}
    </p>
    <div
      class="frames grid grid-cols-[repeat(10,1fr)] gap-[3px] w-47.5 mt-1.5 mx-0 mb-1 max-[640px]:w-full max-[640px]:max-w-55"
      role="img"
      aria-label={words}
    >
      {#each fates.split(' ') as name, i (i)}
        {@const fate = FATES.find((f) => f === name) ?? 'good'}
        <i style:background-color={fill[fate]} class={fate}></i>
      {/each}
    </div>
    <p class="text-balance text-(--soft) text-[0.875rem] max-[640px]:hidden">{words}</p>
  </div>
</div>

<style>
  i {
    height: 15px;
    border: 1.5px solid var(--ink);
    /* the tones are what is told: they stay where colours are forced */
    forced-color-adjust: none;
  }
  /* shaken: the picture drawn twice; out of focus: no edge, only a blot */
  .shaken {
    background-image: repeating-linear-gradient(to right, transparent 0 3px, #191816 3px 4.5px);
  }
  .unsharp {
    border-style: dotted;
    background-image: radial-gradient(closest-side, #191816 0 20%, transparent 100%);
  }
  /* lost frames are struck out, so that the tone is not the only sign */
  .dark,
  .light {
    background-image: linear-gradient(to top right, transparent 44%, var(--strike) 44% 56%, transparent 56%);
  }
  .dark {
    --strike: #fff;
  }
  .light {
    --strike: #191816;
  }
</style>
