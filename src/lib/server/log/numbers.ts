// Keepers, what they cost, what went wrong and why, over all judged frames. The only SQL about such sums.
// A keeper is a frame judged right, or within a stop of it, without a fault.
import type { Database } from 'better-sqlite3';
import type { Cause } from '#core/learn/causes.ts';
import { isKeeper } from '#core/learn/outcome-side.ts';
import { faultsFromJson, outcomeFromJson } from '#schema/log/judgement.ts';
import { remembered } from '#schema/reading/remembered.ts';

const outcomeOf = remembered(outcomeFromJson);
const faultsOf = remembered(faultsFromJson);
const KEEPER = 'is_keeper(outcome, judgement.faults)';
const JUDGED = `judgement join frame on frame.id = judgement.frame_id and frame.deleted_at is null
  join load on load.id = frame.load_id`;

/** Sums of one camera with one film. */
export interface PairSums {
  readonly cameraName: string;
  readonly filmName: string;
  readonly judged: number;
  readonly keepers: number;
  /** What a keeper cost, in the person's currency; null = the film has no price, or nothing was kept. */
  readonly costPerKeeper: number | null;
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

/** Everything of the page. */
export interface Numbers {
  readonly pairs: readonly PairSums[];
  readonly months: readonly MonthSums[];
  readonly faults: readonly Counted<string>[];
  readonly causes: readonly Counted<Cause['cause']>[];
}

interface PairRow {
  readonly camera_id: string;
  readonly film_id: string;
  readonly judged: number;
  readonly keepers: number;
  /** Share of a film that the judged frames are, summed over films. */
  readonly films: number;
}

/** Sums over a database. */
export function numbersOf(db: Database) {
  // the core's own rule, for SQL to count by
  db.function('is_keeper', { deterministic: true }, (outcome, faults) =>
    isKeeper(outcomeOf(String(outcome)), faultsOf(String(faults))) ? 1 : 0
  );
  const pairs = db.prepare<[], PairRow>(
    `select load.camera_id, load.film_id, count(*) as judged, sum(${KEEPER}) as keepers,
       sum(1.0 / load.frames_total) as films
     from ${JUDGED} group by load.camera_id, load.film_id order by keepers desc, judged desc`
  );
  const months = db.prepare<[], MonthSums>(
    `select substr(frame.taken_day, 1, 7) as month, count(*) as judged, sum(${KEEPER}) as keepers
     from ${JUDGED} group by month order by month`
  );
  const faults = db.prepare<[], Counted<string>>(
    `select fault.value as what, count(*) as frames from ${JUDGED}, json_each(judgement.faults) as fault
     group by what order by frames desc, what`
  );
  const sides = db.prepare<[], Counted<string>>(
    `select verdict as what, count(*) as frames from ${JUDGED} where verdict <> 'right' group by what order by what`
  );
  const wrong = db.prepare<[number], { readonly frame_id: string }>(
    `select judgement.frame_id from ${JUDGED} where verdict <> 'right' or judgement.faults <> '[]'
     order by judged_at desc, judgement.frame_id limit ?`
  );
  return {
    pairs: () => pairs.all(),
    months: () => months.all(),
    faults: () => [...sides.all(), ...faults.all()],
    /** Frames that went wrong, the latest judged first. */
    wrong: (count: number) => wrong.all(count).map((row) => row.frame_id)
  };
}
