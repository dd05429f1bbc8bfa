// Damages database files as disks and other programs do.
import { openSync, writeSync } from 'node:fs';
import Database from 'better-sqlite3';

/** Folds what was written last into the file: from there it would heal what is damaged. */
export function fold(path: string): void {
  const db = new Database(path);
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.close();
}

/** Overwrites the first page of a table. */
export function damageTable(path: string, table: string): void {
  const db = new Database(path, { readonly: true });
  const size = Number(db.pragma('page_size', { simple: true }));
  const row = db
    .prepare<[string], { readonly rootpage: number }>('select rootpage from sqlite_schema where name = ?')
    .get(table);
  db.close();
  if (!row) throw new Error(`There is no table ${table}.`);
  writeSync(openSync(path, 'r+'), Buffer.alloc(size, 0x5a), 0, size, (row.rootpage - 1) * size);
}

/** Overwrites the head of the file. */
export function damageHead(path: string): void {
  writeSync(openSync(path, 'r+'), Buffer.from('This is a letter'), 0, 16, 0);
}
