// Film speed: the arithmetic number (ISO 400) and the logarithmic one (27°), S° = 1 + 10·log10 S, rounded.
// Sources: ISO 6:1993 (b/w negative), ISO 2240:2003 (colour reversal), ISO 5800:1987 (colour negative): the table
// of rounded speeds; the table's values are from memory and agree with the formula (asserted in the test).
import { err, ok, type Result } from '../numeric/result.ts';
import { formatDecimal, parseDecimal, plainDigits } from './decimal.ts';
import type { QuantityError } from './quantity-error.ts';

/** Accepted film speeds (arithmetic). */
export const FILM_SPEED_RANGE = { min: 0.1, max: 102_400 } as const;

/** Marked speeds in thirds of a stop, ascending; the index is the speed in degrees (0° = 0.8, 21° = 100). */
export const MARKED_SPEEDS = [
  0.8, 1, 1.2, 1.6, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 25, 32, 40, 50, 64, 80, 100, 125, 160, 200, 250,
  320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000, 6400, 8000, 10000, 12500, 16000,
  20000, 25000
] as const;

/**
 * The speed's stops against ISO 100: log2(S/100). Speeds are as printed, never snapped to the series.
 * @param iso arithmetic speed, > 0
 * @returns stops, + for faster film
 * @throws {RangeError} for 0, less, or no finite number
 */
export function speedStops(iso: number): number {
  if (!(iso > 0 && Number.isFinite(iso)))
    throw new RangeError(`iso must be a finite number above 0, got ${iso}`);
  return Math.log2(iso / 100);
}

/**
 * Degrees of a speed, S° = 1 + 10·log10 S rounded to a whole number (ISO 6, 2240, 5800).
 * @param iso arithmetic speed, > 0
 * @returns degrees: 400 → 27
 */
export function degreesFromSpeed(iso: number): number {
  return Math.round(1 + 10 * Math.log10(iso));
}

/**
 * Speed of a whole number of degrees by the table of the standards.
 * @param degrees whole, 0…45
 * @returns the arithmetic speed, 27 → 400; null beyond the table
 */
export function speedFromDegrees(degrees: number): number | null {
  return MARKED_SPEEDS[degrees] ?? null;
}

/**
 * The marked speed nearest in stops; of two equally near the slower.
 * @param iso > 0
 * @returns a mark of {@link MARKED_SPEEDS}
 */
export function nearestMarkedSpeed(iso: number): number {
  return MARKED_SPEEDS.reduce<number>(
    (best, s) => (Math.abs(Math.log2(s / iso)) < Math.abs(Math.log2(best / iso)) ? s : best),
    MARKED_SPEEDS[0]
  );
}

/**
 * In full, as on the box.
 * @param iso arithmetic speed, > 0
 * @returns such as "ISO 400/27°"
 */
export function formatFilmSpeed(iso: number): string {
  return `ISO ${formatDecimal(iso, 1)}/${degreesFromSpeed(iso)}°`;
}

/**
 * Reads "400", "ISO 400", "400/27°", "27°". With both numbers the arithmetic one wins; degrees alone map by the table.
 * @returns the arithmetic speed, or why not
 */
export function parseFilmSpeed(text: string): Result<number, QuantityError> {
  const refuse = (problem: QuantityError['problem']): Result<number, QuantityError> =>
    err({ quantity: 'film-speed', problem, text });
  const plain = plainDigits(text).replace(/^iso ?/i, '');
  if (plain === '') return refuse('empty');
  const degrees = /^(\d+) ?°$/.exec(plain);
  if (degrees) {
    const speed = speedFromDegrees(Number(degrees[1]));
    return speed === null ? refuse('out-of-range') : ok(speed);
  }
  const value = parseDecimal(plain.replace(/ ?\/ ?\d+ ?°?$/, ''));
  if (value === null) return refuse('unreadable');
  if (value <= 0) return refuse('not-positive');
  if (value < FILM_SPEED_RANGE.min || value > FILM_SPEED_RANGE.max) return refuse('out-of-range');
  return ok(value);
}
