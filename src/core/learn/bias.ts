// What judged frames say about a camera: its bias, with what each film's batch adds. Every frame tells the sum of camera,
// batch, the error of its light reading (shared by frames of one reading) and its own. The posterior is exact up to a grid:
// readings are summed over by Gauss-Hermite, camera and batches on a line of stops. Gelman et al., Bayesian Data Analysis,
// 3rd ed., 2013, ch. 2 and 3 (normal model, known variances) and ch. 5 (shared parts).
import type { MixedNormal } from '../numeric/student.ts';
import { normalBetween } from '../numeric/normal.ts';
import type { Moment } from '../sky/moment.ts';
import { clippedAt, expectedAt, SPREAD, spreadsOf, type Clipped, type Expected } from './expected.ts';

/** What a frame says. */
export interface Observation {
  readonly frameId: string;
  /** Frames of one batch of film share its error. */
  readonly batchId: string;
  /** Frames of one reading share its error. */
  readonly readingId: string;
  readonly expected: Expected;
  /** What was seen: an error with its sd, or that it lay between two errors. Stops, + = lighter. */
  readonly seen:
    | { readonly kind: 'near'; readonly stops: number; readonly sd: number }
    | { readonly kind: 'between'; readonly lo: number; readonly hi: number; readonly edgeSd: number };
  /** Of the reading, one sd in stops. */
  readonly readingSd: number;
  /** Of the frame itself beside camera, batch and reading, one sd in stops. */
  readonly frameSd: number;
}

/** What was believed before. */
export interface Prior {
  /** Of the camera around 0, stops: one normal, or the several that an old cell's error is mixed of. */
  readonly camera: readonly MixedNormal[];
  /** Of a batch of film, one sd in stops around 0. */
  readonly batchSd: (batchId: string) => number;
}

/** A number of stops with how sure it is. */
export interface Estimate {
  readonly stops: number;
  readonly sd: number;
}

/** A change of the bias that answers count with. An sd of null = by the camera's condition. */
export interface BiasChange {
  readonly id: number;
  readonly changedAt: Moment;
  readonly fromStops: number;
  readonly fromSd: number | null;
  readonly toStops: number;
  readonly toSd: number | null;
  /** Judged frames there were then. */
  readonly frames: number;
}

/** What is believed after. */
export interface Learned {
  readonly camera: Estimate;
  /** Camera and batch together, for each batch that was judged. */
  readonly withBatch: ReadonlyMap<string, Estimate>;
}

/** The line on which biases are weighed, stops. */
const REACH_STOPS = 6;
const STEP_STOPS = 0.05;
const LINE: readonly number[] = Array.from(
  { length: Math.round((2 * REACH_STOPS) / STEP_STOPS) + 1 },
  (_, i) => -REACH_STOPS + i * STEP_STOPS
);
const MIDDLE = (LINE.length - 1) / 2;

/** Least chance that counts: a frame that cannot be is an error of who judged. */
const LEAST = 1e-12;
/** Steps of the table below, stops. */
const TABLE_STEP = 1 / 64;
/** Beyond this an error is taken to be at the table's end, stops. */
const TABLE_REACH = 24;

type Likelihood = (delta: number) => number;
const tables = new Map<string, Likelihood>();

/** Log of the chance that an error lay between two, tabulated: frames judged alike ask for the same a hundred thousand times. Straight between steps: within 3e-5. */
function betweenTable(lo: number, hi: number, sd: number): Likelihood {
  const key = `${lo} ${hi} ${sd}`;
  const before = tables.get(key);
  if (before) return before;
  const values = Float64Array.from({ length: (2 * TABLE_REACH) / TABLE_STEP + 2 }, (_, i) =>
    Math.log(Math.max(normalBetween(i * TABLE_STEP - TABLE_REACH, sd, lo, hi), LEAST))
  );
  const table: Likelihood = (delta) => {
    const at = Math.min(2 * TABLE_REACH, Math.max(0, delta + TABLE_REACH)) / TABLE_STEP;
    const below = Math.floor(at);
    const a = values[below] ?? 0;
    return a + ((values[below + 1] ?? a) - a) * (at - below);
  };
  if (tables.size > MOST_TABLES) tables.clear();
  tables.set(key, table);
  return table;
}
const MOST_TABLES = 200;

/** Log likelihood of what was seen of a frame by its error, where `sd` of it is its own. */
function likelihoodOf(seen: Observation['seen'], sd: number): Likelihood {
  if (seen.kind === 'between') return betweenTable(seen.lo, seen.hi, Math.hypot(seen.edgeSd, sd));
  const precision = 1 / (seen.sd ** 2 + sd ** 2);
  const { stops } = seen;
  return (delta) => -((stops - delta) ** 2) * precision * 0.5;
}

/** A frame that has its reading to itself: what the reading adds to its error is normal, so it is summed over in closed form. */
function aloneLine({ seen, frameSd, readingSd, expected }: Observation): readonly number[] {
  if (expected.kind === 'clipped') {
    const likelihood = likelihoodOf(seen, Math.hypot(frameSd, spreadsOf(expected).given));
    return clippedLine(expected, (error) => likelihood(error));
  }
  const likelihood = likelihoodOf(seen, Math.hypot(frameSd, readingSd));
  return LINE.map((b) => likelihood(expectedAt(expected, b)));
}

/** The log of a sum of exponentials. */
function logSum(logs: readonly number[]): number {
  let most = -Infinity;
  for (const log of logs) most = Math.max(most, log);
  let sum = 0;
  for (const log of logs) sum += Math.exp(log - most);
  return most + Math.log(sum);
}

/** Log likelihood along the line, summed over what the reading of a clipped camera may be off. */
function clippedLine(clipped: Clipped, logAt: (error: number) => number): readonly number[] {
  const { reading } = spreadsOf(clipped);
  return LINE.map((b) =>
    logSum(SPREAD.map(({ z, weight }) => Math.log(weight) + logAt(clippedAt(clipped, b, z * reading))))
  );
}

/** Frames of one reading on a clipped camera: reading and light are both shared. */
function clippedTogether(frames: readonly Observation[], first: Clipped): readonly number[] {
  const { reading, given } = spreadsOf(first);
  const likelihoods = frames.map((f) => likelihoodOf(f.seen, f.frameSd));
  const coarse = SPREAD.filter((_, i) => i % 2 === 0);
  return LINE.map((b) => {
    const logs: number[] = [];
    for (const { z, weight } of SPREAD) {
      const errors = frames.map(({ expected }) =>
        expected.kind === 'clipped' ? clippedAt(expected, b, z * reading) : expectedAt(expected, b)
      );
      for (const left of coarse) {
        let log = Math.log(weight * left.weight);
        for (const [i, error] of errors.entries()) log += likelihoods[i]?.(error + left.z * given) ?? 0;
        logs.push(log);
      }
    }
    return logSum(logs);
  });
}

const lines = new WeakMap<
  Observation,
  { readonly more: readonly Observation[]; readonly line: readonly number[] }
>();

/**
 * Observations by their reading, in order.
 * @returns groups of frames that share one reading of the light; each at least one
 */
export function readingsOf(observations: readonly Observation[]): readonly (readonly Observation[])[] {
  return [...groupsOf(observations, (o) => `${o.batchId} ${o.readingId}`).values()];
}

/**
 * Takes up a line that was worked out before of the same frames.
 * @param line log likelihoods from {@link lineOf}, one for each bias weighed
 */
export function giveLine(frames: readonly Observation[], line: readonly number[]): void {
  const [first, ...more] = frames;
  if (first && line.length === LINE.length) lines.set(first, { more, line });
}

/**
 * Log likelihood of the frames of one reading along the biases weighed, worked out once as long as they say the same: one
 * more judged frame costs one line.
 * @param frames of one reading
 * @returns natural logarithms, one for each bias weighed
 */
export function lineOf(frames: readonly Observation[]): readonly number[] {
  const [first, ...more] = frames;
  const before = first && lines.get(first);
  if (before?.more.length === more.length && before.more.every((o, i) => o === more[i])) return before.line;
  const line = readingLine(frames);
  if (first) lines.set(first, { more, line });
  return line;
}

/** Log likelihood of all frames of one reading along the line of camera and batch together: summed over what the reading may be off. */
function readingLine(frames: readonly Observation[]): readonly number[] {
  const [first, ...more] = frames;
  if (first && more.length === 0) return aloneLine(first);
  if (first?.expected.kind === 'clipped') return clippedTogether(frames, first.expected);
  const sd = first?.readingSd ?? 0;
  const spread = sd === 0 ? [{ z: 0, weight: 1 }] : SPREAD;
  const total = spread.reduce((sum, s) => sum + s.weight, 0);
  const offs = Float64Array.from(spread, ({ z }) => z * sd);
  const count = offs.length;
  const logs = new Float64Array(LINE.length * count);
  for (const f of frames) {
    const likelihood = likelihoodOf(f.seen, f.frameSd);
    for (let i = 0; i < LINE.length; i++) {
      const expected = expectedAt(f.expected, LINE[i] ?? 0);
      for (let k = 0; k < count; k++) {
        const at = i * count + k;
        logs[at] = (logs[at] ?? 0) + likelihood(expected + (offs[k] ?? 0));
      }
    }
  }
  return LINE.map((_, i) => {
    const own = logs.subarray(i * count, (i + 1) * count);
    let most = -Infinity;
    for (const log of own) most = Math.max(most, log);
    let weighed = 0;
    for (let k = 0; k < count; k++) weighed += (spread[k]?.weight ?? 0) * Math.exp((own[k] ?? 0) - most);
    return most + Math.log(weighed / total);
  });
}

const groupsOf = <T>(items: readonly T[], key: (item: T) => string): ReadonlyMap<string, readonly T[]> => {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const group = groups.get(key(item));
    if (group) group.push(item);
    else groups.set(key(item), [item]);
  }
  return groups;
};

const normalLine = (sd: number): readonly number[] => LINE.map((b) => -((b / sd) ** 2) / 2);
const fromLogs = (logs: readonly number[]): readonly number[] => {
  const most = Math.max(...logs);
  return logs.map((l) => Math.exp(l - most));
};

function estimateOf(weights: readonly number[], at: readonly number[] = LINE): Estimate {
  const total = weights.reduce((sum, w) => sum + w, 0);
  const stops = weights.reduce((sum, w, i) => sum + w * (at[i] ?? 0), 0) / total;
  const variance = weights.reduce((sum, w, i) => sum + w * ((at[i] ?? 0) - stops) ** 2, 0) / total;
  return { stops, sd: Math.sqrt(variance) };
}

/** For each camera bias: the sum over a batch of its prior times what its frames say. */
function overBatch(batch: readonly number[], says: readonly number[]): readonly number[] {
  return LINE.map((_, c) => {
    let sum = 0;
    for (let b = 0; b < LINE.length; b++) {
      const both = c + b - MIDDLE;
      if (both >= 0 && both < LINE.length) sum += (batch[b] ?? 0) * (says[both] ?? 0);
    }
    return sum;
  });
}

/**
 * What judged frames say about a camera. Without any, what was believed before.
 * @param observations judged frames, in any order @param prior what was believed before, stops
 * @returns of the camera, and of camera and batch together; stops, + = it gives more
 */
export function learnBias(observations: readonly Observation[], prior: Prior): Learned {
  const cameraPrior = LINE.map((b) =>
    prior.camera.reduce((sum, { weight, sd }) => sum + (weight / sd) * Math.exp(-((b / sd) ** 2) / 2), 0)
  );
  const batches = [...groupsOf(observations, (o) => o.batchId)].map(([batchId, frames]) => {
    const readings = [...groupsOf(frames, (o) => o.readingId).values()].map(lineOf);
    const says = fromLogs(LINE.map((_, i) => readings.reduce((sum, line) => sum + (line[i] ?? 0), 0)));
    const own = fromLogs(normalLine(prior.batchSd(batchId)));
    return { batchId, says, own, over: overBatch(own, says) };
  });
  const camera = LINE.map((_, c) => batches.reduce((p, b) => p * (b.over[c] ?? 0), cameraPrior[c] ?? 0));
  const withBatch = batches.map(({ batchId, says, own }) => {
    // what everything but this batch says of the camera, then this batch's own part added
    const rest = LINE.map((_, c) =>
      batches.reduce((p, b) => (b.batchId === batchId ? p : p * (b.over[c] ?? 0)), cameraPrior[c] ?? 0)
    );
    const both = LINE.map((_, t) => {
      let sum = 0;
      for (let c = 0; c < LINE.length; c++) {
        const b = t - c + MIDDLE;
        if (b >= 0 && b < LINE.length) sum += (rest[c] ?? 0) * (own[b] ?? 0);
      }
      return sum * (says[t] ?? 0);
    });
    return [batchId, estimateOf(both)] as const;
  });
  return { camera: estimateOf(camera), withBatch: new Map(withBatch) };
}

/**
 * Frames more, of readings of their own, until the camera is known within `wantedSd`: each tells as much as the last ones.
 * @param frameSd one sd of what a frame tells, stops, > 0 @param wantedSd stops, > 0
 * @returns whole frames ≥ 0
 */
export function framesToSettle(now: Estimate, frameSd: number, wantedSd: number): number {
  if (now.sd <= wantedSd) return 0;
  return Math.ceil((1 / wantedSd ** 2 - 1 / now.sd ** 2) * frameSd ** 2);
}
