// What the person is told once, on the first page after: what a new version could not carry over.
import type { Database } from 'better-sqlite3';

/** A notice that waits. */
export interface Notice {
  readonly id: number;
  readonly words: string;
}

/** The notices of a database. */
export function noticeRepository(db: Database) {
  const insert = db.prepare<[string]>('insert into notice (words) values (?)');
  const waiting = db.prepare<[], Notice>('select id, words from notice where read = 0 order by id');
  const read = db.prepare<[number]>('update notice set read = 1 where id = ?');
  return {
    add: (words: string): void => {
      insert.run(words);
    },
    /** Those that nobody has read yet, the oldest first. */
    waiting: (): readonly Notice[] => waiting.all(),
    /** @returns false when there is no such notice */
    read: (id: number): boolean => read.run(id).changes > 0
  };
}
