// Apertures as f-numbers: reading "f/5.6", "5,6", "ƒ8" and writing f/5.6.
import { err, ok, type Result } from '../numeric/result.ts';
import { formatDecimal, parseDecimal, plainDigits } from './decimal.ts';
import type { QuantityError } from './quantity-error.ts';

/** Accepted f-numbers: from faster than any lens sold to a long pinhole. */
export const F_NUMBER_RANGE = { min: 0.5, max: 600 } as const;

/**
 * The digits of an f-number as engraved: 5.6 → "5.6", 11.31 → "11". Two figures, as on lens rings.
 * @param fNumber > 0
 * @returns the digits; a half such as 12.5 keeps it
 */
export function formatFNumberDigits(fNumber: number): string {
  return fNumber < 9.95 ? formatDecimal(fNumber, 1) : formatDecimal(fNumber, fNumber % 1 === 0.5 ? 1 : 0);
}

/**
 * An f-number in the trade's way.
 * @param fNumber > 0
 * @returns such as "f/5.6"
 */
export function formatFNumber(fNumber: number): string {
  return `f/${formatFNumberDigits(fNumber)}`;
}

/**
 * Reads an f-number: "f/5.6", "f5,6", "ƒ/8", "F 11", "16".
 * @returns the number as written (the nominal mark, not its exact value), or why not
 */
export function parseFNumber(text: string): Result<number, QuantityError> {
  const plain = plainDigits(text);
  const refuse = (problem: QuantityError['problem']): Result<number, QuantityError> =>
    err({ quantity: 'aperture', problem, text });
  if (plain === '') return refuse('empty');
  const body = plain.replace(/^[fƒ]\s*\/?\s*/i, '');
  if (body.includes('/')) return refuse('unreadable');
  const value = parseDecimal(body);
  if (value === null) return refuse('unreadable');
  if (value <= 0) return refuse('not-positive');
  if (value < F_NUMBER_RANGE.min || value > F_NUMBER_RANGE.max) return refuse('out-of-range');
  return ok(value);
}
