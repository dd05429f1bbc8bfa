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

<div class="chance">
  <p class="number" data-testid="chance"><b>{chanceInHundred(verdict.pUsable)}</b> <span>in 100</span></p>
  <div class="rest">
    <p class="verdict" data-testid="verdict">{sayVerdict(verdict)}</p>
    <div class="frames" role="img" aria-label={words}>
      {#each fates.split(' ') as name, i (i)}
        {@const fate = FATES.find((f) => f === name) ?? 'good'}
        <i style:background-color={fill[fate]} class={fate}></i>
      {/each}
    </div>
    <p class="words">{words}</p>
  </div>
</div>

<style>
  .chance {
    display: flex;
    gap: 18px;
    align-items: flex-start;
  }
  .number {
    font-family: var(--font-display);
    line-height: 1;
    text-align: right;
  }
  .number b {
    display: block;
    font-size: 3.5rem;
    font-weight: 650;
    letter-spacing: -0.02em;
  }
  .number span {
    color: var(--soft);
    font-size: 0.9375rem;
  }
  .rest {
    width: 196px;
  }
  .verdict {
    font-weight: 650;
    font-size: 1.0625rem;
    line-height: 1.25;
  }
  .frames {
    display: grid;
    grid-template-columns: repeat(10, 1fr);
    gap: 3px;
    width: 190px;
    margin: 6px 0 4px;
  }
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
  .words {
    color: var(--soft);
    font-size: 0.875rem;
  }
  @media (max-width: 640px) {
    .chance {
      gap: 14px;
    }
    .rest {
      flex: 1;
    }
    .number b {
      font-size: 3.25rem;
    }
    .frames {
      width: 100%;
      max-width: 220px;
    }
    .words {
      display: none;
    }
  }
</style>
