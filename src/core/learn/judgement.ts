// What the photographer says of a frame that came back: how far off it is, by the nearest of several tones or in a word, and
// what else went wrong.
import { isNegative, type Film } from '../film/film.ts';
import { printTone } from '../film/print.ts';
import type { FilmWindow } from '../film/window.ts';
import type { Moment } from '../sky/moment.ts';
import type { Observation } from './bias.ts';
import type { PrintEye } from './print-eye.ts';

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
  ...['highlights-gone', 'colour-cast', 'blur', 'focus-too-near', 'flare', 'leak', 'streaks', 'smears'],
  ...['dark-corners', 'cap-on', 'fogged', 'double-exposure', 'film-fault']
] as const;

/** Grades of printing paper, and of filters for paper of variable contrast, the softest first. ISO 6846 numbers them the other way, by range. */
export const GRADES = ['00', '0', '½', '1', '1½', '2', '2½', '3', '3½', '4', '4½', '5'] as const;
/** @see GRADES */
export type Grade = (typeof GRADES)[number];

/**
 * What a film is judged on unless somebody says otherwise: a print of a negative was corrected by whoever made it.
 * @returns the negative itself, or the print
 */
export function usuallyJudgedOn(film: Film): JudgedOn {
  return isNegative(film.kind) ? 'negative' : 'print';
}

/** A judgement of one frame. */
export interface Judgement {
  readonly frameId: string;
  readonly on: JudgedOn;
  readonly outcome: Outcome;
  /** Of {@link FAULTS}. */
  readonly faults: readonly string[];
  /** The paper that its print took; left out = nobody said, or it was not printed on paper. */
  readonly grade?: Grade | undefined;
  readonly judgedAt: Moment;
  /** Rises with every change. */
  readonly revision: number;
}

/** What is said of a frame, whoever stores it. */
export type Said = Omit<Judgement, 'frameId' | 'judgedAt' | 'revision'>;

/** Tones that a frame is compared with, stops. */
export const TONES = [-3, -2, -1, 0, 1, 2, 3] as const;

/** How sure a comparison with printed tones is that can be told apart, one sd in stops. Common practice, no source. */
const TONE_SD = 0.4;
/** How far the edge between right and wrong moves with who looks, stops. Common practice, no source. */
const EDGE_SD = 0.3;
/** Prints whose luminances differ by less than this share look alike side by side. Common practice, no source. */
const TOLD_APART = 0.03;
/** Darker than this, as a share of white, all is black. Common practice, no source. */
const BLACK = 0.003;

/** Luminance 0…1 of a print's mid grey, from its tone as a screen shows it. IEC 61966-2-1:1999, the sRGB transfer function. */
function luminance(tone: number): number {
  return tone <= 0.04045 ? tone / 12.92 : ((tone + 0.055) / 1.055) ** 2.4;
}

/**
 * The errors whose prints look like that of one tone of the strip: what a click on it can tell.
 * @param stops of {@link TONES}
 * @returns from and to, in stops; infinite where the strip ends without a step that can be told
 */
export function alikeTones(
  film: Film,
  window: FilmWindow,
  stops: number
): { readonly lo: number; readonly hi: number } {
  const tone = printTone(film, window.usable);
  const at = (s: number): number => luminance(tone(0, s));
  const isApart = (a: number, b: number): boolean => Math.abs(a - b) >= TOLD_APART * Math.max(a, b, BLACK);
  const edge = (direction: 1 | -1): number => {
    let last = stops;
    for (;;) {
      const next = last + direction;
      if (next < TONES[0] || next > (TONES.at(-1) ?? 0)) return direction * Infinity;
      // half way to the first that looks different
      if (isApart(at(next), at(stops))) return last + direction / 2;
      last = next;
    }
  };
  return { lo: edge(-1), hi: edge(1) };
}

/**
 * What an outcome says of the error, on a film with these windows of good and usable frames.
 * @param eye how the person judges tones; null = as most people do
 */
export function seenOf(
  outcome: Outcome,
  film: Film,
  window: FilmWindow,
  eye: PrintEye | null = null
): Observation['seen'] {
  const between = (lo: number, hi: number): Observation['seen'] => ({
    ...{ kind: 'between', lo, hi, edgeSd: EDGE_SD }
  });
  if (outcome.kind === 'tone') {
    const { lo, hi } = alikeTones(film, window, outcome.stops);
    const by = eye?.biasStops ?? 0;
    return hi - lo > 1
      ? { kind: 'between', lo: lo - by, hi: hi - by, edgeSd: eye?.sdStops ?? EDGE_SD }
      : { kind: 'near', stops: outcome.stops - by, sd: eye?.sdStops ?? TONE_SD };
  }
  const { good, usable } = window;
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
