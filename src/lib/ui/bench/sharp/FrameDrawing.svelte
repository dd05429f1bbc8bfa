<!-- The finder with a frame for each lens of the turret, to scale: which of those engraved in it is which. -->
<script lang="ts">
  import type { FinderFrame } from '#core/focus/finder-frames.ts';

  let { frames, frameMm }: { frames: readonly FinderFrame[]; frameMm: readonly [number, number] } = $props();
  const WIDTH = 280;
  const height = $derived((WIDTH * frameMm[1]) / frameMm[0]);
</script>

<figure class="m-0">
  <svg
    viewBox="-2 -2 {WIDTH + 4} {height + 4}"
    class="w-full max-w-72"
    role="img"
    aria-label={frames
      .map((f) => `${f.mark}: ${Math.round(f.share * 100)} hundredths of the finder’s width`)
      .join('; ')}
  >
    {#each frames as { mark, share } (mark)}
      <rect
        x={(WIDTH * (1 - share)) / 2}
        y={(height * (1 - share)) / 2}
        width={WIDTH * share}
        height={height * share}
        class="frame"
      />
      <text x={(WIDTH * (1 - share)) / 2 + 5} y={(height * (1 - share)) / 2 + 15}>{mark}</text>
    {/each}
  </svg>
  <figcaption class="leading-snug">
    {#each frames as { mark, frame, share }, i (mark)}
      {i === 0 ? '' : ' '}<b>{mark}</b>: {frame === ''
        ? share === 1
          ? 'all of the finder.'
          : `the frame of ${Math.round(share * 100)} hundredths of its width.`
        : `${frame}.`}
    {/each}
  </figcaption>
</figure>

<style>
  .frame {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  text {
    fill: var(--ink);
    font-size: 13px;
  }
</style>
