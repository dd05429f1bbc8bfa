// What was noted keeps its meaning: revisions of cameras and films, the marks of each frame with the values they had, times
// with their zones, a revision number on whatever two people may change. Written against the tables as they were then: nothing
// here uses the program of today.
import type { Database } from 'better-sqlite3';
import { marksOfChoice, type OldControl } from './0015/marks.ts';
import { Times } from './0015/times.ts';
import { TABLES } from './0015/tables.ts';

interface OldCamera {
  readonly id: string;
  readonly name: string;
  readonly focal_mm: number;
  readonly condition: string;
  readonly hand_held_seconds: number | null;
  readonly formats: string;
  readonly controls: string;
  readonly program: string;
  readonly bias_stops: number;
  readonly traits: string;
  readonly revision: number;
  readonly created_at: string;
}
interface OldBias {
  readonly camera_id: string;
  readonly changed_at: string;
  readonly from_stops: number;
  readonly from_sd: number | null;
}
interface OldFrame {
  readonly id: string;
  readonly camera_id: string;
  readonly logged_at: string;
  readonly loaded_at: string;
  readonly camera_revision: number;
  readonly light_way: string;
  readonly choice: string;
}

const parsed = (text: string): Record<string, unknown> => JSON.parse(text) as Record<string, unknown>;
const counted = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;

/** Rebuilds the log so that each row says by itself what was done. */
export function up(db: Database): readonly string[] {
  const times = new Times(db);
  db.exec(TABLES.before);
  const cameras = moveCameras(db, times);
  moveFilms(db, times);
  const { unsure, repaired } = moveFrames(db, times, cameras);
  repairLoads(db, times);
  db.exec(TABLES.after);
  const frames = (db.prepare('select count(*) as n from frame').get() as { n: number }).n;
  if (frames === 0) return [];
  return [
    `From now on each frame keeps its own clocks and marks. Times noted before are kept by the clocks of ${times.zone}, as they were shown until now.`,
    ...(unsure === 0
      ? []
      : [
          `${counted(unsure, 'frame was', 'frames were')} logged before a change of the camera that was not kept: the marks are told with a question mark, and they teach nothing.`
        ]),
    ...(repaired === 0
      ? []
      : [
          `${counted(repaired, 'time was', 'times were')} unreadable and stand at the time before them, marked so.`
        ])
  ];
}

interface Known {
  readonly revision: number;
  readonly controls: readonly OldControl[];
  /** Times of the changes of the bias, the latest last. */
  readonly biasAt: readonly string[];
}

/** Keeps each camera under its revision, and under those that only its bias parts from it. */
function moveCameras(db: Database, times: Times): ReadonlyMap<string, Known> {
  const insert = db.prepare(
    `insert into camera_revision (camera_id, revision, definition, what, note, since_at, since_zone)
     values (?, ?, ?, ?, '', ?, ?)`
  );
  const biases = db.prepare('select * from bias_change order by id').all() as readonly OldBias[];
  const known = new Map<string, Known>();
  for (const row of db.prepare('select * from camera_15').all() as readonly OldCamera[]) {
    const own = biases.filter((b) => b.camera_id === row.id);
    const traits = parsed(row.traits);
    const definition = (biasStops: number, toleranceStops: unknown): string =>
      JSON.stringify({
        ...{ id: row.id, name: row.name, formats: parsed(row.formats), focalMm: row.focal_mm },
        ...{ condition: row.condition, handHeldSeconds: row.hand_held_seconds },
        ...{ controls: parsed(row.controls), program: parsed(row.program), biasStops },
        ...traits,
        toleranceStops
      });
    const zone = times.zone;
    const created = times.instant(row.created_at) ?? times.now;
    for (let back = Math.min(own.length, row.revision - 1); back > 0; back--) {
      const change = own[own.length - back];
      if (!change) continue;
      const since = own[own.length - back - 1]?.changed_at ?? row.created_at;
      insert.run(
        ...[row.id, row.revision - back, definition(change.from_stops, change.from_sd), 'entered'],
        ...[times.instant(since) ?? created, zone]
      );
    }
    const last = own.at(-1)?.changed_at;
    const since = row.revision > 1 && last !== undefined ? (times.instant(last) ?? created) : created;
    const tolerance = traits['toleranceStops'] ?? null;
    const what = row.revision > 1 && last !== undefined ? 'bias' : 'entered';
    insert.run(row.id, row.revision, definition(row.bias_stops, tolerance), what, since, zone);
    known.set(row.id, {
      ...{ revision: row.revision, controls: JSON.parse(row.controls) as readonly OldControl[] },
      biasAt: own.map((b) => b.changed_at)
    });
  }
  return known;
}

/** Keeps each film as revision 1. */
function moveFilms(db: Database, times: Times): void {
  const insert = db.prepare(
    'insert into film_revision (film_id, revision, definition, since_at, since_zone) values (?, 1, ?, ?, ?)'
  );
  for (const row of db.prepare('select * from film_15').all() as readonly Record<string, unknown>[]) {
    const json = (name: string): unknown => JSON.parse(String(row[name]));
    const definition = {
      ...{ id: row['id'], name: row['name'], kind: row['kind'], iso: row['iso'] },
      ...{ belowStops: row['below_stops'], aboveStops: row['above_stops'], reciprocity: json('reciprocity') },
      ...{ developmentStops: row['development_stops'], ageStops: row['age_stops'], sdStops: row['sd_stops'] },
      ...{ formats: json('formats'), frames: row['frames'], ...parsed(String(row['traits'])) }
    };
    const since = times.instant(String(row['created_at'])) ?? times.now;
    insert.run(row['id'], JSON.stringify(definition), since, times.zone);
  }
}

/** Gives each frame its marks and its clocks. */
function moveFrames(
  db: Database,
  times: Times,
  cameras: ReadonlyMap<string, Known>
): { readonly unsure: number; readonly repaired: number } {
  const rows = db.prepare(
    `select frame_15.id, load.camera_id, logged_at, loaded_at, camera_revision, light_way, choice
     from frame_15 join load on load.id = load_id order by load_id, number`
  );
  const update = db.prepare(
    `update frame set taken_at = ?, taken_zone = ?, taken_day = ?, camera_revision = ?, set_marks = ?, doubts = ? where id = ?`
  );
  let [unsure, repaired] = [0, 0];
  let before = '';
  for (const row of rows.all() as readonly OldFrame[]) {
    const camera = cameras.get(row.camera_id);
    if (!camera) continue;
    const way = parsed(row.light_way) as { kind?: string; place?: { zone?: string } };
    const own = way.kind === 'sun' && times.isZone(way.place?.zone) ? way.place?.zone : undefined;
    const told = times.instant(row.logged_at);
    const at = told ?? (before === '' ? (times.instant(row.loaded_at) ?? times.now) : before);
    before = at;
    // every change since was one of the bias: the marks are the same
    const since = camera.revision - row.camera_revision;
    const biases = camera.biasAt.filter((b) => b >= row.logged_at).length;
    const sure = since === 0 || biases === since;
    const doubts = [
      ...(sure ? [] : ['setting']),
      ...(own === undefined ? ['zone'] : []),
      ...(told === null ? ['time'] : [])
    ];
    if (!sure) unsure += 1;
    if (told === null) repaired += 1;
    const marks = marksOfChoice(camera.controls, JSON.parse(row.choice) as Record<string, number>);
    const zone = own ?? times.zone;
    update.run(
      ...[at, zone, times.day(at, zone), sure ? row.camera_revision : camera.revision],
      ...[JSON.stringify(marks), JSON.stringify(doubts), row.id]
    );
  }
  return { unsure, repaired };
}

/** Loads and judgements whose times cannot be read stand at the nearest one that can. */
function repairLoads(db: Database, times: Times): void {
  const loads = db.prepare('select id, loaded_at, finished_at from load').all() as readonly {
    readonly id: string;
    readonly loaded_at: string;
    readonly finished_at: string | null;
  }[];
  const span = db.prepare(
    'select min(taken_at) as first, max(taken_at) as last from frame where load_id = ?'
  );
  const set = db.prepare('update load set loaded_at = ?, finished_at = ? where id = ?');
  for (const { id, loaded_at, finished_at } of loads) {
    const { first, last } = span.get(id) as { first: string | null; last: string | null };
    const loaded = times.instant(loaded_at) ?? first ?? times.now;
    const finished = finished_at === null ? null : (times.instant(finished_at) ?? last ?? loaded);
    set.run(loaded, finished, id);
  }
  const judged = db.prepare(
    'select frame_id, judged_at, taken_at from judgement join frame on frame.id = frame_id'
  );
  const setJudged = db.prepare('update judgement set judged_at = ? where frame_id = ?');
  for (const row of judged.all() as readonly Record<'frame_id' | 'judged_at' | 'taken_at', string>[])
    setJudged.run(times.instant(row.judged_at) ?? row.taken_at, row.frame_id);
}
