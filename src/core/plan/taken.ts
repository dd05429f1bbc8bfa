// Frames that were taken, laid on the windows that were planned.
import type { Window } from './windows.ts';

/** How the frames of a day met its windows. */
export interface TakenOnPlan {
  /** Moments inside a window, milliseconds since 1970, in order. */
  readonly inside: readonly number[];
  /** Before, between or after them. */
  readonly outside: readonly number[];
}

/** Lays frames on windows; an edge that hangs on the sky counts as wide as it may be. @param taken milliseconds since 1970 */
export function takenOnPlan(taken: readonly number[], windows: readonly Window[]): TakenOnPlan {
  const order = [...taken].sort((a, b) => a - b);
  const isInside = (ms: number): boolean =>
    windows.some(({ from, to }) => ms >= from.earliestMs && ms <= to.latestMs);
  return { inside: order.filter(isInside), outside: order.filter((ms) => !isInside(ms)) };
}
