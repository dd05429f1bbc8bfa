<script module lang="ts">
  import type { SkyClue } from '#core/light/sky-first.ts';

  /** The sky over a low horizon, or what stands between it and the subject, drawn for one clue. */
  export interface SkyDrawingProps {
    clue: SkyClue;
  }

  /** Greys of sky and ground, from paper to graphite. */
  const LOOK: Readonly<Record<SkyClue, { sky: string; ground: string }>> = {
    clear: { sky: '#fffdf6', ground: '#b9b3a4' },
    few: { sky: '#f7f3e8', ground: '#b3ad9f' },
    mostly: { sky: '#dedacf', ground: '#a5a093' },
    overcast: { sky: '#c4c0b5', ground: '#96928a' },
    shade: { sky: '#e9e5da', ground: '#7d7a72' },
    deep: { sky: '#8f8c83', ground: '#4e4c46' }
  };
  /** A cloud as a row of bumps: x, y, width. */
  const CLOUDS: Readonly<Partial<Record<SkyClue, readonly (readonly [number, number, number])[]>>> = {
    few: [
      [8, 10, 22],
      [66, 16, 26]
    ],
    mostly: [
      [-4, 8, 40],
      [24, 16, 38],
      [58, 7, 44]
    ]
  };
</script>

<script lang="ts">
  let { clue }: SkyDrawingProps = $props();
  const look = $derived(LOOK[clue]);
  const sunny = $derived(clue === 'clear' || clue === 'few' || clue === 'mostly');
</script>

<svg viewBox="0 0 96 46" aria-hidden="true" preserveAspectRatio="xMidYMid slice">
  <rect width="96" height="46" fill={look.sky} />
  {#if sunny}
    <circle cx="48" cy="13" r="6.500" fill="#1b1a17" />
    <g stroke="#1b1a17" stroke-width="1.800">
      {#each [0, 45, 90, 135, 180, 225, 270, 315] as angle (angle)}
        <path d="M58 13h4.500" transform="rotate({angle} 48 13)" />
      {/each}
    </g>
  {/if}
  {#each CLOUDS[clue] ?? [] as [x, y, width] (x)}
    <path
      d="M{x} {y + 9}q-1-6 6-6q2-7 {width * 0.3}-4q{width * 0.2}-5 {width * 0.4} 1q8 0 7 9Z"
      fill="#f4f1e8"
      stroke="#1b1a17"
      stroke-width="1.200"
    />
  {/each}
  {#if clue === 'overcast'}
    {#each [7, 14, 21] as y (y)}
      <path d="M0 {y}q12-5 24 0t24 0t24 0t24 0" fill="none" stroke="#8b877d" stroke-width="1.600" />
    {/each}
  {/if}
  <path d="M0 34q24-5 48-2t48-2v16H0Z" fill={look.ground} />
  {#if clue === 'shade'}
    <path d="M0 0h64q-3 12-14 11q-6 7-16 3q-9 8-20 2q-8 3-14-1Z" fill="#2b2a26" />
    <path d="M20 14h6l2 22h-9Z" fill="#2b2a26" />
  {:else if clue === 'deep'}
    <path d="M0 0h96v46H84V14H12v32H0Z" fill="#23221f" />
  {/if}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: 100%;
  }
</style>
