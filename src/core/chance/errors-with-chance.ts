// Which mean errors leave a given chance of falling in a window.
import type { StopWindow } from '../film/window.ts';
import { bisect } from '../numeric/bisect.ts';
import { normalBetween } from '../numeric/normal.ts';

/**
 * The mean errors for which the chance of falling in the window is at least p.
 * @returns an interval around the window's middle, by bisection to 1e-9 stop; null when even the middle falls short
 */
export function errorsWithChance(window: StopWindow, sd: number, p: number): StopWindow | null {
  if (!(window.hi > window.lo)) return null;
  if (sd === 0) return window;
  const middle = (window.lo + window.hi) / 2;
  const chance = (off: number): number => normalBetween(middle + off, sd, window.lo, window.hi);
  if (chance(0) < p) return null;
  const off = bisect((x) => chance(x) >= p, 0, (window.hi - window.lo) / 2 + 10 * sd);
  return { lo: middle - off, hi: middle + off };
}
