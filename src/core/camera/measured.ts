// What an owner measured beside a mark: a value, or two it lies between ("16–22", "between 16 and 22").
import { err, ok, type Result } from '../numeric/result.ts';
import { parseFNumber } from '../units/aperture.ts';
import type { QuantityError } from '../units/quantity-error.ts';
import { exactFNumber, exactSeconds } from '../units/series.ts';
import { parseShutter } from '../units/shutter.ts';

/** Standard deviation of what lies anywhere between two ends, for each unit between them. Uniform distribution: 1/√12. */
const UNIFORM_SD = 1 / Math.sqrt(12);

const BETWEEN = /^(?:between )?([fƒ]?\/?\d[\d.,/]*?s?)(?: ?(?:–|-|\.\.) ?| and )([fƒ]?\/?\d[\d.,/]*s?)$/i;

/** A measured value. */
export interface Measured {
  /** f-number or seconds; of two ends the middle in stops. */
  readonly value: number;
  /** How unsure it is, one sd in stops; 0 where one value was given. */
  readonly sdStops: number;
}

/** The two ends of a text such as "16–22"; null where it is one value. */
function endsOf(text: string): readonly [string, string] | null {
  const match = BETWEEN.exec(text.trim());
  return match?.[1] !== undefined && match[2] !== undefined ? [match[1], match[2]] : null;
}

/**
 * Reads what was measured of an aperture or a time.
 * @param acts what the control does @param text such as "12.3", "1/85", "16–22"
 * @returns the value and how unsure it is in stops, or why it cannot be read
 */
export function readMeasured(acts: 'aperture' | 'time', text: string): Result<Measured, QuantityError> {
  const one = (of: string): Result<number, QuantityError> => {
    if (acts === 'aperture') return parseFNumber(of);
    const read = parseShutter(of);
    return read.ok ? ok(read.value.seconds) : read;
  };
  const ends = endsOf(text);
  if (!ends) {
    const read = one(text);
    return read.ok ? ok({ value: read.value, sdStops: 0 }) : read;
  }
  const [from, to] = [one(ends[0]), one(ends[1])];
  if (!from.ok) return err({ ...from.error, text });
  if (!to.ok) return err({ ...to.error, text });
  // marks stand for the exact powers; a value between marks for itself
  const exact = (n: number): number =>
    acts === 'aperture' ? exactFNumber(n, 'third') : exactSeconds(n, 'third');
  const [a, b] = [exact(from.value), exact(to.value)];
  const stops = Math.abs(Math.log2(b / a)) * (acts === 'aperture' ? 2 : 1);
  return ok({ value: Math.sqrt(a * b), sdStops: stops * UNIFORM_SD });
}

/** The largest spread of what was measured in a text of marks such as "sun=16–22 cloud=9", one sd in stops; 0 where all are single. */
export function measuredSd(acts: 'aperture' | 'time', text: string): number {
  const given = [...text.matchAll(/=\s*(between\s+\S+\s+and\s+\S+|\S+)/gi)].map((m) => m[1] ?? '');
  const read = given.map((value) => readMeasured(acts, value));
  return Math.max(0, ...read.map((r) => (r.ok ? r.value.sdStops : 0)));
}
