// How strong a filter is, as its rim says it: "2 stops", "0.6 D", "4×", or a bare "ND 3" that can mean three things.
import { err, ok, type Result } from '../numeric/result.ts';
import { parseDecimal, plainDigits } from '../units/decimal.ts';
import type { FilterThing } from './thing.ts';

/** Stops in a unit of optical density: log2(10) ≈ 3.32. */
export const STOPS_PER_DENSITY = Math.log2(10);

/** Stops of a density D ≥ 0: D·log2(10). @throws {RangeError} below 0 */
export function stopsFromDensity(density: number): number {
  if (!(density >= 0 && Number.isFinite(density)))
    throw new RangeError(`density must be 0 or more, got ${density}`);
  return density * STOPS_PER_DENSITY;
}

/** Stops of a filter factor ≥ 1 (times the exposure): log2. @throws {RangeError} below 1 */
export function stopsFromFactor(factor: number): number {
  if (!(factor >= 1 && Number.isFinite(factor)))
    throw new RangeError(`factor must be 1 or more, got ${factor}`);
  return Math.log2(factor);
}

/** The unit that a strength is given in. */
export type StrengthUnit = FilterThing['givenAs'];
/** @see StrengthUnit */
export const STRENGTH_UNITS = ['stops', 'density', 'factor'] as const satisfies readonly StrengthUnit[];

/** A strength in one unit. */
export interface FilterStrength {
  /** ≥ 0. */
  readonly stops: number;
  readonly givenAs: StrengthUnit;
}

/** Why a strength is not known. `unit-missing`: what it would be in each unit that makes sense. */
export type StrengthProblem =
  | { readonly problem: 'unreadable' }
  | { readonly problem: 'unit-missing'; readonly couldBe: readonly FilterStrength[] };

/** Filters darker than this, stops, are no filters for taking pictures with. */
const MOST_STOPS = 30;

/** From here on a number after ND is a factor: few filters have as many stops. */
const SURELY_FACTOR = 8;

const UNITS: readonly (readonly [RegExp, StrengthUnit])[] = [
  [/^(.+?) ?(?:stops?|ev)$/i, 'stops'],
  [/^(?:nd|d|density) ?(0[.,]\d+)$/i, 'density'],
  [/^(?:density|d) ?(.+)$/i, 'density'],
  [/^(.+?) ?(?:d|density)$/i, 'density'],
  [/^(?:×|x|factor) ?(.+)$/i, 'factor'],
  [/^(.+?) ?(?:×|x|times|factor)$/i, 'factor']
];

function strengthIn(unit: StrengthUnit, value: number): FilterStrength | null {
  if (unit === 'factor' ? value < 1 : value < 0) return null;
  const stops =
    unit === 'stops' ? value : unit === 'density' ? stopsFromDensity(value) : stopsFromFactor(value);
  return stops <= MOST_STOPS ? { stops, givenAs: unit } : null;
}

/**
 * Reads a strength. A density such as 0.6 after ND is known by its leading nought (common practice, no source).
 * @param chosen the unit that was chosen for a bare number; null = none was
 */
export function readFilterStrength(
  text: string,
  chosen: StrengthUnit | null
): Result<FilterStrength, StrengthProblem> {
  const plain = plainDigits(text);
  for (const [pattern, unit] of UNITS) {
    const value = parseDecimal(pattern.exec(plain)?.[1] ?? '');
    const strength = value === null ? null : strengthIn(unit, value);
    if (strength) return ok(strength);
  }
  const bare = parseDecimal(plain.replace(/^nd ?/i, ''));
  if (bare === null || !Number.isFinite(bare) || bare < 0) return err({ problem: 'unreadable' });
  if (chosen) {
    const strength = strengthIn(chosen, bare);
    return strength ? ok(strength) : err({ problem: 'unreadable' });
  }
  // a big number after ND is how many times longer it takes; ND 3 may be anything (common practice, no source)
  if (/^nd/i.test(plain) && bare >= SURELY_FACTOR) {
    const strength = strengthIn('factor', bare);
    return strength ? ok(strength) : err({ problem: 'unreadable' });
  }
  const couldBe = STRENGTH_UNITS.flatMap((unit) => strengthIn(unit, bare) ?? []);
  return couldBe.length === 0 ? err({ problem: 'unreadable' }) : err({ problem: 'unit-missing', couldBe });
}
