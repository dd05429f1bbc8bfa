// Looks whether a database file is sound before anything is written into it.
import { existsSync, statSync } from 'node:fs';
import Database from 'better-sqlite3';
import { MIGRATIONS, openDatabase } from './open.ts';

/** What is wrong with a database file. */
export interface Damage {
  readonly path: string;
  /** In SQLite's words. */
  readonly why: string;
  /** Whether what is in it can still be looked at. */
  readonly readable: boolean;
}

/** A file of so many bytes is looked through in a moment; a larger one only after a stop that was none. */
const QUICK_BYTES = 64_000_000;

const said = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Whether there is reason, and time, to look through all of it. */
function isLookedThrough(path: string): boolean {
  const wal = statSync(`${path}-wal`, { throwIfNoEntry: false });
  return (wal?.size ?? 0) > 0 || statSync(path).size <= QUICK_BYTES;
}

/** Whether its tables are this version's, and can be read. */
function isReadable(db: Database.Database): boolean {
  try {
    db.prepare('select count(*) from frame').get();
    db.prepare('select count(*) from setting').get();
    return db.pragma('user_version', { simple: true }) === MIGRATIONS.length;
  } catch {
    return false;
  }
}

/** What is wrong with a file; null = nothing, or there is none yet. */
export function damageOf(path: string): Damage | null {
  if (path === ':memory:' || !existsSync(path)) return null;
  let db: Database.Database | null = null;
  try {
    db = new Database(path, { readonly: true, timeout: 5000 });
    const why = isLookedThrough(path) ? db.pragma('quick_check(1)', { simple: true }) : 'ok';
    // whatever it is, it can be asked for its tables
    db.prepare('select count(*) from sqlite_schema').get();
    // without the line that only names the database
    const words = String(why).replace(/^\*\*\*.*\*\*\*\s*/, '');
    return why === 'ok' ? null : { path, why: words, readable: isReadable(db) };
  } catch (error) {
    if (!isDamage(error)) throw error;
    return { path, why: said(error), readable: false };
  } finally {
    db?.close();
  }
}

/** Whether an error says that a file is damaged, or none of SQLite's. */
export function isDamage(error: unknown): boolean {
  return error instanceof Database.SqliteError && /^SQLITE_(CORRUPT|NOTADB)/.test(error.code);
}

/** Opens what can be looked at, for looking only; an empty one in memory where nothing can be. */
export function openForLooking({ path, readable }: Damage): Database.Database {
  return readable ? new Database(path, { readonly: true, timeout: 5000 }) : openDatabase(':memory:');
}
