// What a database holds, in counts and by name: to be compared before a copy is brought back. The only SQL about it.
import type { Database } from 'better-sqlite3';

/** What is counted, with the words for it. */
const COUNTED = {
  cameras: 'select count(*) as n from camera where retired_at is null',
  films: 'select count(*) as n from film where deleted_at is null',
  loads: 'select count(*) as n from load',
  frames: 'select count(*) as n from frame where deleted_at is null',
  judgements: 'select count(*) as n from judgement',
  scans: 'select count(*) as n from scan where deleted_at is null'
} as const;
/** @see COUNTED */
export type Counted = keyof typeof COUNTED;
const COUNTS = Object.keys(COUNTED) as Counted[];
/** Frames told by name. */
const MOST = 30;

/** What is in a database. */
export interface Contents {
  readonly counts: Readonly<Record<Counted, number>>;
  /** Frames by id, as "3 on Tidewater 125, subject"; with a mark that changes with every edit. */
  readonly frames: ReadonlyMap<string, { readonly words: string; readonly revision: number }>;
}

/** What would be different with a copy. */
export interface Difference {
  readonly now: Readonly<Record<Counted, number>>;
  readonly then: Readonly<Record<Counted, number>>;
  /** Frames that would go, come back, and be as they were; the first of each by name, and how many. */
  readonly gone: { readonly count: number; readonly first: readonly string[] };
  readonly back: { readonly count: number; readonly first: readonly string[] };
  readonly changed: { readonly count: number; readonly first: readonly string[] };
}

/** Looks into a database. */
export function contentsOf(db: Database): Contents {
  const counts = Object.fromEntries(
    COUNTS.map((name) => [name, db.prepare<[], { readonly n: number }>(COUNTED[name]).get()?.n ?? 0])
  ) as Record<Counted, number>;
  const rows = db.prepare<
    [],
    {
      readonly id: string;
      readonly number: number;
      readonly film: string | null;
      readonly what: string;
      readonly revision: number;
    }
  >(
    `select frame.id, frame.number, frame.note as what, frame.revision,
       (select json_extract(definition, '$.name') from film_revision where film_revision.film_id = load.film_id order by revision desc limit 1) as film
     from frame join load on load.id = frame.load_id where frame.deleted_at is null`
  );
  const frames = new Map<string, { readonly words: string; readonly revision: number }>();
  for (const { id, number, film, what, revision } of rows.iterate()) {
    const note = what === '' ? '' : `, ${what.slice(0, 60)}`;
    frames.set(id, { words: `${number} on ${film ?? 'a film'}${note}`, revision });
  }
  return { counts, frames };
}

/** Compares. @param now as it is @param then as it would be */
export function differenceOf(now: Contents, then: Contents): Difference {
  const told = (all: readonly string[]) => ({ count: all.length, first: all.slice(0, MOST) });
  const only = (a: Contents, b: Contents): readonly string[] =>
    [...a.frames].flatMap(([id, { words }]) => (b.frames.has(id) ? [] : [words]));
  const changed = [...then.frames].flatMap(([id, { words, revision }]) => {
    const here = now.frames.get(id);
    return here && here.revision !== revision ? [words] : [];
  });
  return {
    ...{ now: now.counts, then: then.counts },
    ...{ gone: told(only(now, then)), back: told(only(then, now)), changed: told(changed) }
  };
}
