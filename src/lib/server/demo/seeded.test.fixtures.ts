// The demonstration kit in a database of its own, made once and copied: seeding it takes longer than most tests.
import Database from 'better-sqlite3';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from './seed.ts';

let made: Buffer | null = null;

/** A fresh copy of the demonstration's database, in memory. */
export function seededDatabase(): Database.Database {
  if (!made) {
    const db = openDatabase(':memory:');
    seedDemo(db);
    made = db.serialize();
  }
  const copy = new Database(made);
  copy.pragma('foreign_keys = ON');
  return copy;
}
