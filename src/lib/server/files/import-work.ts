// The long work of an import, over a connection and in a folder of its own: reading and checking a file, checking the rows of a table
// once its columns are said, taking in what was staged. Done beside the server where that can be.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Database } from 'better-sqlite3';
import { openDatabase } from '../database/open.ts';
import { explainSqlite } from '../database/sqlite-words.ts';
import { explainDisk } from './disk-words.ts';
import { Findings, type Found } from './findings.ts';
import type { CsvMapping } from './formats/csv/csv.ts';
import type { CsvTarget } from './formats/csv/csv-rows.ts';
import { readTable } from './formats/csv/read.ts';
import { stageRows } from './formats/csv/stage-rows.ts';
import { formatOf } from './formats/formats.ts';
import { headOf } from './formats/text-file.ts';
import { staging } from './staging.ts';

/** What is to be done with the file in an import's folder. */
export type ImportWork = { readonly folder: string } & (
  | { readonly does: 'read' }
  | { readonly does: 'map'; readonly mapping: CsvMapping; readonly target: CsvTarget }
  /** `fresh`: lines that were staged and are new. */
  | { readonly does: 'take'; readonly fresh: number }
);
/** What came of it: what was found, or what stands against taking it. */
export type ImportDone = Found | readonly string[];

/** Says how many lines were read so far. @returns false when nobody waits any more */
export type Tell = (lines: number) => boolean;

/** The file of an import, as it came in. @param folder of the import */
export const fileOf = (folder: string): string => join(folder, 'file');
/** Where the files of its scans lie. @param folder of the import */
export const unpackedOf = (folder: string): string => join(folder, 'unpacked');
const stagedOf = (folder: string): string => join(folder, 'staged.sqlite');

/** Reads a file and stages what it holds. What is wrong with it is in what was found. */
export async function readFileOf(db: Database, folder: string, tell: Tell): Promise<Found> {
  const findings = new Findings(staging(db, stagedOf(folder)));
  try {
    const [path, unpacked] = [fileOf(folder), unpackedOf(folder)];
    mkdirSync(unpacked, { recursive: true });
    const head = await headOf(path);
    const format = formatOf(head);
    if (head.length === 0) findings.refuse(1, 'The file is empty.');
    else if (!format)
      findings.refuse(1, 'The file is no text. A CSV is read as UTF-8, UTF-16 or Windows-1252.');
    else await format.read({ path, folder: unpacked, findings, tell });
  } catch (error) {
    const line = findings.lines + 1;
    if (error instanceof TypeError) findings.refuse(line, 'This is no UTF-8. Save the file as UTF-8.');
    else {
      const told = explainSqlite(error, db.name) ?? explainDisk(error, folder);
      findings.refuse(line, told ?? (error instanceof Error ? `${error.message}.` : 'not readable'));
    }
  }
  return findings.found();
}

/** Checks the rows of a table as frames of a film, and stages them anew. */
export async function mapRows(
  db: Database,
  folder: string,
  mapping: CsvMapping,
  target: CsvTarget
): Promise<Found> {
  const stage = staging(db, stagedOf(folder));
  stage.clear();
  const findings = new Findings(stage);
  const table = await readTable(fileOf(folder));
  findings.lines = table.rows.length + 1;
  stageRows(findings, table, mapping, target);
  return findings.found();
}

/** Everything that was staged goes in, or nothing. @returns what stands against it by now; nothing = it is in @throws {Error} when something does not fit after all */
export function takeIn(db: Database, folder: string, fresh: number): readonly string[] {
  return staging(db, stagedOf(folder)).take(fresh);
}

/** Does it over a connection of its own. @param database its file @throws {Error} when it cannot be done: nothing is changed then */
export async function doImportWork(database: string, work: ImportWork, tell: Tell): Promise<ImportDone> {
  const db = openDatabase(database, true);
  // what it reads is seldom read again: the server beside it has pages of its own in memory
  db.pragma('cache_size = -4000');
  try {
    return await doImportWorkWith(db, work, tell);
  } finally {
    db.close();
  }
}

/** Does it over an open connection. @see doImportWork */
export async function doImportWorkWith(db: Database, work: ImportWork, tell: Tell): Promise<ImportDone> {
  switch (work.does) {
    case 'read':
      return readFileOf(db, work.folder, tell);
    case 'map':
      return mapRows(db, work.folder, work.mapping, work.target);
    case 'take':
      return takeIn(db, work.folder, work.fresh);
  }
}
