// What the judged frames of each film come to, kept until something of the film changes. The only SQL about such sums.
import type { Database } from 'better-sqlite3';
import type { Cause } from '#core/learn/causes.ts';

/** A sum of a film. `what` is a month (YYYY-MM, by the clocks of each frame), a side, a fault or a cause. */
export interface FilmSum {
  readonly kind: 'month' | 'side' | 'fault' | 'cause';
  readonly what: string;
  readonly frames: number;
  /** How many of them are keepers. */
  readonly keepers: number;
}

/** Sums of one camera with one film. */
export interface PairRow {
  readonly cameraId: string;
  readonly filmId: string;
  readonly judged: number;
  readonly keepers: number;
  /** Share of a film that the judged frames are, summed over films. */
  readonly films: number;
}

/** Sums of one month. */
export interface MonthSums {
  /** YYYY-MM, by the clocks of each frame. */
  readonly month: string;
  readonly judged: number;
  readonly keepers: number;
}

/** How often something was. */
export interface Counted<T extends string> {
  readonly what: T;
  readonly frames: number;
}

/** The kept sums of a database. */
export function filmSums(db: Database) {
  const stale = db
    .prepare<[number], string>(
      'select id from load where not exists (select 1 from film_summed where load_id = load.id) limit ?'
    )
    .pluck();
  const drop = db.prepare<[string]>('delete from film_sum where load_id = ?');
  const put = db.prepare<[Record<string, unknown>]>(
    `insert into film_sum (load_id, kind, what, frames, keepers) values (:loadId, :kind, :what, :frames, :keepers)`
  );
  const mark = db.prepare<[string]>(
    'insert into film_summed (load_id) values (?) on conflict (load_id) do nothing'
  );
  const pairs = db.prepare<[], PairRow>(
    `select camera_id as cameraId, film_id as filmId, sum(frames) as judged, sum(keepers) as keepers,
       sum(frames * 1.0 / frames_total) as films
     from film_sum join load on load.id = load_id where kind = 'month'
     group by camera_id, film_id order by keepers desc, judged desc`
  );
  const months = db.prepare<[], MonthSums>(
    `select what as month, sum(frames) as judged, sum(keepers) as keepers
     from film_sum where kind = 'month' group by what order by what`
  );
  const counted = db.prepare<[FilmSum['kind']], Counted<string>>(
    'select what, sum(frames) as frames from film_sum where kind = ? group by what order by frames desc, what'
  );
  const causes = db.prepare<[], Counted<Cause['cause']>>(
    `select what, sum(frames) as frames from film_sum where kind = 'cause' group by what order by frames desc, what`
  );
  return {
    /** Films whose sums are not kept; a database that is only looked at keeps what it has. @param most of them */
    stale: (most: number): readonly string[] => (db.readonly ? [] : stale.all(most)),
    /** Keeps the sums of a film. */
    put: (loadId: string, sums: readonly FilmSum[]): void => {
      drop.run(loadId);
      for (const sum of sums) put.run({ loadId, ...sum });
      mark.run(loadId);
    },
    pairs: (): readonly PairRow[] => pairs.all(),
    months: (): readonly MonthSums[] => months.all(),
    /** Too dark and too light first, then what was marked. */
    faults: (): readonly Counted<string>[] => [
      ...[...counted.all('side')].sort((a, b) => (a.what < b.what ? -1 : 1)),
      ...counted.all('fault')
    ],
    causes: (): readonly Counted<Cause['cause']>[] => causes.all()
  };
}
