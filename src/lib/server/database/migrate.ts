// Brings a database to the program's version: numbered files, each in one transaction with its number. A file is SQL, or a
// module where rows must be looked at. Any table may be rebuilt: foreign keys are off meanwhile and checked before the
// transaction ends (sqlite.org, ALTER TABLE, "Making Other Kinds Of Table Schema Changes"). A copy is put beside it first.
import { existsSync } from 'node:fs';
import type { Database } from 'better-sqlite3';

/** A migration: its number, its name and what it does. */
export interface Migration {
  readonly version: number;
  readonly name: string;
  /** @returns what could not be carried over, in sentences for the person */
  readonly up: (db: Database) => readonly string[];
}

/** What a migration module exports. */
export type MigrationModule = Pick<Migration, 'up'>;

/**
 * Sorts files named like 0001_kit.sql or 0002_log.ts and checks that they count from 1 without gaps.
 * @throws {Error} saying how to name the file at fault
 */
export function orderMigrations(
  files: Readonly<Record<string, string | MigrationModule>>
): readonly Migration[] {
  const list = Object.entries(files).map(([path, file]): Migration => {
    const name = path.split('/').at(-1) ?? path;
    const version = Number(/^(\d{4})_\w+\.(sql|ts)$/.exec(name)?.[1] ?? NaN);
    if (Number.isNaN(version)) throw new Error(`${name}: name a migration like 0002_what_it_does.sql`);
    if (typeof file !== 'string') return { version, name, up: file.up };
    return {
      version,
      name,
      up: (db) => {
        db.exec(file);
        return [];
      }
    };
  });
  list.sort((a, b) => a.version - b.version);
  list.forEach((m, i) => {
    if (m.version !== i + 1)
      throw new Error(`${m.name}: the next migration must start with ${String(i + 1).padStart(4, '0')}_`);
  });
  return list;
}

/** Puts a copy beside the database, named by its version; one that is there already is left. @returns its name, null = in memory */
function copyBeside(db: Database, version: number): string | null {
  if (db.memory) return null;
  const path = `${db.name}.version-${version}`;
  if (!existsSync(path)) db.prepare('vacuum into ?').run(path);
  return path;
}

/**
 * Applies what is missing under `user_version`.
 * @returns what the person should be told, in sentences; [] when the database was new or up to date
 * @throws {Error} when the database was written by a newer version of the program, or a row would name what is not there; nothing is changed then
 */
export function migrate(db: Database, migrations: readonly Migration[]): readonly string[] {
  const have = Number(db.pragma('user_version', { simple: true }));
  if (have > migrations.length) {
    throw new Error(
      `The database ${db.name} is of version ${have}, this program knows versions up to ${migrations.length}. ` +
        'Start a newer version of the program, or point JUST_ENOUGH_DATA at another folder.'
    );
  }
  const missing = migrations.slice(have);
  if (missing.length === 0) return [];
  const copy = have === 0 ? null : copyBeside(db, have);
  const told: string[] = [];
  db.pragma('foreign_keys = OFF');
  // renaming a table aside leaves what names it alone: the one that takes its place is meant
  db.pragma('legacy_alter_table = ON');
  try {
    for (const migration of missing) {
      db.transaction(() => {
        told.push(...migration.up(db));
        const [fault] = db.pragma('foreign_key_check') as readonly { readonly table: string }[];
        if (fault)
          throw new Error(`${migration.name}: a row of ${fault.table} would name what is not there.`);
        db.pragma(`user_version = ${migration.version}`);
      })();
    }
  } finally {
    db.pragma('legacy_alter_table = OFF');
    db.pragma('foreign_keys = ON');
  }
  if (have === 0) return [];
  return told.length > 0 && copy !== null
    ? [...told, `The database as it was before is kept beside it: ${copy}.`]
    : told;
}
