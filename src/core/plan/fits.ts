// How many frames a window holds, until when to press, and what they cost.
import type { Film } from '../film/film.ts';
import type { Stretch } from './windows.ts';

/** Between two frames: winding or ejecting, looking, and waiting for the moment, seconds. A guess of ours, to be changed. */
export const BETWEEN_SECONDS = 30;

/** What fits in a window. */
export interface Fits {
  /** Frames, not more than are left. */
  readonly frames: number;
  /** The last moment to press, so that the frame ends inside; before the window where it is shorter than a frame. */
  readonly lastPressMs: number;
  /** What they cost in the currency of the film's price; null = no price is entered. */
  readonly cost: number | null;
}

/**
 * What fits in a window.
 * @param window from when to when
 * @param each how long a frame takes, seconds, ≥ 0
 * @param between seconds between two frames, > 0
 * @param left frames left on the film, ≥ 0
 * @param film its price for all frames
 */
export function fitsIn(
  window: Stretch,
  each: number,
  between: number,
  left: number,
  film: Pick<Film, 'price' | 'frames'>
): Fits {
  const lastPressMs = window.toMs - each * 1000;
  const room = (lastPressMs - window.fromMs) / 1000;
  const frames = room < 0 ? 0 : Math.min(left, 1 + Math.floor(room / (each + between)));
  const cost = film.price === null || film.frames === 0 ? null : (frames * film.price) / film.frames;
  return { frames, lastPressMs, cost };
}
