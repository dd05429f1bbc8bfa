// A pack, roll or reel in one line: what is in which camera, how far it is, and how each of its frames came out.
import type { Moment } from '../sky/moment.ts';

/** How a judged frame came out. */
export type FrameTone = 'dark' | 'right' | 'light';

/** A pack, roll or reel with its strip of frames. */
export interface FilmLine {
  readonly loadId: string;
  readonly cameraName: string;
  readonly filmName: string;
  readonly framesTotal: number;
  readonly firstNumber: number;
  readonly loadedAt: Moment;
  readonly finished: boolean;
  /** Frames that were logged, by number, with how they came out; null = not judged. */
  readonly strip: readonly { readonly number: number; readonly verdict: FrameTone | null }[];
}

/** Films listed at a time, the latest. */
export const MOST_FILM_LINES = 24;
/** Films on a page of the list of all. */
export const FILMS_ON_PAGE = 120;
