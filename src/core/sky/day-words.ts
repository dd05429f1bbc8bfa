// Days and times of day as people write them, as a calendar day and HH:MM. What hangs on today is told today.
import { Temporal } from 'temporal-polyfill';

const WEEKDAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const;
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'] as const;

const made = (year: number, month: number, day: number): string | null => {
  try {
    return Temporal.PlainDate.from({ year, month, day }, { overflow: 'reject' }).toString();
  } catch {
    return null;
  }
};

/** The coming day of that number and month: this year's, or next year's when it is more than half a year ago. */
function coming(today: Temporal.PlainDate, month: number, day: number): string | null {
  const text = made(today.year, month, day);
  if (text === null) return made(today.year + 1, month, day);
  const past = today.since(Temporal.PlainDate.from(text), { largestUnit: 'day' }).days;
  return past > 182 ? made(today.year + 1, month, day) : text;
}

/**
 * A day such as "tomorrow", "Saturday" (the next one), "28.11.", "28 Nov", "28.11.2026" or "2026-11-28".
 * @param today as YYYY-MM-DD
 * @returns YYYY-MM-DD; null when it is no day
 */
export function dayFromWords(text: string, today: string): string | null {
  const words = text.trim().toLowerCase();
  const now = Temporal.PlainDate.from(today);
  const named = { today: 0, tonight: 0, tomorrow: 1, yesterday: -1 }[words];
  if (named !== undefined) return now.add({ days: named }).toString();
  const weekday = WEEKDAYS.findIndex((w) => w === words || (words.length >= 3 && w.startsWith(words)));
  if (weekday !== -1) return now.add({ days: (weekday + 1 - now.dayOfWeek + 7) % 7 || 7 }).toString();
  if (/^[+-]?\d{4,6}-\d\d-\d\d$/.test(words)) {
    try {
      return Temporal.PlainDate.from(words, { overflow: 'reject' }).toString();
    } catch {
      return null;
    }
  }
  const dotted = /^(\d{1,2})\.\s?(\d{1,2})\.?(?:\s?(\d{4}))?$/.exec(words);
  const spelt = /^(\d{1,2})\.?\s+([a-z]{3,9})\.?(?:\s+(\d{4}))?$/.exec(words);
  const [, day = '', which = '', year] = dotted ?? spelt ?? [];
  const month = dotted ? Number(which) : MONTHS.findIndex((m) => which.startsWith(m)) + 1;
  if (day === '' || month === 0) return null;
  return year === undefined ? coming(now, month, Number(day)) : made(Number(year), month, Number(day));
}

/** A time of day such as "18:44", "18.44", "18", "6:44 pm", "6pm" or "noon". @returns HH:MM; null when it is none */
export function timeFromWords(text: string): string | null {
  const words = text.trim().toLowerCase();
  if (words === 'noon') return '12:00';
  if (words === 'midnight') return '00:00';
  const match = /^(\d{1,2})(?:[:.h]([0-5]\d))?(?:\s?(am|pm|a\.m\.|p\.m\.))?$/.exec(words);
  if (!match) return null;
  const [hour, half] = [Number(match[1]), match[3]?.charAt(0)];
  if (half !== undefined && (hour < 1 || hour > 12)) return null;
  const whole = half === undefined ? hour : (hour % 12) + (half === 'p' ? 12 : 0);
  return whole > 23 ? null : `${String(whole).padStart(2, '0')}:${match[2] ?? '00'}`;
}
