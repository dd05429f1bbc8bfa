// A day and a time of day as people type them, by the clocks of a zone. An hour that the clocks skip or show twice is said.
import { err, ok, type Result } from '#core/numeric/result.ts';
import { momentAt, type Moment } from '#core/sky/moment.ts';
import { dayFromWords, timeFromWords } from '#core/sky/day-words.ts';
import { momentOf, wallClock } from '#core/sky/wall-clock.ts';
import { isZone } from '#core/sky/zone.ts';
import type { FieldFault } from './parse.ts';

/** "02:30 first" and "02:30 second" tell apart an hour that is there twice. */
const WHICH = /\s*(first|second)$/i;

/**
 * The moment of a day and a time.
 * @param date as 2026-05-31, 31.5. or yesterday @param time as 14:30 or 2:30 pm, or 02:30 first / 02:30 second where the clocks showed it twice
 * @param fields what the two are called in the form
 * @returns the moment, or the field at fault with what is accepted
 */
export function readClock(
  date: string,
  time: string,
  zone: string,
  fields: { readonly date: string; readonly time: string } = { date: 'date', time: 'time' }
): Result<Moment, FieldFault> {
  const which = WHICH.exec(time)?.[1]?.toLowerCase();
  const plain = time.replace(WHICH, '').trim();
  // what is not understood is refused as it was typed
  const day = dayFromWords(date, isZone(zone) ? wallClock(Date.now(), zone).date : '2000-01-01');
  const read = momentOf(day ?? date.trim(), timeFromWords(plain) ?? plain, zone);
  if (read.ok) return inYears(read.value, zone, fields.date, date);
  const { error } = read;
  const fault = (field: string, message: string): Result<Moment, FieldFault> => err({ field, message });
  switch (error.problem) {
    case 'bad-date':
      return fault(fields.date, `“${date}” is no day. Give it as 2026-05-31, 31.5. or yesterday.`);
    case 'bad-time':
      return fault(fields.time, `“${time}” is no time of day. Give it as 14:30 or 2:30 pm.`);
    case 'bad-zone':
      return fault(fields.time, `“${zone}” is no time zone. Give its name, such as Europe/Oslo.`);
    case 'skipped':
      return fault(
        fields.time,
        `The clocks of ${zone} were put forward over ${plain} that day: give ${wallClock(error.earlierMs, zone).time} or ${wallClock(error.laterMs, zone).time}.`
      );
    case 'doubled':
      if (which === undefined)
        return fault(
          fields.time,
          `The clocks of ${zone} showed ${plain} twice that day: give “${plain} first” or “${plain} second”.`
        );
      return ok(momentAt(which === 'first' ? error.earlierMs : error.laterMs, zone));
  }
}

function inYears(ms: number, zone: string, field: string, date: string): Result<Moment, FieldFault> {
  try {
    return ok(momentAt(ms, zone));
  } catch {
    return err({ field, message: `“${date}” is no day of a photograph. Give one from 1826 on.` });
  }
}
