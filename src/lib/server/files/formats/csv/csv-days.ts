// Days in a column of a CSV. Which of 9/12/26 is the month is told by the column as a whole; where nothing tells, it is refused.
import { err, ok, type Result } from '#core/numeric/result.ts';
import { dayFromWords } from '#core/sky/day-words.ts';

/** Which number of a day with slashes stands first. */
export type SlashOrder = 'month' | 'day' | 'either';

const SLASHED = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4}|\d{2})\b/;
const HALF_DAYS = /\b\d{1,2}(:\d\d)?\s?[ap]\.?m\b/i;

/** The order of a column's days. @param days cells @param times cells; where the clock has twelve hours the month stands first */
export function slashOrderOf(days: readonly string[], times: readonly string[]): SlashOrder {
  const found = days.flatMap((d) => SLASHED.exec(d.trim()) ?? []);
  const pairs = days.flatMap((d) => {
    const [, first, second] = SLASHED.exec(d.trim()) ?? [];
    return first === undefined || second === undefined ? [] : [[Number(first), Number(second)] as const];
  });
  if (found.length === 0) return 'either';
  if (pairs.some(([first]) => first > 12)) return 'day';
  if (pairs.some(([, second]) => second > 12)) return 'month';
  return [...days, ...times].some((t) => HALF_DAYS.test(t)) ? 'month' : 'either';
}

/**
 * A day of such a column as YYYY-MM-DD; what has no slashes stays as it was written.
 * @returns or why it cannot be told
 */
export function dayOfCell(text: string, order: SlashOrder): Result<string, string> {
  const found = SLASHED.exec(text.trim());
  if (!found) return ok(text);
  const [, first = '', second = '', last = ''] = found;
  if (order === 'either' && first !== second)
    return err(`“${text}” may have its month first or its day. Write days as 2026-05-31.`);
  const [month, day] = order === 'day' ? [second, first] : [first, second];
  const year = last.length === 2 ? `20${last}` : last;
  const whole = dayFromWords(`${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`, '2000-01-01');
  return whole === null ? err(`“${text}” is no day. Write it as 2026-05-31.`) : ok(whole);
}
