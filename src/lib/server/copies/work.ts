// The long work on copies: making one, looking through it, comparing it. Done beside the server, over connections of its own.
import { copyFileSync, readdirSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { openDatabase } from '../database/open.ts';
import { contentsOf, differenceOf, type Difference } from './contents.ts';

/** What is to be done. */
export type CopyWork =
  /** Copies a database, looks through the copy, and leaves it as `to`. */
  | { readonly does: 'make'; readonly from: string; readonly to: string }
  /** Says what would be different with a copy; `aside` is a name for one that is brought to this version's form first. */
  | { readonly does: 'compare'; readonly from: string; readonly copy: string; readonly aside: string };

/** What came of it: a difference where one was asked for. */
export type CopyDone = Difference | null;

/** Opens a copy and looks through all of it. @throws {Error} when it is damaged */
export function checkCopy(path: string): void {
  const db = new Database(path, { readonly: true, fileMustExist: true });
  try {
    const said = db.pragma('quick_check(1)', { simple: true });
    if (said !== 'ok') throw new Error(`The copy ${path} is damaged: ${String(said)}`);
  } finally {
    db.close();
  }
}

/** By SQLite's online backup: all that is left in one step, as a write in between would have it begin anew. */
async function make(from: string, to: string): Promise<void> {
  const db = new Database(from, { readonly: true, fileMustExist: true, timeout: 5000 });
  try {
    await db.backup(to, { progress: ({ remainingPages }) => Math.max(1, remainingPages) });
  } finally {
    db.close();
  }
  checkCopy(to);
}

function compare(from: string, copy: string, aside: string): Difference {
  try {
    copyFileSync(copy, aside);
    checkCopy(aside);
    const then = openDatabase(aside);
    const now = new Database(from, { readonly: true, fileMustExist: true, timeout: 5000 });
    try {
      return differenceOf(contentsOf(now), contentsOf(then));
    } finally {
      now.close();
      then.close();
    }
  } finally {
    // one that was migrated has a copy of itself beside it
    for (const name of readdirSync(dirname(aside)))
      if (name.startsWith(basename(aside))) rmSync(join(dirname(aside), name), { force: true });
  }
}

/** Does it. @throws {Error} when the disk is full, or a copy is damaged */
export async function doCopyWork(work: CopyWork): Promise<CopyDone> {
  if (work.does === 'compare') return compare(work.from, work.copy, work.aside);
  await make(work.from, work.to);
  return null;
}
