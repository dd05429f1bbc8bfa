// Fields of the comparison, understood.
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseDecimal } from '#core/units/decimal.ts';

/** An hour of a day, 0 to 24. */
export function readHourOfDay(text: string): Result<number, string> {
  const n = parseDecimal(text);
  return n !== null && Number.isInteger(n) && n >= 0 && n <= 24
    ? ok(n)
    : err(`“${text}” is no hour. Give a whole hour from 0 to 24.`);
}

/**
 * Days of ten with some sky; '' = not said.
 * @param other those that another sky has already; null = not said
 */
export function readShare(text: string, other: number | null): Result<number | null, string> {
  if (text === '') return ok(null);
  const n = parseDecimal(text);
  const most = 10 - (other ?? 0);
  return n !== null && n >= 0 && n <= most
    ? ok(n)
    : err(`“${text}” is no number of days. Give 0 to ${most}; the rest has full cloud.`);
}
