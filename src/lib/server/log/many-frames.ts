// Changes of many frames at once: all of them, or none.
import type { Database } from 'better-sqlite3';
import type { ManyEdit } from '#schema/log/many-frames.ts';
import { ABOUT_LIMITS } from '#schema/log/frame.ts';
import type { StoredFrame } from './frame-row.ts';
import type { Moment } from '#core/sky/moment.ts';
import { frameRepository } from './frames.ts';
import { logbook } from './logbook.ts';

/** Why nothing was changed: the frame at fault, and what is wrong with it. */
export type ManyRefusal =
  | { readonly reason: 'no-frame'; readonly id: string }
  /** Somebody else changed it since it was seen. */
  | { readonly reason: 'changed'; readonly number: number }
  | { readonly reason: 'many-tags'; readonly number: number }
  | { readonly reason: 'no-room'; readonly number: number };

/** What came of it. */
export type ManyOutcome =
  { readonly ok: true; readonly changed: number } | { readonly ok: false; readonly refusal: ManyRefusal };

class Refused extends Error {
  readonly refusal: ManyRefusal;
  constructor(refusal: ManyRefusal) {
    super(refusal.reason);
    this.refusal = refusal;
  }
}

/** Changes of many frames in a database. */
export function manyFrames(db: Database, now: () => Moment) {
  const frames = frameRepository(db);
  const book = logbook(db, now);

  function describe(frame: StoredFrame, { addTags, removeTags, subject }: ManyEdit): void {
    const tags = [...new Set([...frame.about.tags, ...addTags])].filter((t) => !removeTags.includes(t));
    if (tags.length > ABOUT_LIMITS.tags) throw new Refused({ reason: 'many-tags', number: frame.number });
    frames.change({ ...frame, about: { ...frame.about, tags, subject: subject ?? frame.about.subject } });
  }

  const change = db.transaction((edit: ManyEdit): number => {
    for (const [i, id] of edit.ids.entries()) {
      const frame = frames.find(id);
      if (!frame || (frame.deletedAt !== null) !== (edit.act === 'restore'))
        throw new Refused({ reason: 'no-frame', id });
      if (frame.revision !== edit.revisions[i])
        throw new Refused({ reason: 'changed', number: frame.number });
      switch (edit.act) {
        case 'describe':
          describe(frame, edit);
          break;
        case 'remove':
          book.remove(id);
          break;
        case 'restore':
          if (!book.restore(id).ok) throw new Refused({ reason: 'no-room', number: frame.number });
          break;
      }
    }
    return edit.ids.length;
  });

  return {
    /** Changes all the frames that are named, or says why none. */
    change: (edit: ManyEdit): ManyOutcome => {
      try {
        return { ok: true, changed: change.immediate(edit) };
      } catch (error) {
        if (error instanceof Refused) return { ok: false, refusal: error.refusal };
        throw error;
      }
    }
  };
}
