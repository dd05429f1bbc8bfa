<!-- A path of posts away from the camera, as sharp as they come out; and a walker, as blurred as the time makes them. -->
<script lang="ts">
  import type { SharpRange } from '#core/focus/depth.ts';

  let {
    sharp,
    seconds,
    fNumber,
    focalMm
  }: { sharp: SharpRange; seconds: number; fNumber: number; focalMm: number } = $props();
  /** Posts along a path, metres away. */
  const POSTS_M = [1, 1.5, 2.2, 3.3, 5, 7.5, 12, 20, 40] as const;
  /** Somebody who walks by four metres away, metres a second. Common practice, no source. */
  const WALKER = { metresPerSecond: 1.4, awayM: 4 };
  const middle = $derived(
    sharp.farM === Infinity ? 2 * sharp.nearM : (2 * sharp.nearM * sharp.farM) / (sharp.nearM + sharp.farM)
  );
  /** Width of the blur of a post in the drawing: of the disc in the frame, against the posts that just are sharp. */
  const blurOf = (m: number): number => {
    const isSharp = m >= sharp.nearM && m <= sharp.farM;
    const disc = (focalMm * focalMm * Math.abs(1 / middle - 1 / m)) / (fNumber * 1000);
    return isSharp ? 0 : Math.min(9, 60 * disc);
  };
  const xOf = (i: number): number => 40 + i * 62;
  const tallOf = (m: number): number => 30 + 150 / (0.6 + m / 2);
  const smear = $derived(Math.min(110, (240 * WALKER.metresPerSecond * seconds) / WALKER.awayM));
</script>

<figure class="chart m-0">
  <svg
    viewBox="0 0 760 240"
    class="w-full"
    role="img"
    aria-label="What is sharp, and how far a walker moves meanwhile"
  >
    <path d="M10 214H600" class="ground" />
    {#each POSTS_M as m, i (m)}
      {@const tall = tallOf(m)}
      {@const width = 4 + 10 / m}
      <g style:filter={blurOf(m) > 0.3 ? `blur(${blurOf(m).toFixed(1)}px)` : 'none'}>
        <rect x={xOf(i) - width / 2} y={214 - tall} {width} height={tall} class="post" />
        <circle cx={xOf(i)} cy={214 - tall} r={width} class="post" />
      </g>
      {#if i % 2 === 0}<text x={xOf(i)} y="234" text-anchor="middle">{m} m</text>{/if}
    {/each}
    <g transform="translate(680 70)">
      {#each [0, 0.25, 0.5, 0.75, 1] as share (share)}
        <g
          transform="translate({(share - 0.5) * smear} 0)"
          opacity={smear < 3 ? (share === 0 ? 1 : 0) : 0.28}
        >
          <circle cy="0" r="13" class="post" />
          <path d="M-14 20q14-10 28 0l-4 50h-6l-4 64h-8l4-64h-6z" class="post" />
        </g>
      {/each}
    </g>
    <text x="680" y="234" text-anchor="middle">walking</text>
  </svg>
</figure>

<style>
  .ground {
    stroke: var(--line);
    stroke-width: 2;
  }
  .post {
    fill: var(--ink);
  }
  text {
    fill: var(--ink);
    font-size: 17px;
  }
</style>
