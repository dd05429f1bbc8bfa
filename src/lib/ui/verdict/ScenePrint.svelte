<script module lang="ts">
  import type { Film } from '#core/film/film.ts';
  import type { PrintTone } from '#core/film/print.ts';
  import type { LightKind } from '#core/film/traits.ts';
  import type { Hue } from './print-colour.ts';

  /** A drawn scene as this film would print it, some stops off. */
  export interface ScenePrintProps {
    tone: PrintTone;
    deltaStops: number;
    label: string;
    /** The film and the light, for colour; left out, the print is grey. */
    film?: Film;
    lightKind?: LightKind;
  }

  /** The colours of its parts, as shares of red, green and blue. */
  const HUES: Readonly<Partial<Record<string, Hue>>> = {
    sky: [0.93, 0.99, 1.06],
    sea: [0.72, 1, 1.16],
    far: [0.92, 1.03, 0.98],
    quay: [1.05, 1, 0.9],
    shed: [1.06, 1, 0.92],
    roof: [1.45, 0.86, 0.66],
    door: [0.8, 1, 1.2],
    hull: [0.85, 1, 1.15],
    coat: [1.3, 1.02, 0.5],
    face: [1.18, 0.97, 0.84]
  };
  const GREY: Hue = [1, 1, 1];

  /** The scene's tones in stops from mid grey: a harbour shed, a boat and a person in plain daylight. */
  const TONES = {
    sky: 1.9,
    sea: 0.2,
    far: -0.4,
    quay: 0.8,
    shed: 1.3,
    roof: -1.1,
    door: -2,
    hull: -1.6,
    sail: 2.1,
    coat: -1.3,
    face: 0.6
  } as const;
</script>

<script lang="ts">
  import { greyOf } from '../rule/strips.ts';
  import { colourOf } from './print-colour.ts';

  let { tone, deltaStops, label, film, lightKind = 'daylight' }: ScenePrintProps = $props();
  const fill = $derived((part: keyof typeof TONES): string => {
    const value = tone(TONES[part], deltaStops);
    return film ? colourOf(value, HUES[part] ?? GREY, film, lightKind) : greyOf(value);
  });
</script>

<figure>
  <svg viewBox="0 0 90 84" preserveAspectRatio="xMidYMax slice" role="img" aria-label={label}>
    <rect width="90" height="84" fill={fill('sky')} />
    <path d="M0 40 14 33l14 5 18-8 22 7 22-4v20H0Z" fill={fill('far')} />
    <rect y="42" width="90" height="20" fill={fill('sea')} />
    <path d="M24 45V18l14 26Z" fill={fill('sail')} />
    <path d="M10 46h32l-6 8H15Z" fill={fill('hull')} />
    <path d="M0 62 90 55v29H0Z" fill={fill('quay')} />
    <path d="M52 34h32v30H52Z" fill={fill('shed')} />
    <path d="M48 35 68 21l20 14Z" fill={fill('roof')} />
    <path d="M63 46h10v18H63Z" fill={fill('door')} />
    <path d="M27 80c0-11 2-17 8-17s8 6 8 17Z" fill={fill('coat')} />
    <circle cx="35" cy="58" r="5" fill={fill('face')} />
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
