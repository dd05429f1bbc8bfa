// Takes in what is staged, over a connection of its own.
import { openDatabase } from '../database/open.ts';
import { staging } from './staging.ts';

/** Everything goes in, or nothing. @returns what stands against it by now; nothing = it is in @throws {Error} when something does not fit after all */
export function takeStaged(database: string, fresh: number): readonly string[] {
  const db = openDatabase(database);
  try {
    return staging(db).take(fresh);
  } finally {
    db.close();
  }
}
