// A CSV as rows, with columns named by the person.
import Papa from 'papaparse';
import { unharmed } from './cells.ts';

/** What columns of a CSV can stand for. */
export const CSV_FIELDS = [
  ...([
    'number',
    'date',
    'time',
    'light',
    'guess',
    'zone',
    'set',
    'aperture',
    'shutter',
    'held',
    'heard',
    'place',
    'subject',
    'reason',
    'tags',
    'note'
  ] as const)
] as const;
/** @see CSV_FIELDS */
export type CsvField = (typeof CSV_FIELDS)[number];

/** Which column stands for what; '' = none does. */
export type CsvMapping = Readonly<Record<CsvField, string>>;

/** Columns that are likely meant, by their names. */
export function likelyMapping(headers: readonly string[]): CsvMapping {
  const find = (...names: readonly string[]): string =>
    headers.find((h) => names.includes(h.trim().toLowerCase())) ?? '';
  return {
    number: find('number', 'frame', 'no', 'no.', '#'),
    date: find('date', 'day', 'taken at (utc)', 'taken', 'when'),
    time: find('time', 'hour', 'clock'),
    light: find('light', 'light lv', 'lv', 'ev', 'reading', 'scene'),
    guess: find('guess', 'guessed', 'guess lv'),
    zone: find('zone', 'time zone', 'timezone'),
    set: find('set', 'setting', 'settings', 'marks'),
    aperture: find('aperture', 'f-stop', 'f', 'fnumber', 'f-number', 'f number', 'stop'),
    shutter: find('shutter', 'shutter speed', 'speed', 'exposure time', 'exposure'),
    held: find('held s', 'held', 'seconds'),
    heard: find('heard s', 'heard'),
    place: find('place', 'where'),
    subject: find('subject', 'title', 'what'),
    reason: find('reason', 'why'),
    tags: find('tags', 'tag', 'keywords'),
    note: find('note', 'notes', 'remarks', 'comment')
  };
}

/** A CSV as rows by header. */
export interface CsvTable {
  readonly headers: readonly string[];
  readonly rows: readonly { readonly line: number; readonly cells: Readonly<Record<string, string>> }[];
  readonly faults: readonly { readonly line: number; readonly why: string }[];
}

/** Reads a CSV with its first line as headers; comma, semicolon or tab are told apart. */
export function readCsv(text: string): CsvTable {
  const read = Papa.parse<readonly string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [headers = [], ...rows] = read.data;
  const doubled = headers.find((h, i) => headers.indexOf(h) !== i);
  const faults = read.errors
    .filter((e) => e.code !== 'UndetectableDelimiter')
    .map((e) => ({ line: (e.row ?? 0) + 1, why: `${e.message}.` }));
  const ragged = rows.flatMap((r, i) =>
    r.length === headers.length
      ? []
      : [{ line: i + 2, why: `has ${r.length} cells, the first line has ${headers.length}.` }]
  );
  return {
    headers,
    rows: rows.map((r, i) => ({
      line: i + 2,
      cells: Object.fromEntries(headers.map((h, k) => [h, unharmed((r[k] ?? '').trim())]))
    })),
    faults: [
      ...faults,
      ...ragged,
      ...(doubled === undefined ? [] : [{ line: 1, why: `has two columns named “${doubled}”.` }])
    ]
  };
}

/** A bare number in a column of light is an LV. */
const lvOf = (text: string): string => (/^[-−+]?\d+([.,]\d+)?$/.test(text) ? `LV ${text}` : text);

/** A moment with its offset, as it is written out: UTC. */
const WITH_OFFSET = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/;

/** What a row holds for a field; '' = nothing. */
export function cellOf(
  cells: Readonly<Record<string, string>>,
  mapping: CsvMapping,
  field: CsvField
): string {
  return mapping[field] === '' ? '' : (cells[mapping[field]] ?? '');
}

/** The moment of a row that is told with its offset, milliseconds since 1970; null = it is told by a clock. */
export function momentOfRow(cells: Readonly<Record<string, string>>, mapping: CsvMapping): number | null {
  const text = cellOf(cells, mapping, 'date').trim();
  return WITH_OFFSET.test(text) ? Date.parse(text) : null;
}

/**
 * The texts of the form that writes a frame up, from a row.
 * @param day the day of the row, as the form takes it @param set where its controls stood, by id
 */
export function textsOfRow(
  cells: Readonly<Record<string, string>>,
  mapping: CsvMapping,
  day: string,
  set: Readonly<Record<string, number>>
): Readonly<Record<string, string>> {
  const of = (field: CsvField): string => cellOf(cells, mapping, field);
  const [date = '', ...clock] = day.trim().split(/[T ]/);
  // what follows a day written as numbers is its time; "28 Nov" is all day
  const isSplit = /^\d{4}-/.test(day.trim());
  return {
    number: of('number'),
    ...{ date: isSplit ? date : day, time: of('time') === '' && isSplit ? clock.join(' ') : of('time') },
    light: lvOf(of('light')),
    ...{ guess: lvOf(of('guess')), held: of('held') },
    // a column of seconds holds seconds: 4 is no quarter
    heard: /\bs$/.test(mapping.heard) && /\d$/.test(of('heard')) ? `${of('heard')}s` : of('heard'),
    ...{ place: of('place'), subject: of('subject'), reason: of('reason') },
    ...{ tags: of('tags'), note: of('note') },
    ...Object.fromEntries(Object.entries(set).map(([id, at]) => [`set-${id}`, String(at)]))
  };
}
