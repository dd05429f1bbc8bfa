// Fields of outings and stops, understood.
import { err, ok, type Result } from '#core/numeric/result.ts';
import { dayFromWords, timeFromWords } from '#core/sky/day-words.ts';
import { parseDecimal } from '#core/units/decimal.ts';

/** A whole number in a range. @param noun what it counts: "frames" */
export function readCount(noun: string, most: number): (text: string) => Result<number, string> {
  return (text) => {
    const n = parseDecimal(text);
    return n !== null && Number.isInteger(n) && n >= 1 && n <= most
      ? ok(n)
      : err(`“${text}” is no number of ${noun}. Give 1 to ${most}.`);
  };
}

/** A number in a range. @param what "speed in km/h" */
export function readMeasure(
  what: string,
  least: number,
  most: number
): (text: string) => Result<number, string> {
  return (text) => {
    const n = parseDecimal(text);
    return n !== null && n >= least && n <= most
      ? ok(n)
      : err(`“${text}” is no ${what}. Give ${least} to ${most}.`);
  };
}

/** An hour as HH:MM; '' = when it works. */
export function readHour(text: string): Result<string, string> {
  if (text === '') return ok('');
  const time = timeFromWords(text);
  return time === null ? err(`“${text}” is no hour. Write it as 18:40, or leave it empty.`) : ok(time);
}

/** A day. @param today YYYY-MM-DD */
export function readDay(today: string): (text: string) => Result<string, string> {
  return (text) => {
    const date = dayFromWords(text, today);
    return date === null
      ? err(`“${text}” is no day. Write it as tomorrow, Saturday, 12.9. or 2026-09-12.`)
      : ok(date);
  };
}

/** What may be spent; '' = not said. */
export function readBudget(text: string): Result<number | null, string> {
  if (text === '') return ok(null);
  const n = parseDecimal(text);
  return n !== null && n >= 0 && n <= 1e6
    ? ok(n)
    : err(`“${text}” is no amount. Give 0 to 1000000 in the currency of your film prices, or nothing.`);
}
