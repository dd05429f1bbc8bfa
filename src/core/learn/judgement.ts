// What the photographer says of a frame that came back: how far off it is, by the nearest of several tones or in a word, and
// what else went wrong.
import type { StopWindow } from '../film/window.ts';
import type { Observation } from './bias.ts';

/** What a frame is judged on: the print or slide itself, or the negative, since labs and scanners correct prints. */
export const JUDGED_ON = ['print', 'negative'] as const;
/** @see JUDGED_ON */
export type JudgedOn = (typeof JUDGED_ON)[number];

/** Words for a print, and for a negative, from too little light to too much. */
export const WORDS = {
  print: ['nothing-dark', 'too-dark', 'right', 'too-light', 'nothing-light'],
  negative: ['shadows-empty', 'thin', 'right', 'dense', 'highlights-blocked']
} as const;
/** @see WORDS */
export type Word = (typeof WORDS)[JudgedOn][number];

/** How the frame came out. */
export type Outcome =
  /** It looks most like a print that is off by so many stops, + = lighter; one of {@link TONES}. */
  { readonly kind: 'tone'; readonly stops: number } | { readonly kind: 'word'; readonly word: Word };

/** What can go wrong beside exposure. */
export const FAULTS = [
  ...['highlights-gone', 'colour-cast', 'blur', 'focus-too-near', 'flare', 'leak', 'streaks'],
  ...['cap-on', 'fogged', 'double-exposure', 'film-fault']
] as const;

/** A judgement of one frame. */
export interface Judgement {
  readonly frameId: string;
  readonly on: JudgedOn;
  readonly outcome: Outcome;
  /** Of {@link FAULTS}. */
  readonly faults: readonly string[];
  /** UTC, ISO 8601. */
  readonly judgedAt: string;
}

/** Tones that a frame is compared with, stops. */
export const TONES = [-3, -2, -1, 0, 1, 2, 3] as const;

/** How sure a comparison with printed tones is, one sd in stops. Common practice, no source. */
const TONE_SD = 0.4;
/** How far the edge between right and wrong moves with who looks, stops. Common practice, no source. */
const EDGE_SD = 0.3;
/** Beyond the outermost tones the frame may be off by any amount, stops. */
const BEYOND = 2.5;

/** What an outcome says of the error, for a film with these windows of good and usable frames. */
export function seenOf(
  outcome: Outcome,
  windows: { readonly good: StopWindow; readonly usable: StopWindow }
): Observation['seen'] {
  const between = (lo: number, hi: number): Observation['seen'] => ({
    ...{ kind: 'between', lo, hi, edgeSd: EDGE_SD }
  });
  if (outcome.kind === 'tone') {
    if (Math.abs(outcome.stops) < BEYOND) return { kind: 'near', stops: outcome.stops, sd: TONE_SD };
    return outcome.stops > 0 ? between(BEYOND, Infinity) : between(-Infinity, -BEYOND);
  }
  const { good, usable } = windows;
  switch (outcome.word) {
    case 'right':
      return between(good.lo, good.hi);
    case 'too-dark':
    case 'thin':
      return between(-Infinity, good.lo);
    case 'too-light':
    case 'dense':
      return between(good.hi, Infinity);
    case 'shadows-empty':
      return between(-Infinity, usable.lo);
    case 'highlights-blocked':
      return between(usable.hi, Infinity);
    // a stop beyond what can be used at all, at least
    case 'nothing-dark':
      return between(-Infinity, usable.lo - 1);
    case 'nothing-light':
      return between(usable.hi + 1, Infinity);
  }
}
