// What each judged frame says of its camera, kept in the database. The only SQL about it.
import type { Database } from 'better-sqlite3';
import type { Observation } from '#core/learn/bias.ts';
import { KNOTS, type Expected } from '#core/learn/expected.ts';

interface Row {
  readonly frame_id: string;
  readonly state: string;
  readonly batch_id: string | null;
  readonly reading_id: string | null;
  readonly expected: Buffer | null;
  readonly seen_stops: number | null;
  readonly seen_sd: number | null;
  readonly seen_lo: number | null;
  readonly seen_hi: number | null;
  readonly reading_sd: number | null;
  readonly frame_sd: number | null;
}

/** What was worked out of a judged frame as it was then. */
export interface KeptObservation {
  readonly frameId: string;
  /** @see judgementRepository, statesOf */
  readonly state: string;
  /** Null = it is no evidence. */
  readonly observation: Observation | null;
}

/** What the frames of one reading say together, and of which states of them. @see lineOf */
export interface KeptLine {
  readonly of: string;
  readonly line: readonly number[];
}

const BYTES = 8;

function toBlob(values: readonly number[]): Buffer {
  const blob = Buffer.alloc(values.length * BYTES);
  values.forEach((value, i) => blob.writeDoubleLE(value, i * BYTES));
  return blob;
}

const fromBlob = (blob: Buffer): readonly number[] =>
  Array.from({ length: blob.length / BYTES }, (_, i) => blob.readDoubleLE(i * BYTES));

function expectedFrom(values: readonly number[]): Expected {
  const [atZero = 0] = values;
  if (values.length === 1) return { kind: 'straight', atZero };
  if (values.length === KNOTS.length) return { kind: 'knots', values };
  const [fixed = 0, wanted = 0, lightSd = 0, eyeSd = 0, ...rest] = values;
  const pieces = Array.from({ length: rest.length / PIECE }, (_, i) => {
    const [from = 0, to = 0, alpha = 0, beta = 0] = rest.slice(i * PIECE, (i + 1) * PIECE);
    return { from, to, alpha, beta };
  });
  return { kind: 'clipped', fixed, wanted, lightSd, eyeSd, pieces };
}

/** Numbers of a piece. Four, and four before them: never as many as there are knots. */
const PIECE = 4;

function valuesOf(expected: Expected): readonly number[] {
  switch (expected.kind) {
    case 'straight':
      return [expected.atZero];
    case 'knots':
      return expected.values;
    case 'clipped': {
      const { fixed, wanted, lightSd, eyeSd, pieces } = expected;
      return [fixed, wanted, lightSd, eyeSd, ...pieces.flatMap((p) => [p.from, p.to, p.alpha, p.beta])];
    }
  }
}

function fromRow(row: Row): KeptObservation {
  const { frame_id: frameId, state, batch_id: batchId, expected } = row;
  if (batchId === null || expected === null) return { frameId, state, observation: null };
  const seen: Observation['seen'] =
    row.seen_stops === null
      ? { kind: 'between', lo: row.seen_lo ?? 0, hi: row.seen_hi ?? 0, edgeSd: row.seen_sd ?? 0 }
      : { kind: 'near', stops: row.seen_stops, sd: row.seen_sd ?? 0 };
  const sds = { readingSd: row.reading_sd ?? 0, frameSd: row.frame_sd ?? 0 };
  const observation = {
    ...{ frameId, batchId, readingId: row.reading_id ?? '', seen, ...sds },
    expected: expectedFrom(fromBlob(expected))
  };
  return { frameId, state, observation };
}

/** The kept observations of a database. */
export function observationRepository(db: Database) {
  const some = db.prepare<[string], Row>(
    `select frame_id, state, batch_id, reading_id, expected, seen_stops, seen_sd, seen_lo, seen_hi, reading_sd, frame_sd
     from judged_observation where frame_id in (select value from json_each(?))`
  );
  const line = db.prepare<[string], { readonly line: Buffer | null; readonly line_of: string | null }>(
    'select line, line_of from judged_observation where frame_id = ?'
  );
  const putLine = db.prepare<[Buffer, string, string]>(
    'update judged_observation set line = ?, line_of = ? where frame_id = ?'
  );
  const put = db.prepare<[Record<string, unknown>]>(
    `insert or replace into judged_observation (frame_id, state, batch_id, reading_id, expected,
       seen_stops, seen_sd, seen_lo, seen_hi, reading_sd, frame_sd)
     values (:frameId, :state, :batchId, :readingId, :expected, :stops, :sd, :lo, :hi, :readingSd, :frameSd)`
  );
  const build = db.prepare<[], { readonly build: string }>('select build from observed_by');
  const setBuild = db.prepare<[string]>('insert or replace into observed_by (only_row, build) values (1, ?)');
  return {
    some: (frameIds: readonly string[]): readonly KeptObservation[] =>
      some.all(JSON.stringify(frameIds)).map(fromRow),
    put: ({ frameId, state, observation: o }: KeptObservation): void => {
      const seen = { stops: null, sd: null, lo: null, hi: null };
      const nothing = { batchId: null, readingId: null, expected: null, readingSd: null, frameSd: null };
      const told = o && {
        ...{ batchId: o.batchId, readingId: o.readingId, expected: toBlob(valuesOf(o.expected)) },
        ...{ readingSd: o.readingSd, frameSd: o.frameSd },
        ...(o.seen.kind === 'near'
          ? { stops: o.seen.stops, sd: o.seen.sd }
          : { lo: o.seen.lo, hi: o.seen.hi, sd: o.seen.edgeSd })
      };
      put.run({ frameId, state, ...seen, ...nothing, ...told });
    },
    /** The line kept with the first frame of a reading; null = none is. */
    line: (frameId: string): KeptLine | null => {
      const row = line.get(frameId);
      return row?.line && row.line_of !== null ? { of: row.line_of, line: fromBlob(row.line) } : null;
    },
    putLine: (frameId: string, kept: KeptLine): void => {
      putLine.run(toBlob(kept.line), kept.of, frameId);
    },
    /** Forgets what another build of the program worked out: it may have expected other errors, and seen other causes. */
    begin: db.transaction((now: string): void => {
      if (build.get()?.build === now) return;
      db.exec('delete from judged_observation; delete from film_summed');
      setBuild.run(now);
    })
  };
}
