// One import: where it is, what it would bring and what was found wrong with it, as it is shown.
import { randomUUID } from 'node:crypto';
import { developmentLine } from '#core/log/development.ts';
import { likelyMapping, type CsvMapping } from './formats/csv/csv.ts';
import { NOTHING_FOUND, type Counts, type Found, type ReadRow } from './findings.ts';

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
  readonly counts: Counts;
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

/** An import on its way. */
export class Job {
  readonly id = randomUUID();
  readonly name: string;
  state: ImportState = 'reading';
  found: Found = NOTHING_FOUND;
  /** Breaks its reading off. */
  readonly broken = new AbortController();
  constructor(name: string) {
    this.name = name;
  }
  /** Takes what was found. @param columns of a table, which are known from its first reading on */
  hear(found: Found, columns: Found['columns'] = found.columns): void {
    this.found = { ...found, columns };
    if (found.faultCount > 0) this.state = 'refused';
    else this.state = columns && !found.rows ? 'mapping' : 'ready';
  }
  /** Something stands against it. */
  refuse(faults: Found['faults']): void {
    const { found } = this;
    this.found = {
      ...{ ...found, faults: [...found.faults, ...faults] },
      faultCount: found.faultCount + faults.length
    };
    this.state = 'refused';
  }
  /** Nobody waits for it any more. */
  cancel(): void {
    this.state = 'cancelled';
    this.broken.abort();
  }
  /** Lines that are new. */
  fresh(): number {
    return Object.values(this.found.counts).reduce((sum, { fresh }) => sum + fresh, 0);
  }
  view(): ImportView {
    const { id, name, state, found } = this;
    const { lines, counts, names, faults, faultCount, columns, rows } = found;
    const csv = columns && {
      headers: columns.headers,
      mapping: likelyMapping(columns.headers),
      sample: columns.rows.map((r) => r.cells),
      ...{ read: rows?.read ?? [], untold: rows?.untold ?? [] },
      developed: rows?.development ? developmentLine(rows.development.development) : ''
    };
    return { id, name, state, lines, counts, names, faults, faultCount, csv };
  }
}
