// Why a camera's sheet is changed and since when: texts of the form beside the sheet.
import type { RevisionKind } from '#core/log/pair.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { Moment } from '#core/sky/moment.ts';
import { readClock } from '../reading/clock-time.ts';
import type { FieldFault } from '../reading/parse.ts';

/** What the form comes to. */
export interface Since {
  readonly what: RevisionKind;
  readonly note: string;
  readonly since: Moment;
}

/** Reads `what`, `since` (a day; empty = now) and `sinceNote`. @param now whose zone the day is by */
export function readSince(
  texts: Readonly<Record<string, string>>,
  now: Moment
): Result<Since, readonly FieldFault[]> {
  const what = texts['what'] === 'rebuilt' ? 'rebuilt' : 'corrected';
  const day = what === 'rebuilt' ? (texts['since'] ?? '').trim() : '';
  const note = what === 'rebuilt' ? (texts['sinceNote'] ?? '').trim() : '';
  const since = day === '' ? ok(now) : readClock(day, '00:00', now.zone, { date: 'since', time: 'since' });
  const faults: FieldFault[] = since.ok ? [] : [since.error];
  if (since.ok && since.value.at > now.at)
    faults.push({ field: 'since', message: 'That day has not come yet. Give one that has.' });
  if (note.length > 200) faults.push({ field: 'sinceNote', message: 'At most 200 characters.' });
  return since.ok && faults.length === 0 ? ok({ what, note, since: since.value }) : err(faults);
}
