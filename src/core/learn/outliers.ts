// Judged frames that disagree with what all of them say together.
import { normalBetween } from '../numeric/normal.ts';
import type { Estimate, Observation } from './bias.ts';
import { predictedAt } from './expected.ts';

/** A frame that disagrees. */
export interface Outlier {
  readonly frameId: string;
  /** Stops by which it came out lighter (+) or darker than the others lead to expect; null = it was judged in a word. */
  readonly byStops: number | null;
}

/** Frames beyond two standard deviations: about one in twenty does so by chance. */
const BEYOND_SDS = 2;
const UNLIKELY = 0.05;

/**
 * Frames that lie further from what is expected with the estimate than one in twenty does by chance.
 * @param estimate of the camera's bias, stops
 * @returns in the order of the observations
 */
export function outliersOf(observations: readonly Observation[], estimate: Estimate): readonly Outlier[] {
  return observations.flatMap(({ frameId, seen, readingSd, frameSd, ...o }): readonly Outlier[] => {
    const { mean: expected, sd: ownSd } = predictedAt(o.expected, estimate.stops, readingSd);
    const sd = Math.hypot(ownSd, frameSd, estimate.sd);
    if (seen.kind === 'near') {
      const byStops = seen.stops - expected;
      return Math.abs(byStops) > BEYOND_SDS * Math.hypot(sd, seen.sd) ? [{ frameId, byStops }] : [];
    }
    const p = normalBetween(expected, Math.hypot(sd, seen.edgeSd), seen.lo, seen.hi);
    return p < UNLIKELY ? [{ frameId, byStops: null }] : [];
  });
}
