// What was found in a file that comes in: counted, refused line by line, staged. Plain data once it is read: it can be sent between threads.
import type { Frame } from '#core/log/frame.ts';
import type { Development } from '#core/log/load.ts';
import { marksLine } from '#core/log/border-note.ts';
import { wallClock } from '#core/sky/wall-clock.ts';
import type { ArchiveRecord, RecordKind } from '#schema/files/archive.ts';
import type { CsvTable } from './formats/csv/csv.ts';
import { sayLight } from './say-row.ts';
import type { Staging } from './staging.ts';

/** Faults told line by line; the rest are counted. */
const TOLD = 100;
/** Cameras, films and things that are told by name. */
const NAMED = 12;
/** Rows told as they were read. */
export const SHOWN = 200;

/** A row as it was read. */
export interface ReadRow {
  readonly line: number;
  readonly number: number;
  /** YYYY-MM-DD HH:MM by its own clock. */
  readonly taken: string;
  readonly set: string;
  readonly light: string;
}

/** A frame as it was read from a line. */
export function rowOf(line: number, { number, takenAt, set, light }: Frame): ReadRow {
  const { date, time } = wallClock(Date.parse(takenAt.at), takenAt.zone);
  return { line, number, taken: `${date} ${time}`, set: marksLine(set), light: sayLight(light) };
}

/** How many lines of each kind are new, and how many are here already. */
export type Counts = Readonly<Partial<Record<RecordKind, { readonly fresh: number; readonly here: number }>>>;

/** What was found. */
export interface Found {
  /** Lines read. */
  readonly lines: number;
  readonly counts: Counts;
  /** What is new of the kit, by name; the first of it. */
  readonly names: readonly string[];
  readonly faults: readonly { readonly line: number; readonly why: string }[];
  readonly faultCount: number;
  /** Of a table whose columns are to be said: its headers and first rows. */
  readonly columns: Pick<CsvTable, 'headers' | 'rows'> | null;
  /** Of a table whose columns were said. */
  readonly rows: {
    /** The first of them. */
    readonly read: readonly ReadRow[];
    /** Frames, in the order of the rows. */
    readonly frameIds: readonly string[];
    /** Controls of which the table tells nothing: their first place is noted. */
    readonly untold: readonly string[];
    /** What it says of the development of its film, where nothing is noted yet. */
    readonly development: { readonly loadId: string; readonly development: Development } | null;
  } | null;
  /** Names of the files that came with the lines; null = none could. */
  readonly scanNames: readonly string[] | null;
  /** Scans that are new. */
  readonly scans: readonly (ArchiveRecord & { readonly kind: 'scan' })[];
}

/** Nothing was read yet. */
export const NOTHING_FOUND: Found = {
  ...{ lines: 0, counts: {}, names: [], faults: [], faultCount: 0 },
  ...{ columns: null, rows: null, scanNames: null, scans: [] }
};

/** What a line of the kit is called; null = it is no such line. */
function nameOf(record: ArchiveRecord): string | null {
  if (record.kind === 'camera') return record.revisions.at(-1)?.camera.name ?? null;
  if (record.kind === 'film') return record.revisions.at(-1)?.film.name ?? null;
  return record.kind === 'thing' ? record.thing.name : null;
}

/** Gathers what is found. */
export class Findings {
  lines = 0;
  columns: Found['columns'] = null;
  rows: Found['rows'] = null;
  scanNames: Found['scanNames'] = null;
  faultCount = 0;
  readonly #counts: Partial<Record<RecordKind, { fresh: number; here: number }>> = {};
  readonly #names: string[] = [];
  readonly #faults: { line: number; why: string }[] = [];
  readonly #stage: Staging;
  constructor(stage: Staging) {
    this.#stage = stage;
  }
  /** Says what is wrong with a line; 0 = with none of them. */
  refuse(line: number, why: string): void {
    this.faultCount += 1;
    if (this.#faults.length < TOLD) this.#faults.push({ line, why });
  }
  /** Keeps a record for the time when all goes in, or says what is wrong with it. */
  keep(line: number, record: ArchiveRecord): void {
    const staged = this.#stage.add(line, record);
    if (staged.as === 'refused') {
      this.refuse(line, staged.why);
      return;
    }
    const counts = (this.#counts[record.kind] ??= { fresh: 0, here: 0 });
    counts[staged.as] += 1;
    const name = staged.as === 'fresh' && this.#names.length < NAMED ? nameOf(record) : null;
    if (name !== null) this.#names.push(name);
  }
  /** Several records as one, for speed. */
  together(work: () => void): void {
    this.#stage.together(work);
  }
  /** What was found so far. */
  found(): Found {
    const { lines, columns, rows, scanNames, faultCount } = this;
    return {
      ...{ lines, columns, rows, scanNames, faultCount },
      ...{ counts: this.#counts, names: this.#names, faults: this.#faults },
      scans: scanNames === null ? [] : this.#stage.scans()
    };
  }
}
