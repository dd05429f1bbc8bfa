// The error that the engine expects of a judged frame, for any bias its camera may have. Where a camera sets itself, light and
// reading are both unsure and it is clipped at its limits: near and past them the error is not what it is at their means, so
// that both are summed over. Given the reading, what is left of the light is normal.
import type { Piece } from '../chance/pieces.ts';

/** What is expected, by the camera's bias. */
export type Expected =
  /** Rising stop by stop from what it is without a bias. */
  | { readonly kind: 'straight'; readonly atZero: number }
  /** At each of {@link KNOTS}, straight between: where a flash mixes in. */
  | { readonly kind: 'knots'; readonly values: readonly number[] }
  /** A camera that reads the light and is clipped. */
  | Clipped;

/** A camera that asks for `wanted` less its bias when its reading is at its mean, and gives what its pieces say. */
export interface Clipped {
  readonly kind: 'clipped';
  /** Everything of the error but what the camera gives, stops. */
  readonly fixed: number;
  /** The exposure value asked for without a bias. */
  readonly wanted: number;
  /** Of the light, and of the eye against the subject, one sd in stops. */
  readonly lightSd: number;
  readonly eyeSd: number;
  readonly pieces: readonly Piece[];
}

/** Steps of the biases below, stops. */
const KNOT_STOPS = 1 / 4;
/** Biases for which the engine is asked where a flash mixes in, stops. */
export const KNOTS: readonly number[] = Array.from({ length: 49 }, (_, i) => -6 + i * KNOT_STOPS);

/** Points of a sum over a standard normal, ±4 sd: equal steps are exact to 1e-12 for what is smooth (trapezoid rule). */
export const SPREAD: readonly { readonly z: number; readonly weight: number }[] = (() => {
  const points = Array.from({ length: 33 }, (_, i) => (i - 16) / 4).map((z) => ({
    ...{ z, weight: Math.exp((-z * z) / 2) }
  }));
  const total = points.reduce((sum, p) => sum + p.weight, 0);
  return points.map(({ z, weight }) => ({ z, weight: weight / total }));
})();

/** What a camera gives when it wants an exposure value. */
function given(pieces: readonly Piece[], wanted: number): number {
  for (const { to, alpha, beta } of pieces) if (wanted <= to) return alpha + beta * wanted;
  const last = pieces.at(-1);
  return last ? last.alpha + last.beta * wanted : NaN;
}

/**
 * The error with the light at its mean given a reading that is off by so many stops.
 * @param biasStops of the camera @param readingOff stops by which its eye read too much
 * @returns stops, + = over
 */
export function clippedAt(clipped: Clipped, biasStops: number, readingOff: number): number {
  const { fixed, wanted, pieces } = clipped;
  return fixed + shareOf(clipped) * readingOff - given(pieces, wanted - biasStops + readingOff);
}

/** The share of a surprise in the reading that is the light's own. */
function shareOf({ lightSd, eyeSd }: Clipped): number {
  const variance = lightSd ** 2 + eyeSd ** 2;
  return variance === 0 ? 0 : lightSd ** 2 / variance;
}

/**
 * Of the reading, and of the light given the reading, one sd in stops.
 * @returns stops ≥ 0
 */
export function spreadsOf({ lightSd, eyeSd }: Clipped): { readonly reading: number; readonly given: number } {
  const reading = Math.hypot(lightSd, eyeSd);
  return { reading, given: reading === 0 ? 0 : (lightSd * eyeSd) / reading };
}

/**
 * The error with light and reading at their means.
 * @param biasStops of the camera, + = it gives more
 * @returns stops, + = over
 */
export function expectedAt(expected: Expected, biasStops: number): number {
  if (expected.kind === 'straight') return expected.atZero + biasStops;
  if (expected.kind === 'clipped') return clippedAt(expected, biasStops, 0);
  const at = Math.min(KNOTS.length - 1, Math.max(0, (biasStops + 6) / KNOT_STOPS));
  const below = Math.floor(at);
  const [a = 0, b = a] = [expected.values[below], expected.values[below + 1]];
  return a + (b - a) * (at - below);
}

/**
 * The error to expect over all lights and readings, with its sd.
 * @param readingSd of the reading where it is not clipped, one sd in stops
 */
export function predictedAt(
  expected: Expected,
  biasStops: number,
  readingSd: number
): { readonly mean: number; readonly sd: number } {
  if (expected.kind !== 'clipped') return { mean: expectedAt(expected, biasStops), sd: readingSd };
  const spread = spreadsOf(expected);
  let [mean, square] = [0, 0];
  for (const { z, weight } of SPREAD) {
    const error = clippedAt(expected, biasStops, z * spread.reading);
    mean += weight * error;
    square += weight * error * error;
  }
  return { mean, sd: Math.sqrt(Math.max(0, square - mean * mean) + spread.given ** 2) };
}
