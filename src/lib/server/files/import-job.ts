// One import: where it is, what it would bring and what was found wrong with it, as it is shown.
import { randomUUID } from 'node:crypto';
import { marksLine } from '#core/log/border-note.ts';
import { developmentLine } from '#core/log/development.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Development } from '#core/log/load.ts';
import { wallClock } from '#core/sky/wall-clock.ts';
import type { ArchiveRecord, RecordKind } from '#schema/files/archive.ts';
import type { Upgrade } from '#schema/files/older-archives.ts';
import { likelyMapping, type CsvMapping, type CsvTable } from './formats/csv/csv.ts';
import { sayLight } from './say-row.ts';
import type { staging } from './staging.ts';

/** Cameras, films and things that are told by name. */
const NAMED = 12;
/** What a line of the kit is called; null = it is no such line. */
function nameOf(record: ArchiveRecord): string | null {
  if (record.kind === 'camera') return record.revisions.at(-1)?.camera.name ?? null;
  if (record.kind === 'film') return record.revisions.at(-1)?.film.name ?? null;
  return record.kind === 'thing' ? record.thing.name : null;
}
/** Faults told line by line; the rest are counted. */
const TOLD = 100;

/** Where an import is. */
export type ImportState = 'reading' | 'mapping' | 'ready' | 'refused' | 'taking' | 'done' | 'cancelled';

/** An import as it is shown. */
export interface ImportView {
  readonly id: string;
  readonly name: string;
  readonly state: ImportState;
  /** Lines read so far. */
  readonly lines: number;
  /** What is new and what is here already, by kind. */
  readonly counts: Readonly<Partial<Record<RecordKind, { readonly fresh: number; readonly here: number }>>>;
  /** What is new of the kit, by name; the first of it. */
  readonly names: readonly string[];
  readonly faults: readonly { readonly line: number; readonly why: string }[];
  readonly faultCount: number;
  /** Of a CSV: its columns, what they are likely meant for, and some rows. */
  readonly csv: {
    readonly headers: readonly string[];
    readonly mapping: CsvMapping;
    readonly sample: readonly Readonly<Record<string, string>>[];
    /** Frames as they were read, the first of them; empty until the columns are said. */
    readonly read: readonly ReadRow[];
    /** Controls of which the file tells nothing: their first place is noted. */
    readonly untold: readonly string[];
    /** How their film was developed, in a line, where that comes in with them; '' = it does not. */
    readonly developed: string;
  } | null;
}

/** A row as it was read. */
export interface ReadRow {
  readonly line: number;
  readonly number: number;
  /** YYYY-MM-DD HH:MM by its own clock. */
  readonly taken: string;
  readonly set: string;
  readonly light: string;
}
/** Rows told as they were read. */
export const SHOWN = 200;

/** A frame as it was read from a line. */
export function rowOf(line: number, { number, takenAt, set, light }: Frame): ReadRow {
  const { date, time } = wallClock(Date.parse(takenAt.at), takenAt.zone);
  return { line, number, taken: `${date} ${time}`, set: marksLine(set), light: sayLight(light) };
}

/** An import on its way. */
export class Job {
  readonly id = randomUUID();
  readonly name: string;
  state: ImportState = 'reading';
  lines = 0;
  counts: Partial<Record<RecordKind, { fresh: number; here: number }>> = {};
  names: string[] = [];
  faults: { line: number; why: string }[] = [];
  faultCount = 0;
  table: CsvTable | null = null;
  read: ReadRow[] = [];
  /** Frames of a CSV, in the order of their rows. */
  frameIds: string[] = [];
  untold: readonly string[] = [];
  /** What a CSV says of the development of its film, where nothing is noted yet. */
  development: { readonly loadId: string; readonly development: Development } | null = null;
  /** Whether the first line was read. */
  headed = false;
  /** Brings lines of an older version to the form of today. */
  upgrade: Upgrade = (value) => value;
  constructor(name: string) {
    this.name = name;
  }
  refuse(line: number, why: string): void {
    this.faultCount += 1;
    if (this.faults.length < TOLD) this.faults.push({ line, why });
  }
  /** Asked anew each time: another import may have taken its place. */
  isReading(): boolean {
    return this.state === 'reading';
  }
  /** Lines that are new. */
  fresh(): number {
    return Object.values(this.counts).reduce((sum, { fresh }) => sum + fresh, 0);
  }
  count(record: ArchiveRecord, as: 'fresh' | 'here'): void {
    const counts = (this.counts[record.kind] ??= { fresh: 0, here: 0 });
    counts[as] += 1;
    const name = as === 'fresh' && this.names.length < NAMED ? nameOf(record) : null;
    if (name !== null) this.names.push(name);
  }
  /** Keeps a record for the time when all goes in, or says what is wrong with it. */
  stage(stage: Pick<ReturnType<typeof staging>, 'add'>, line: number, record: ArchiveRecord): void {
    const staged = stage.add(line, record);
    if (staged.as === 'refused') this.refuse(line, staged.why);
    else this.count(record, staged.as);
  }
  settle(): void {
    if (this.state === 'reading') this.state = this.faultCount > 0 ? 'refused' : 'ready';
  }
  view(): ImportView {
    const { id, name, state, lines, counts, names, faults, faultCount, table } = this;
    const csv = table && {
      headers: table.headers,
      mapping: likelyMapping(table.headers),
      sample: table.rows.slice(0, 3).map((r) => r.cells),
      ...{ read: this.read, untold: this.untold },
      developed: this.development ? developmentLine(this.development.development) : ''
    };
    return { id, name, state, lines, counts, names, faults, faultCount, csv };
  }
}
