// The form of a load as texts, and back: only what was changed.
import type { Development, Load } from '#core/log/load.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { sameMoment } from '#core/sky/moment.ts';
import { wallClock } from '#core/sky/wall-clock.ts';
import { formatDecimal, parseDecimal } from '#core/units/decimal.ts';
import { parseStops } from '#core/units/stops.ts';
import { readClock } from '../reading/clock-time.ts';
import { parseWith, type FieldFault } from '../reading/parse.ts';
import { developmentSchema, loadEditSchema } from './load.ts';

/** What is typed. */
export interface LoadDraft {
  date: string;
  time: string;
  firstNumber: string;
  developer: string;
  dilution: string;
  minutes: string;
  temperature: string;
  shift: string;
  remark: string;
}

const plain = (value: number | null): string =>
  value === null ? '' : formatDecimal(value, 2).replace('−', '-');

/** The form of a load. */
export function loadDraftOf({ loadedAt, firstNumber, development, remark }: Load): LoadDraft {
  const clock = wallClock(Date.parse(loadedAt.at), loadedAt.zone);
  return {
    ...{ date: clock.date, time: clock.time, firstNumber: String(firstNumber), remark },
    ...{ developer: development?.developer ?? '', dilution: development?.dilution ?? '' },
    ...{
      minutes: plain(development?.minutes ?? null),
      temperature: plain(development?.temperatureC ?? null)
    },
    shift: plain(development?.shiftStops ?? null)
  };
}

const FIELDS: Readonly<Record<string, string>> = { temperatureC: 'temperature', shiftStops: 'shift' };

/** A number of a field; null where nothing is typed, NaN where it is none. */
const numberOf = (text: string): number | null =>
  text.trim() === '' ? null : (parseDecimal(text.trim()) ?? NaN);

function developmentOf(draft: LoadDraft): Result<Development | null, readonly FieldFault[]> {
  const { developer, dilution, minutes, temperature, shift } = draft;
  if ([developer, dilution, minutes, temperature, shift].every((text) => text.trim() === '')) return ok(null);
  const stops = shift.trim() === '' ? 0 : parseStops(shift);
  const faults: FieldFault[] = [];
  if (stops === null)
    faults.push({ field: 'shift', message: `“${shift}” is no number of stops. Give +1, −1 or ⅔.` });
  for (const [field, text] of [
    ['minutes', minutes],
    ['temperature', temperature]
  ] as const)
    if (Number.isNaN(numberOf(text)))
      faults.push({ field, message: `“${text}” is no number. Give one such as 11 or 20.5.` });
  if (faults.length > 0 || stops === null) return err(faults);
  const read = parseWith(developmentSchema.required(), {
    ...{ developer: developer.trim(), dilution: dilution.trim(), minutes: numberOf(minutes) },
    ...{ temperatureC: numberOf(temperature), shiftStops: stops }
  });
  if (read.ok) return read;
  return err(read.error.map((f) => ({ ...f, field: FIELDS[f.field] ?? f.field })));
}

/** Reads the form: what was changed, as a body; or every field at fault. */
export function readLoadDraft(
  draft: LoadDraft,
  load: Load
): Result<Readonly<Record<string, unknown>>, readonly FieldFault[]> {
  const before = loadDraftOf(load);
  const same = before.date === draft.date.trim() && before.time === draft.time.trim();
  const loadedAt = same ? ok(load.loadedAt) : readClock(draft.date, draft.time, load.loadedAt.zone);
  const development = developmentOf(draft);
  const first = /^\d{1,5}$/.test(draft.firstNumber.trim()) ? Number(draft.firstNumber) : 0;
  const rest = parseWith(loadEditSchema, { firstNumber: first, remark: draft.remark.trim() });
  const faults = [
    ...(loadedAt.ok ? [] : [loadedAt.error]),
    ...(development.ok ? [] : development.error),
    ...(rest.ok ? [] : rest.error)
  ];
  if (!loadedAt.ok || !development.ok || !rest.ok) return err(faults);
  const developed = JSON.stringify(development.value) !== JSON.stringify(load.development);
  return ok({
    ...(sameMoment(loadedAt.value, load.loadedAt) ? {} : { loadedAt: loadedAt.value }),
    ...(first === load.firstNumber ? {} : { firstNumber: first }),
    ...(developed && load.finishedAt ? { development: development.value } : {}),
    ...(draft.remark.trim() === load.remark ? {} : { remark: draft.remark.trim() })
  });
}
