<!-- What the finder shows, where the picture lies in it, and where to put the subject. -->
<script lang="ts">
  import type { AimOff } from '#core/focus/aim-off.ts';

  let { off, frameMm }: { off: AimOff; frameMm: readonly [number, number] } = $props();
  const WIDTH = 200;
  const height = $derived((WIDTH * frameMm[1]) / frameMm[0]);
  const dx = $derived(WIDTH * off.rightShare);
  const dy = $derived(-height * off.upShare);
</script>

<svg
  viewBox="-40 -40 {WIDTH + 80} {height + 80}"
  class="w-full max-w-72"
  role="img"
  aria-label="The picture lies {Math.round(
    Math.abs(off.rightShare) * 100
  )} hundredths of its width to the {off.rightShare < 0 ? 'left' : 'right'} and {Math.round(
    Math.abs(off.upShare) * 100
  )} of its height {off.upShare < 0 ? 'lower' : 'higher'} than the finder shows"
>
  <rect width={WIDTH} {height} rx="3" class="finder" />
  <rect x={dx} y={dy} width={WIDTH} {height} class="picture" />
  <path d="M{WIDTH / 2 + dx - 12} {height / 2 + dy}h24m-12 -12v24" class="cross" />
</svg>

<style>
  .finder {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  .picture {
    fill: var(--ink);
    opacity: 0.14;
  }
  .cross {
    stroke: var(--accent);
    stroke-width: 3;
  }
</style>
