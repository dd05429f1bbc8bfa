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

<figure>
  <svg viewBox="0 0 90 84" preserveAspectRatio="xMidYMax slice" role="img" aria-label={label}>
    {#each SCENES[scene] as part (part.path)}<path d={part.path} fill={fill(part)} />{/each}
  </svg>
  <figcaption>{label}</figcaption>
</figure>

<style>
  figure {
    flex: 1;
    min-width: 0;
    padding: 6px 6px 4px;
    background: #ffffff;
    border: 1px solid var(--line);
  }
  svg {
    display: block;
    width: 100%;
    aspect-ratio: 90 / 66;
  }
  figcaption {
    margin-top: 4px;
    text-align: center;
    font-size: 0.8125rem;
    line-height: 1.15;
    /* the paper of a print is white in every look */
    color: #57534b;
  }
</style>
