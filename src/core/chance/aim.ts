// The error worth aiming for: with lopsided film that is not zero.
import type { StopWindow } from '../film/window.ts';
import { normalBetween } from '../numeric/normal.ts';
import { errorsWithChance } from './errors-with-chance.ts';

/** Chances this close count as the same. */
const TIE = 0.01;

/**
 * The mean error that makes a good frame most likely; of errors whose chances are within a point, the one nearest to 0.
 * @param good the good window @param sd of the error, ≥ 0
 */
export function aimStops(good: StopWindow, sd: number): number {
  const middle = (good.lo + good.hi) / 2;
  const best = normalBetween(middle, sd, good.lo, good.hi);
  const around = errorsWithChance(good, sd, Math.max(0, best - TIE)) ?? { lo: middle, hi: middle };
  return Math.min(around.hi, Math.max(around.lo, 0));
}
