// Judgements of frames and the history of each camera's bias. The only SQL about them.
import type { Database } from 'better-sqlite3';
import type { BiasChange } from '#core/learn/bias.ts';
import { GRADES, type Judgement, type JudgedOn } from '#core/learn/judgement.ts';
import { moment } from '#core/sky/moment.ts';
import { faultsFromJson, outcomeFromJson } from '#schema/log/judgement.ts';
import { remembered } from '#schema/reading/remembered.ts';

interface JudgementRow {
  readonly frame_id: string;
  readonly judged_on: JudgedOn;
  readonly outcome: string;
  readonly faults: string;
  readonly grade: string | null;
  readonly judged_at: string;
  readonly judged_zone: string;
  readonly revision: number;
}

interface BiasRow {
  readonly id: number;
  readonly changed_at: string;
  readonly changed_zone: string;
  readonly from_stops: number;
  readonly from_sd: number | null;
  readonly to_stops: number;
  readonly to_sd: number | null;
  readonly frames: number;
}

const outcomeOf = remembered(outcomeFromJson);
const faultsOf = remembered(faultsFromJson);
function fromRow(row: JudgementRow): Judgement {
  const grade = GRADES.find((g) => g === row.grade);
  return {
    frameId: row.frame_id,
    on: row.judged_on,
    outcome: outcomeOf(row.outcome),
    faults: faultsOf(row.faults),
    ...(grade === undefined ? {} : { grade }),
    judgedAt: moment(row.judged_at, row.judged_zone),
    revision: row.revision
  };
}

/** Judged frames of a camera that count: more of them tell no more, and a camera is what it is now. */
const LATEST_JUDGED = 500;
/** Judgements among which films that were judged as a whole are looked for. */
const LATE = 600;

const less = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** The judgements of a database. */
export function judgementRepository(db: Database) {
  const one = db.prepare<[string], JudgementRow>('select * from judgement where frame_id = ?');
  const states = db.prepare<
    [string],
    {
      readonly frameId: string;
      readonly cameraRevision: number;
      readonly judgedAt: string;
      readonly state: string;
    }
  >(
    `select frame.id as frameId, frame.camera_revision as cameraRevision,
       judgement.judged_at as judgedAt, frame.revision || ' ' || load.revision || ' ' || judgement.revision || ' ' || judged_at || judged_on
         || outcome || judgement.faults as state
     from load join frame on frame.load_id = load.id and frame.deleted_at is null
     join judgement on judgement.frame_id = frame.id
     where load.camera_id = ? order by load.loaded_at desc, frame.number desc limit ${LATEST_JUDGED}`
  );
  const ofFrames = db.prepare<[string], JudgementRow>(
    'select * from judgement where frame_id in (select value from json_each(?))'
  );
  // a film on which one frame was passed over may have others whose blur nobody marked
  const ofWhole = db.prepare<[number], { readonly id: string }>(
    `with late as (select frame_id, judged_at from judgement order by judged_at desc, frame_id limit ${LATE})
     select frame.id as id from late join frame on frame.id = late.frame_id and frame.deleted_at is null
     where not exists (select 1 from frame other left join judgement j on j.frame_id = other.id
       where other.load_id = frame.load_id and other.deleted_at is null and j.frame_id is null)
     order by late.judged_at desc, frame.id limit ?`
  );
  const put = db.prepare<[Record<string, unknown>]>(
    `insert into judgement (frame_id, judged_on, outcome, faults, grade, judged_at, judged_zone, revision)
     values (:frameId, :on, :outcome, :faults, :grade, :at, :zone, :revision)
     on conflict (frame_id) do update set judged_on = excluded.judged_on, outcome = excluded.outcome,
       faults = excluded.faults, grade = excluded.grade, judged_at = excluded.judged_at, judged_zone = excluded.judged_zone,
       revision = judgement.revision + 1`
  );
  const drop = db.prepare<[string]>('delete from judgement where frame_id = ?');
  const history = db.prepare<[string], BiasRow>(
    'select * from bias_change where camera_id = ? order by id desc'
  );
  const note = db.prepare<[Record<string, unknown>]>(
    `insert into bias_change (camera_id, changed_at, changed_zone, from_stops, from_sd, to_stops, to_sd, frames)
     values (:cameraId, :at, :zone, :fromStops, :fromSd, :toStops, :toSd, :frames)`
  );
  return {
    find: (frameId: string): Judgement | null => {
      const row = one.get(frameId);
      return row ? fromRow(row) : null;
    },
    /**
     * The judged frames of a camera's latest films that are not in the trash, as far as they count, the oldest judgement first, with
     * a text that changes when one of them, its judgement or its film does.
     */
    statesOf: (cameraId: string) =>
      states
        .all(cameraId)
        .sort((a, b) =>
          a.judgedAt === b.judgedAt ? less(a.frameId, b.frameId) : less(a.judgedAt, b.judgedAt)
        ),
    /** The frames judged last, of films on which every frame was judged. */
    ofWholeFilms: (most: number): readonly string[] => ofWhole.all(most).map((r) => r.id),
    ofFrames: (ids: readonly string[]): readonly Judgement[] =>
      ofFrames.all(JSON.stringify(ids)).map(fromRow),
    /** Stores a judgement, or one in its place under the next revision. */
    put: ({ frameId, on, outcome, faults, grade, judgedAt, revision }: Judgement): void => {
      const texts = { outcome: JSON.stringify(outcome), faults: JSON.stringify(faults) };
      put.run({ frameId, on, ...texts, grade: grade ?? null, ...judgedAt, revision });
    },
    /** @returns false when the frame was not judged */
    drop: (frameId: string): boolean => drop.run(frameId).changes > 0,
    /** How a camera's bias was changed, the latest first. */
    history: (cameraId: string): readonly BiasChange[] =>
      history.all(cameraId).map((r) => ({
        ...{ id: r.id, changedAt: moment(r.changed_at, r.changed_zone) },
        ...{ fromStops: r.from_stops, fromSd: r.from_sd },
        ...{ toStops: r.to_stops, toSd: r.to_sd, frames: r.frames }
      })),
    note: (cameraId: string, { changedAt, ...change }: Omit<BiasChange, 'id'>): void => {
      note.run({ cameraId, ...change, ...changedAt });
    }
  };
}

/** @see judgementRepository */
export type Judgements = ReturnType<typeof judgementRepository>;
