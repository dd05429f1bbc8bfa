// Frames as CSV (RFC 4180): out, with cells that a spreadsheet would run made harmless; in, with columns named by the person.
import Papa from 'papaparse';
import { borderExtras, marksOf } from '#core/log/border-note.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Camera } from '#core/camera/camera.ts';
import type { Film } from '#core/film/film.ts';

/** How a light and a guess were found, as JSON: what the columns for people do not say comes back from here. */
export const KEPT_COLUMNS = ['light as kept', 'guess as kept'] as const;

/** Columns that are written, in their order. */
export const CSV_COLUMNS = [
  ...[
    'id',
    'camera',
    'film',
    'load',
    'number',
    'taken at (UTC)',
    'zone',
    'light LV',
    'light sd',
    'light from',
    'set'
  ],
  ...[
    'expected stops',
    'sd',
    'chance',
    'came out',
    'faults',
    'subject',
    'reason',
    'tags',
    'note',
    'held s',
    'heard s',
    'place',
    'bracket',
    'also',
    'heard sd',
    'grade',
    'guess LV',
    'guess sd',
    ...KEPT_COLUMNS
  ]
] as const;

/** What a spreadsheet takes for a formula, with whatever blank or sign without width it skips before. */
const FORMULA = /^(?:[\t\r]|[\s\p{Cf}\p{Zs}]*[=+\-@＝＋－＠])/u;

/** Whether a text is a formula behind its apostrophes, if it has any. */
const isFormula = (text: string): boolean => {
  const bare = text.replace(/^'+/, '');
  return FORMULA.test(bare) && !(bare === text && /^[+-]?\d+(\.\d+)?$/.test(text));
};

/** A cell that a spreadsheet would take for a formula begins with an apostrophe: it is a text then. */
export const harmless = (text: string): string => (isFormula(text) ? `'${text}` : text);

/** A text as it was before {@link harmless}. */
export const unharmed = (text: string): string =>
  text.startsWith("'") && isFormula(text) ? text.slice(1) : text;

/** A frame with what its row tells. */
export interface CsvFrame {
  readonly frame: Frame;
  readonly camera: Camera | null;
  readonly film: Film | null;
  readonly judgement: Judgement | null;
}

function cameOut(judgement: Judgement | null): string {
  if (!judgement) return '';
  const { outcome } = judgement;
  return outcome.kind === 'tone' ? String(outcome.stops) : outcome.word;
}

/** The first line of the CSV, without its line end. */
export const csvHeader = (): string => CSV_COLUMNS.join(',');

/** A frame as a line of the CSV, without its line end. */
export function csvLine({ frame, camera, film, judgement }: CsvFrame): string {
  const { id, loadId, number, takenAt, light, expected, about, note, place } = frame;
  const told = (value: number | null | undefined): string => (value == null ? '' : String(value));
  const cells = [
    ...[id, camera?.name ?? '', film?.name ?? '', loadId, String(number), takenAt.at, takenAt.zone],
    ...[told(light?.lv), told(light?.sdStops), light?.way.kind ?? 'not told'],
    marksOf(frame.set).join(' · '),
    ...[told(expected?.deltaStops), told(expected?.sdStops), told(expected?.pUsable)],
    ...[cameOut(judgement), judgement?.faults.join(' ') ?? ''],
    ...[about.subject, about.reason, about.tags.join(', '), note],
    ...[told(frame.timedSeconds), told(frame.heardSeconds), place, frame.series ?? ''],
    ...[borderExtras(frame).join(', '), told(frame.heardSdStops), judgement?.grade ?? ''],
    ...[told(frame.guess?.lv), told(frame.guess?.sdStops)],
    ...[light, frame.guess].map((kept) => (kept ? JSON.stringify(kept) : ''))
  ];
  return Papa.unparse([cells.map(harmless)], { newline: '\r\n' });
}

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
