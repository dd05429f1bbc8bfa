<script module lang="ts">
  import type { ShadowClue } from '#core/light/shadow-edge.ts';

  /** A post on the ground and its shadow, drawn for one clue. */
  export interface ShadowDrawingProps {
    clue: ShadowClue;
  }

  /** How the shadow is drawn: blur in drawing units, strength 0…1, and the ground's grey. */
  const LOOK: Readonly<Record<ShadowClue, { blur: number; strength: number; ground: string; sky: string }>> =
    {
      sharp: { blur: 0, strength: 0.9, ground: '#efe9da', sky: '#fffdf6' },
      soft: { blur: 1.8, strength: 0.62, ground: '#e8e2d3', sky: '#f5f1e6' },
      barely: { blur: 4, strength: 0.3, ground: '#ddd7c9', sky: '#e9e5da' },
      none: { blur: 0, strength: 0, ground: '#cdc8bc', sky: '#d8d4c9' },
      leaf: { blur: 1, strength: 0.5, ground: '#b4b0a5', sky: '#8f8c83' },
      deep: { blur: 0, strength: 0, ground: '#8b887f', sky: '#55534d' }
    };
  const LEAVES = [
    [14, 31, 6],
    [30, 36, 4],
    [52, 31, 7],
    [70, 37, 5],
    [84, 31, 4],
    [40, 30, 3],
    [62, 40, 3]
  ] as const;
</script>

<script lang="ts">
  let { clue }: ShadowDrawingProps = $props();
  const uid = $props.id();
  const look = $derived(LOOK[clue]);
</script>

<svg viewBox="0 0 96 46" aria-hidden="true" preserveAspectRatio="xMidYMid slice">
  <defs
    ><filter id="{uid}-blur" x="-40%" y="-80%" width="180%" height="260%"
      ><feGaussianBlur stdDeviation={look.blur} /></filter
    ></defs
  >
  <rect width="96" height="46" fill={look.sky} />
  <rect y="22" width="96" height="24" fill={look.ground} />
  {#if clue === 'leaf'}
    <path d="M0 0h96v9q-7 6-13 1t-14 2-13-2-14 3-13-3-14 2-15-2z" fill="#2b2a26" />
    {#each LEAVES as [x, y, r] (x)}
      <ellipse cx={x} cy={y + 3} rx={r} ry={r / 2.6} fill="#f1ecdf" filter="url(#{uid}-blur)" opacity="0.8" />
    {/each}
  {:else if clue === 'deep'}
    <path d="M0 0h96v8H0z M8 8h5v38H8z M84 8h4v38h-4z" fill="#23221f" />
  {:else}
    <path
      d="M30 39 L84 27 L89 30 L37 42 Z"
      fill="#1b1a17"
      opacity={look.strength}
      filter={look.blur > 0 ? `url(#${uid}-blur)` : undefined}
    />
  {/if}
  <path d="M29 40V19h7v21q-3.500 2.500-7 0Z" fill="#1b1a17" />
  <circle cx="32.500" cy="13.500" r="5.200" fill="#1b1a17" />
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: 100%;
  }
</style>
