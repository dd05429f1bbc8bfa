// Opens the database: foreign keys on, write-ahead log, on the disk before it is called done, 5 s busy timeout, migrated.
import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import Database from 'better-sqlite3';
import { migrate, orderMigrations, type MigrationModule } from './migrate.ts';
import { noticeRepository } from './notices.ts';

const sqlFiles = import.meta.glob<string>('./migrations/*.sql', {
  query: '?raw',
  import: 'default',
  eager: true
});
const modules = import.meta.glob<MigrationModule>('./migrations/*.ts', { eager: true });

/** Every migration of this program, in order. */
export const MIGRATIONS = orderMigrations({ ...sqlFiles, ...modules });

/**
 * Opens and migrates a database, making its folder if there is none. What could not be carried over waits as notices.
 * @param path a file, or ':memory:' @param isThere whether only a file that is there is opened, and none made
 * @throws {Error} when the folder cannot be written, the database is of a newer version, or it is not there and has to be
 */
export function openDatabase(path: string, isThere = false): Database.Database {
  if (path !== ':memory:') mkdirSync(dirname(path), { recursive: true });
  const db = new Database(path, { timeout: 5000, fileMustExist: isThere });
  try {
    db.pragma('journal_mode = WAL');
    // the driver's own NORMAL may lose the last frames when the power fails; this costs a few milliseconds for each
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    const told = migrate(db, MIGRATIONS);
    if (told.length > 0) noticeRepository(db).add(told.join(' '));
  } catch (error) {
    db.close();
    throw error;
  }
  return db;
}

/**
 * Opens a database for work beside the server. What is written here was worked out from what is kept, and is worked out again when the
 * power fails: it does not wait for the disk. Where the file was moved away meanwhile, no empty one is put in its place.
 * @throws {Error} as `openDatabase`
 */
export function openBeside(path: string): Database.Database {
  const db = openDatabase(path, true);
  db.pragma('synchronous = NORMAL');
  // an import that goes in holds the database for some seconds
  db.pragma('busy_timeout = 60000');
  return db;
}
