<script module lang="ts">
  import type { Film } from '#core/film/film.ts';
  import type { PrintTone } from '#core/film/print.ts';
  import type { LightKind } from '#core/film/traits.ts';
  import type { SceneName } from './scenes.ts';

  /** A drawn scene as this film would print it, some stops off. */
  export interface ScenePrintProps {
    tone: PrintTone;
    deltaStops: number;
    label: string;
    /** What it is of; a harbour by day if left out. */
    scene?: SceneName;
    /** The film and the light, for colour; left out, the print is grey. */
    film?: Film | undefined;
    lightKind?: LightKind;
  }
</script>

<script lang="ts">
  import { greyOf } from '../rule/strips.ts';
  import { colourOf } from './print-colour.ts';
  import { SCENES, type ScenePart } from './scenes.ts';

  let {
    tone,
    deltaStops,
    label,
    scene = 'harbour',
    film,
    lightKind = 'daylight'
  }: ScenePrintProps = $props();
  const fill = $derived(({ stops, hue }: ScenePart): string => {
    const value = tone(stops, deltaStops);
    return film ? colourOf(value, hue, film, lightKind) : greyOf(value);
  });
</script>

<figure class="print-paper flex-1 min-w-0 pt-1.5 px-1.5 pb-1 border border-(--line)">
  <svg
    class="block w-full [aspect-ratio:90_/_66]"
    viewBox="0 0 90 84"
    preserveAspectRatio="xMidYMax slice"
    role="img"
    aria-label={label}
  >
    {#each SCENES[scene] as part (part.path)}<path d={part.path} fill={fill(part)} />{/each}
  </svg>
  <figcaption class="mt-1 text-center text-[0.8125rem] leading-[1.15]">{label}</figcaption>
</figure>
