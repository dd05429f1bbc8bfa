<!-- The lens from the side and from the front, to scale: the opening, the focal length behind it, and the rule before it. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { formatDecimal } from '#core/units/decimal.ts';

  let { focalMm, seenMm }: { focalMm: number; seenMm: number | null } = $props();
  const [WIDTH, HEIGHT] = [620, 230];
  const seen = $derived(seenMm ?? focalMm / 11);
  /** The opening fills the height of the front view; the side view has its own scale, or a box would be a hair. */
  const front = $derived(scaleLinear([0, seen], [0, 130]));
  const ticks = $derived(Array.from({ length: Math.min(60, Math.ceil(seen) + 3) }, (_, i) => i));
  const side = $derived(scaleLinear([0, focalMm], [0, 270]));
  const half = $derived(Math.max(1.5, Math.min(80, side(seen) / 2)));
  const axis = 105;
  const film = 300;
</script>

<figure class="chart m-0">
  <svg viewBox="0 0 {WIDTH} {HEIGHT}" class="w-full max-w-160" role="img" aria-labelledby="opening-says">
    <title id="opening-says"
      >{seenMm === null
        ? 'A lens seen from the side and from the front'
        : `Focal length ${formatDecimal(focalMm, 1)} mm over an opening of ${formatDecimal(seenMm, 2)} mm`}</title
    >
    <!-- from the side: light through the opening to a point on the film -->
    <path d="M30 {axis - half}L{film} {axis}L30 {axis + half}Z" class="light" />
    <path d="M30 {axis - 85}V{axis - half}M30 {axis + half}V{axis + 85}" class="wall" />
    <path d="M{film} {axis - 70}V{axis + 70}" class="film" />
    <path d="M30 {axis + 98}H{film}M30 {axis + 93}v10M{film} {axis + 93}v10" class="thin" />
    <text x={(30 + film) / 2} y={axis + 118} text-anchor="middle">{formatDecimal(focalMm, 1)} mm</text>
    <!-- from the front: the opening behind a rule -->
    <circle cx="470" cy="90" r="78" class="ring" />
    <circle cx="470" cy="90" r={front(seen) / 2} class="hole" />
    <path d="M{470 - front(seen) / 2} 90V172M{470 + front(seen) / 2} 90V172" class="thin dashed" />
    <path d="M{400 - 20} 172H{560}V212H{400 - 20}Z" class="rule" />
    {#each ticks as mm (mm)}
      {@const x = 470 - front(seen) / 2 + front(mm)}
      {#if x <= 558}
        <path d="M{x} 172v{mm % 5 === 0 ? 16 : 9}" class="thin" />
        {#if mm % 5 === 0}<text {x} y="206" text-anchor="middle">{mm}</text>{/if}
      {/if}
    {/each}
    {#if seenMm !== null}<text x="470" y="95" text-anchor="middle" class="on">{formatDecimal(seenMm, 2)}</text
      >{/if}
  </svg>
</figure>

<style>
  .light {
    fill: var(--ink);
    opacity: 0.16;
  }
  .wall {
    stroke: var(--ink);
    stroke-width: 6;
  }
  .film {
    stroke: var(--ink);
    stroke-width: 3;
  }
  .thin {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  .dashed {
    stroke-dasharray: 3 3;
  }
  .ring {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  .hole {
    fill: var(--ink);
  }
  .rule {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  text {
    fill: var(--ink);
    font-size: 14px;
  }
  .on {
    fill: var(--sheet);
    font-weight: 650;
  }
</style>
