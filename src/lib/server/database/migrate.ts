// Brings a database to the program's version: numbered .sql files, each in one transaction with its number.
import type { Database } from 'better-sqlite3';

/** A migration file: its number and its text. */
export interface Migration {
  readonly version: number;
  readonly name: string;
  readonly sql: string;
}

/**
 * Sorts files named like 0001_kit.sql and checks that they count from 1 without gaps.
 * @throws {Error} saying how to name the file at fault
 */
export function orderMigrations(files: Readonly<Record<string, string>>): readonly Migration[] {
  const list = Object.entries(files).map(([path, sql]): Migration => {
    const name = path.split('/').at(-1) ?? path;
    const version = Number(/^(\d{4})_\w+\.sql$/.exec(name)?.[1] ?? NaN);
    if (Number.isNaN(version)) throw new Error(`${name}: name a migration like 0002_what_it_does.sql`);
    return { version, name, sql };
  });
  list.sort((a, b) => a.version - b.version);
  list.forEach((m, i) => {
    if (m.version !== i + 1)
      throw new Error(`${m.name}: the next migration must start with ${String(i + 1).padStart(4, '0')}_`);
  });
  return list;
}

/**
 * Applies what is missing under `user_version`.
 * @throws {Error} when the database was written by a newer version of the program; nothing is changed then
 */
export function migrate(db: Database, migrations: readonly Migration[]): void {
  const have = Number(db.pragma('user_version', { simple: true }));
  if (have > migrations.length) {
    throw new Error(
      `The database ${db.name} is of version ${have}, this program knows versions up to ${migrations.length}. ` +
        'Start a newer version of the program, or point JUST_ENOUGH_DATA at another folder.'
    );
  }
  for (const migration of migrations.slice(have)) {
    db.transaction(() => {
      db.exec(migration.sql);
      db.pragma(`user_version = ${migration.version}`);
    })();
  }
}
