// What an owner measured beside a mark: a value, two it lies between ("16–22", "between 16 and 22"), or an opening with a filter
// before it ("8×2": f/8 behind a filter of factor 2).
import { err, ok, type Result } from '../numeric/result.ts';
import { parseFNumber } from '../units/aperture.ts';
import { parseDecimal } from '../units/decimal.ts';
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

/** An opening and the factor of a filter that a lever swings before it. */
const FILTERED = /^(.+?) ?[×x*] ?(\d+(?:[.,]\d+)?)$/i;

/**
 * Reads an opening with a filter before it: as an f-number that lets through as little. A factor of 2 takes a stop (ISO 6:1993 and the
 * makers' sheets state factors so).
 * @returns null where the text names no filter
 */
function readFiltered(text: string): Result<Measured, QuantityError> | null {
  const match = FILTERED.exec(text.trim());
  const factor = parseDecimal(match?.[2] ?? '');
  if (!match || factor === null) return null;
  const refused = err({ quantity: 'aperture', problem: 'out-of-range', text } as const);
  if (!(factor >= 1 && factor <= 100_000)) return refused;
  const read = parseFNumber(match[1] ?? '');
  if (!read.ok) return err({ ...read.error, text });
  return ok({ value: exactFNumber(read.value, 'third') * Math.sqrt(factor), sdStops: 0 });
}

/** The two ends of a text such as "16–22"; null where it is one value. */
function endsOf(text: string): readonly [string, string] | null {
  const match = BETWEEN.exec(text.trim());
  return match?.[1] !== undefined && match[2] !== undefined ? [match[1], match[2]] : null;
}

/**
 * Reads what was measured of an aperture or a time.
 * @param acts what the control does @param text such as "12.3", "1/85", "16–22", "8×2"
 * @returns the value and how unsure it is in stops, or why it cannot be read
 */
export function readMeasured(acts: 'aperture' | 'time', text: string): Result<Measured, QuantityError> {
  const one = (of: string): Result<number, QuantityError> => {
    if (acts === 'aperture') return parseFNumber(of);
    const read = parseShutter(of);
    return read.ok ? ok(read.value.seconds) : read;
  };
  const filtered = acts === 'aperture' ? readFiltered(text) : null;
  if (filtered) return filtered;
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

/**
 * The largest spread of what was measured in a text of marks such as "sun=16–22 cloud=9", one sd in stops; 0 where all are single.
 * @param acts aperture or time @param text as typed, each mark with one value or a range
 * @returns stops ≥ 0
 */
export function measuredSd(acts: 'aperture' | 'time', text: string): number {
  const given = [...text.matchAll(/=\s*(between\s+\S+\s+and\s+\S+|\S+)/gi)].map((m) => m[1] ?? '');
  const read = given.map((value) => readMeasured(acts, value));
  return Math.max(0, ...read.map((r) => (r.ok ? r.value.sdStops : 0)));
}
