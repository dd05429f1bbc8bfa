<!-- The lights that were shown to the eye, dark to bright: a band for what was there, a dot for what it read. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { EyeRead } from '#core/bench/eye-test.ts';
  import type { LightValue } from '#core/light/lv.ts';

  let {
    rows
  }: {
    rows: readonly {
      readonly name: string;
      readonly known: LightValue | null;
      readonly read: EyeRead | null;
    }[];
  } = $props();
  const [ROW, LEFT] = [44, 108];
  /** As wide as there is room, so that its words keep their size. */
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  const x = $derived(scaleLinear([-2, 18], [LEFT, WIDTH - 20]));
  const height = $derived(rows.length * ROW + 40);
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg
    viewBox="0 0 {WIDTH} {height}"
    class="w-full"
    role="img"
    aria-label="What was shown to the eye and what it read"
  >
    {#each [0, 4, 8, 12, 16] as lv (lv)}
      <path d="M{x(lv)} 8V{height - 30}" class="grid" />
      <text x={x(lv)} y={height - 8} text-anchor="middle">{lv === 0 ? 'LV 0' : lv}</text>
    {/each}
    {#each rows as { name, known, read }, i (name)}
      {@const y = 12 + (i + 0.5) * ROW}
      <text x="0" y={y + 6}>{name}</text>
      {#if known}
        <rect
          x={x(known.lv - known.sdStops)}
          width={x(known.lv + known.sdStops) - x(known.lv - known.sdStops)}
          y={y - 13}
          height="26"
          class="known"
        />
      {/if}
      {#if read}
        <circle cx={x(read.lv)} cy={y} r="8" class="read" />
        {#if read.bound !== ''}
          {@const way = read.bound === '+' ? 1 : -1}
          <path d="M{x(read.lv)} {y}h{way * 34}m{way * -9} -7l{way * 9} 7l{way * -9} 7" class="bound" />
        {/if}
      {/if}
    {/each}
  </svg>
</figure>

<style>
  .grid {
    stroke: var(--line);
  }
  .known {
    fill: var(--accent);
    opacity: 0.35;
  }
  .read {
    fill: var(--ink);
  }
  .bound {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
  }
  text {
    fill: var(--ink);
    font-size: 17px;
  }
</style>
