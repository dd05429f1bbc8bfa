<!-- How light a patch looks in the picture against how light it was: the usual curve, the one found, and each reading. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { KnownPatch } from '#core/picture/calibrate.ts';
  import { ANY_PHONE, lookStops, patchStops, type PhoneCurve } from '#core/picture/phone.ts';

  let { known, found }: { known: readonly KnownPatch[]; found: PhoneCurve } = $props();
  const HEIGHT = 260;
  /** As wide as there is room, so that its words keep their size. */
  let room = $state(0);
  const WIDTH = $derived(room > 0 ? Math.max(300, room) : 720);
  const x = $derived(scaleLinear([-5, 2.4], [48, WIDTH - 12]).clamp(true));
  const y = scaleLinear([-6, 5], [HEIGHT - 40, 12]).clamp(true);
  const line = (phone: PhoneCurve): string =>
    Array.from({ length: 60 }, (_, i) => -5 + (7.3 * i) / 59)
      .map((look, i) => {
        const really = phone.offsetStops + patchStops(0.18 * 2 ** look, phone);
        return `${i === 0 ? 'M' : 'L'}${x(look).toFixed(1)} ${y(really).toFixed(1)}`;
      })
      .join('');
</script>

<figure class="chart m-0 min-w-0" bind:clientWidth={room}>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    class="w-full"
    role="img"
    aria-label="How light patches look in the picture against how light they were, {known.length} readings"
  >
    {#each [-4, -2, 0, 2] as stops (stops)}
      <path d="M{x(stops)} 8V{HEIGHT - 40}" class="grid" />
      <text x={x(stops)} y={HEIGHT - 20} text-anchor="middle"
        >{stops === 0 ? 'looks grey' : `${Math.abs(stops)} ${stops < 0 ? 'darker' : 'lighter'}`}</text
      >
    {/each}
    {#each [-4, 0, 4] as stops (stops)}
      <path d="M48 {y(stops)}H{WIDTH - 12}" class="grid" />
      <text x="40" y={y(stops) + 5} text-anchor="end"
        >{stops > 0 ? `+${stops}` : String(stops).replace('-', '−')}</text
      >
    {/each}
    <path d={line(ANY_PHONE)} class="usual" />
    {#if known.length > 0}<path d={line(found)} class="found" />{/if}
    {#each known as k, i (i)}
      <circle cx={x(lookStops(k.luminance))} cy={y(k.reading - k.ev100)} r="6" class="reading" />
    {/each}
  </svg>
  <figcaption class="soft text-[0.875rem]">
    Across: how it looks in the picture. Up: how light it was, stops from what the phone took for grey.
    Dashed: a usual phone.
  </figcaption>
</figure>

<style>
  .usual {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
    stroke-dasharray: 5 4;
  }
  .found {
    fill: none;
    stroke: var(--accent);
    stroke-width: 3;
  }
  .reading {
    fill: var(--ink);
  }
  .grid {
    stroke: var(--line);
  }
  text {
    fill: var(--ink);
    font-size: 13px;
  }
</style>
