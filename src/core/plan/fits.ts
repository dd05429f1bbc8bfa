// How many frames a window holds, until when to press, and what they cost.
import type { Film } from '../film/film.ts';
import type { Part, Stretch } from './windows.ts';

/** Between two frames: winding or ejecting, looking, and waiting for the moment, seconds. A guess of ours, to be changed. */
export const BETWEEN_SECONDS = 30;

/** What fits in a window. */
export interface Fits {
  /** Frames, not more than are left. */
  readonly frames: number;
  /** The last moment to press, so that the frame ends inside the window; null = no frame is as short as the window. */
  readonly lastPressMs: number | null;
  /** What they cost in the currency of the film's price; null = no price is entered. */
  readonly cost: number | null;
}

/**
 * How long a frame takes that is pressed at a moment, by the parts of a window: between the first and the last time of a part
 * evenly in stops.
 * @param parts in order of time
 * @param ms milliseconds since 1970
 * @returns seconds; 0 outside all parts
 */
export function secondsAt(parts: readonly Part[], ms: number): number {
  const part = parts.find((p) => ms <= p.toMs) ?? parts.at(-1);
  if (!part) return 0;
  const [from, to] = [part.first.exposure.seconds, part.last.exposure.seconds];
  const width = part.toMs - part.fromMs;
  const share = width > 0 ? Math.min(1, Math.max(0, (ms - part.fromMs) / width)) : 0;
  return from * (to / from) ** share;
}

/**
 * What fits in a window, pressed as soon as may be.
 * @param window from when to when
 * @param eachAt how long a frame takes that is pressed at a moment, seconds, ≥ 0
 * @param between seconds between two frames, > 0
 * @param left frames left on the film, ≥ 0
 * @param film its price for all frames
 */
export function fitsIn(
  window: Stretch,
  eachAt: (ms: number) => number,
  between: number,
  left: number,
  film: Pick<Film, 'price' | 'frames'>
): Fits {
  let frames = 0;
  let ms = window.fromMs;
  while (frames < left && ms + 1000 * eachAt(ms) <= window.toMs) {
    frames++;
    ms += 1000 * (eachAt(ms) + between);
  }
  const lastPressMs = window.toMs - 1000 * eachAt(window.toMs);
  return {
    frames,
    lastPressMs: lastPressMs < window.fromMs ? null : lastPressMs,
    cost: film.price === null || film.frames === 0 ? null : (frames * film.price) / film.frames
  };
}
