// A pack, roll or reel in one line: what is in which camera, how far it is, and how each of its frames came out.
import type { Moment } from '../sky/moment.ts';

/** How a judged frame came out. */
export type FrameTone = 'dark' | 'right' | 'light';
/** A place on a strip: nothing was logged, not judged, or how the frame came out. */
export type StripPlace = 'empty' | 'logged' | FrameTone;
/** Each place as a letter: a strip is sent as a text. */
export const STRIP_LETTERS: Readonly<Record<StripPlace, string>> = {
  ...{ empty: '.', logged: 'n', dark: 'd', right: 'r', light: 'l' }
};
/** Places drawn at most: a reel has too many to tell apart. */
export const MOST_DRAWN = 40;

/** A pack, roll or reel with its strip of frames. */
export interface FilmLine {
  readonly loadId: string;
  readonly cameraName: string;
  readonly filmName: string;
  readonly framesTotal: number;
  readonly firstNumber: number;
  readonly loadedAt: Moment;
  readonly finished: boolean;
  /** Frames that were logged. */
  readonly logged: number;
  /** How many of them came out so. */
  readonly judged: Readonly<Record<FrameTone, number>>;
  /** The places from the first number on, a letter for each. @see STRIP_LETTERS, MOST_DRAWN */
  readonly strip: string;
}

/** Films listed at a time, the latest. */
export const MOST_FILM_LINES = 24;
/** Films on a page of the list of all. */
export const FILMS_ON_PAGE = 120;

/** A frame on a strip: its number, and how it came out; null = not judged. */
export interface StripFrame {
  readonly number: number;
  readonly verdict: FrameTone | null;
}

/** What the line of a film says of its frames. @param film how many it has, and the number of its first @param frames those logged, in no order */
export function stripOf(
  { framesTotal, firstNumber }: Pick<FilmLine, 'framesTotal' | 'firstNumber'>,
  frames: readonly StripFrame[]
): Pick<FilmLine, 'logged' | 'judged' | 'strip'> {
  const byNumber = new Map<number, StripPlace>(frames.map((f) => [f.number, f.verdict ?? 'logged']));
  const judged = { dark: 0, right: 0, light: 0 };
  for (const { verdict } of frames) if (verdict) judged[verdict]++;
  const places = Math.min(Math.max(framesTotal, frames.length), MOST_DRAWN);
  const strip = Array.from(
    { length: places },
    (_, i) => STRIP_LETTERS[byNumber.get(i + firstNumber) ?? 'empty']
  );
  return { logged: frames.length, judged, strip: strip.join('') };
}
