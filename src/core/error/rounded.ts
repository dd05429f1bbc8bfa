// Rounds a sum to thirds of a stop so that the rounded terms still add up to the rounded total:
// the terms with the largest remainders give way, each by at most a third.
import type { Term } from './delta.ts';

/** The terms in thirds, and their sum in thirds. */
export interface RoundedSum {
  readonly terms: readonly Term[];
  readonly totalStops: number;
}

/**
 * Largest-remainder rounding to thirds; no term moves by a third or more from its exact value.
 * @param terms in exact stops
 * @returns the same terms in their order, in whole thirds, with their sum
 */
export function roundTermsToThirds(terms: readonly Term[]): RoundedSum {
  const total = Math.round(3 * terms.reduce((sum, t) => sum + t.stops, 0));
  const floors = terms.map((t) => Math.floor(3 * t.stops));
  let missing = total - floors.reduce((sum, f) => sum + f, 0);
  const byRemainder = terms
    .map((t, i) => ({ i, remainder: 3 * t.stops - (floors[i] ?? 0) }))
    .sort((a, b) => b.remainder - a.remainder);
  for (const { i } of byRemainder) {
    if (missing <= 0) break;
    floors[i] = (floors[i] ?? 0) + 1;
    missing -= 1;
  }
  return {
    terms: terms.map((t, i) => ({ term: t.term, stops: (floors[i] ?? 0) / 3 })),
    totalStops: total / 3 + 0
  };
}
