// One server for each database: it holds a lock for as long as it lives, which the system lets go of however it ends. A second one is
// told who holds it. SQLite's own locks keep two writers apart, not two servers that each believe they know what is staged and signed in.
import Database from 'better-sqlite3';

/** A lock that is held. */
export interface Held {
  readonly release: () => void;
}

/** Locks of this process: a module that is loaded anew while developing finds its own. */
const own = new Map<string, Held>();

const isBusy = (error: unknown): boolean =>
  error instanceof Database.SqliteError && error.code.startsWith('SQLITE_BUSY');

/**
 * Takes the lock of a database.
 * @param path its file @param who what a second server is told: process and address
 * @throws {Error} naming the file and who has it
 */
export function holdLock(path: string, who: string): Held {
  const known = own.get(path);
  if (known) return known;
  const db = new Database(`${path}.lock`, { timeout: 0 });
  try {
    db.pragma('journal_mode = DELETE');
    db.exec('create table if not exists holder (who text not null) strict');
    db.transaction(() => {
      db.exec('delete from holder');
      db.prepare('insert into holder (who) values (?)').run(who);
    }).immediate();
    // nobody else may write into it from now on; reading who it is stays free
    db.exec('begin immediate');
  } catch (error) {
    const holder = isBusy(error) ? holderOf(db) : null;
    db.close();
    if (holder === null) throw error;
    throw new Error(
      `The database ${path} is in use by another server of this program (${holder}). Stop that one first, or give another folder: JUST_ENOUGH_DATA=/some/folder`,
      { cause: error }
    );
  }
  const held: Held = {
    release: () => {
      own.delete(path);
      db.close();
    }
  };
  own.set(path, held);
  return held;
}

function holderOf(db: Database.Database): string {
  try {
    return db.prepare<[], { readonly who: string }>('select who from holder').get()?.who ?? 'just starting';
  } catch (error) {
    if (isBusy(error)) return 'just starting';
    throw error;
  }
}
