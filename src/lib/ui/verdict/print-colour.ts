// Print tones in the film's colour: hues for the drawn scene, a cast where film and light do not belong together.
import type { Film } from '#core/film/film.ts';
import { isColour } from '#core/film/film.ts';
import type { LightKind } from '#core/film/traits.ts';
import { greyOf } from '../rule/strips.ts';

/** Shares of red, green and blue against grey. */
export type Hue = readonly [number, number, number];

/** A cast over everything, as shares of red, green and blue. Drawn by eye; no claim to be measured. */
const CASTS = {
  none: [1, 1, 1],
  warm: [1.18, 0.96, 0.62],
  cold: [0.78, 0.95, 1.2]
} as const satisfies Readonly<Record<string, Hue>>;

/** Which way a film's colours lean in a light. */
export function castOf(film: Film, light: LightKind): keyof typeof CASTS {
  if (!isColour(film.kind)) return 'none';
  if (film.balance === 'daylight' && light === 'lamps') return 'warm';
  return film.balance === 'tungsten' && light === 'daylight' ? 'cold' : 'none';
}

/** The cast of a film's colours in a light. */
export function castFor(film: Film, light: LightKind): Hue {
  return CASTS[castOf(film, light)];
}

/** A tone 0…1 of a part of the scene as a colour. Near black and near white hues fade, as in a print. */
export function colourOf(tone: number, hue: Hue, film: Film, light: LightKind): string {
  if (!isColour(film.kind)) return greyOf(tone);
  const cast = CASTS[castOf(film, light)];
  const held = Math.min(1, Math.max(0, tone));
  const strength = 4 * held * (1 - held);
  const grey = 14 + (250 - 14) * held;
  const channel = (i: 0 | 1 | 2): number => {
    const own = 1 + (hue[i] - 1) * strength;
    return Math.round(
      Math.min(255, Math.max(0, grey * own * (1 + (cast[i] - 1) * Math.max(0.35, strength))))
    );
  };
  return `rgb(${channel(0)} ${channel(1)} ${channel(2)})`;
}
