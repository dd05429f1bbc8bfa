<!-- The chance: a number for the glance, and twenty frames to see what it means. -->
<script lang="ts">
  import type { Judged } from '../current-judge.ts';
  import { greyOf } from '../rule/strips.ts';
  import Figures from '../text/Figures.svelte';
  import { chanceInHundred, sayVerdict } from '../text/say.ts';
  import { fateAt, FRAME_COUNT, fatesOf, sayFates, type FrameFate } from './frames-of-twenty.ts';

  let { judged }: { judged: Judged } = $props();
  const verdict = $derived(judged.shown);
  const counts = $derived(fatesOf(verdict));
  // numbers of their own: while they stay, none of the twenty has to be looked at
  const dark = $derived(counts.dark);
  const good = $derived(counts.good);
  const words = $derived(sayFates({ dark, good }));
  const fill: Readonly<Record<FrameFate, string>> = {
    dark: greyOf(0.02),
    good: greyOf(0.55),
    light: greyOf(1)
  };
</script>

<div class="chance">
  <p class="number" data-testid="chance"><b>{chanceInHundred(verdict.pUsable)}</b> <span>in 100</span></p>
  <div class="rest">
    <p class="verdict" data-testid="verdict"><Figures text={sayVerdict(verdict)} /></p>
    <div class="frames" role="img" aria-label={words}>
      {#each { length: FRAME_COUNT }, i}
        {@const fate = fateAt({ dark, good }, i)}
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
    font-weight: 420;
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
