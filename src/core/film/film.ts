// A film as data: kind, speed, what it can take, and what a long exposure costs. Typical values: common practice, no source.
import type { FrameFormat } from './formats.ts';
import type { Reciprocity } from './reciprocity.ts';
import type { FilmTraits } from './traits.ts';

/** Kinds of film that differ in what they forgive and how their result is looked at. */
export type FilmKind =
  'instant-colour' | 'instant-bw' | 'negative-colour' | 'negative-bw' | 'reversal' | 'reversal-bw';

/** All kinds. */
export const FILM_KINDS = [
  'instant-colour',
  'instant-bw',
  'negative-colour',
  'negative-bw',
  'reversal',
  'reversal-bw'
] as const satisfies readonly FilmKind[];

/** A film as the engine sees it. */
export interface Film extends FilmTraits {
  readonly id: string;
  readonly name: string;
  readonly kind: FilmKind;
  /** Speed as printed on the box, arithmetic, > 0. */
  readonly iso: number;
  /** Stops under mid grey at which tones still separate, > 0. */
  readonly belowStops: number;
  /** Stops over mid grey at which tones still separate, > 0. */
  readonly aboveStops: number;
  readonly reciprocity: Reciprocity;
  /** Push (+) or pull (−) in development, stops: moves the speed by n, and takes 0.6 n from `belowStops`. */
  readonly developmentStops: number;
  /** Speed lost to age, stops ≥ 0. */
  readonly ageStops: number;
  /** Uncertainty of its speed, one sd in stops: 0.2 fresh, 0.5 expired or badly kept. */
  readonly sdStops: number;
  readonly formats: readonly FrameFormat[];
  /** Frames in a new pack or roll, by format as loaded. */
  readonly frames: number;
}

/** Starting range of a film kind, stops below and above mid grey. */
export const TYPICAL_RANGE: Readonly<Record<FilmKind, { readonly below: number; readonly above: number }>> = {
  'instant-colour': { below: 2.7, above: 2.6 },
  'instant-bw': { below: 2.6, above: 2.6 },
  'negative-colour': { below: 3.2, above: 6.5 },
  'negative-bw': { below: 3.5, above: 6.5 },
  reversal: { below: 3, above: 2.5 },
  'reversal-bw': { below: 3, above: 2.5 }
};

/**
 * Whether the film is looked at through a print or scan made from it (a negative), not by itself.
 * @returns true for negatives in colour and black-and-white
 */
export function isNegative(kind: FilmKind): boolean {
  return kind === 'negative-colour' || kind === 'negative-bw';
}

/**
 * Whether the print comes out of the camera.
 * @returns true in colour and in black-and-white
 */
export function isInstant(kind: FilmKind): boolean {
  return kind === 'instant-colour' || kind === 'instant-bw';
}

/**
 * Whether the result is in colour.
 * @returns false for black-and-white of any kind
 */
export function isColour(kind: FilmKind): boolean {
  return kind !== 'instant-bw' && kind !== 'negative-bw' && kind !== 'reversal-bw';
}

/** Stops of `belowStops` that pushing by one stop costs: shadows hardly gain from a push. */
const PUSH_COST_BELOW = 0.6;

/**
 * Range actually there after development: `below` shrinks by 0.6 of a push and grows by 0.6 of a pull.
 * @returns stops from mid grey each way, as sold for a film that is developed as usual
 */
export function developedRange(film: Film): { readonly below: number; readonly above: number } {
  return { below: film.belowStops - PUSH_COST_BELOW * film.developmentStops, above: film.aboveStops };
}
