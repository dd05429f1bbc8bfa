// Whether the file that was opened is still the one of its name: what is written into one that was moved away or replaced is lost to
// whoever starts the server next.
import { existsSync, statSync } from 'node:fs';
import type { Database } from 'better-sqlite3';

const inodeOf = (path: string): number | null => statSync(path, { throwIfNoEntry: false })?.ino ?? null;

/** Watches the file of an open database. @returns the trouble in words, null = the file is there */
export function presenceOf(db: Database): () => string | null {
  if (db.memory) return () => null;
  const path = db.name;
  const opened = inodeOf(path);
  let rescued: string | null = null;
  return () => {
    const now = inodeOf(path);
    if (now === opened) return null;
    if (rescued === null) {
      const beside = `${path}.rescued-${Date.now()}`;
      // what was stored until now is still held by this process alone
      if (!existsSync(beside)) db.prepare('vacuum into ?').run(beside);
      rescued = beside;
    }
    return `The file ${path} was ${now === null ? 'moved or removed' : 'replaced'} while the server was running. Nothing more is stored. All that it held is in ${rescued} now: stop the server, put the file you want in its place, and start again.`;
  };
}
