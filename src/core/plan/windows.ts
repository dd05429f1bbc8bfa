// When a pair works: the stretches of a day in which its frames are worth pressing for, found under each sky that it may have.
// Along a sky the light is looked at minute by minute, and every edge is then found by bisection.
import { bisect } from '../numeric/bisect.ts';
import type { Choice } from '../camera/setting.ts';
import type { RemedyStep } from '../advice/remedy.ts';
import type { Verdict } from '../chance/verdict.ts';
import type { Sky } from '../sky/sky-scene.ts';
import type { Support } from '../error/situation.ts';
import { dayCourse, likelySky, lightUnderSky, skiesOf, type DayPoint, type PlanDay } from './day-light.ts';
import type { PlanPair } from './serving.ts';
import { ServingTable, type Outcome } from './serving-table.ts';

/** How far apart moments lie at which the light is looked at. */
const LOOK_MS = 60_000;
/** Looks that are kept for the drawing. */
const DRAWN_LOOKS = 10;
/** How sharply an edge is found. */
const EDGE_MS = 15_000;
/** A window under another sky is the same one if it lies within this. */
const SAME_WINDOW_MS = 3 * 3_600_000;

/** A moment of a day with how a frame comes out then. */
export interface Looked {
  readonly ms: number;
  /** Error of the best setting, stops. */
  readonly deltaStops: number;
  /** Chance of the whole frame, 0…1. */
  readonly chance: number;
}

/** An uninterrupted stretch of time, milliseconds since 1970. */
export interface Stretch {
  readonly fromMs: number;
  readonly toMs: number;
}

/** An edge of a window. Where the sky is not said it lies somewhere between the earliest and the latest minute. */
export interface Edge {
  readonly earliestMs: number;
  readonly likelyMs: number;
  readonly latestMs: number;
}

/** A part of a window that one setting serves. */
export interface Part extends Stretch {
  readonly choice: Choice;
  readonly steps: readonly RemedyStep[];
  /** At its beginning and at its end. */
  readonly first: Verdict;
  readonly last: Verdict;
}

/** A stretch of a day in which a pair works. */
export interface Window {
  readonly from: Edge;
  readonly to: Edge;
  /** Whether it is open already when the day begins, or still when it ends. */
  readonly openAtStart: boolean;
  readonly openAtEnd: boolean;
  /** Skies under which there is no such window. */
  readonly notUnder: readonly Sky[];
  readonly parts: readonly Part[];
}

/** The way of a pair through a day. */
export interface PairDay {
  readonly windows: readonly Window[];
  /** Along the likely sky, in order of time, every ten minutes; to a sixth of a stop. */
  readonly looked: readonly Looked[];
}

/**
 * When a pair works on a day, held in some way.
 * @returns windows in order of time, by the likely sky; nothing for a camera without settings
 */
export function pairDay(pair: PlanPair, day: PlanDay, support: Support): PairDay {
  const table = new ServingTable(pair, support);
  const likely = likelySky(day);
  const main = stretchesUnder(table, day, likely);
  const others = skiesOf(day)
    .filter((sky) => sky !== likely)
    .map((sky) => [sky, stretchesUnder(table, day, sky)] as const);
  const course = courseUnder(day, likely);
  const looked = course
    .filter((_, i) => i % DRAWN_LOOKS === 0 || i === course.length - 1)
    .flatMap((point): readonly Looked[] => {
      const outcome = table.near(point);
      return outcome ? [{ ms: point.ms, deltaStops: outcome.deltaStops, chance: outcome.chance }] : [];
    });
  return { windows: main.map((stretch) => windowFrom(stretch, others, table, day)), looked };
}

function stretchesUnder(table: ServingTable, day: PlanDay, sky: Sky): readonly Stretch[] {
  const light = lightUnderSky(day, sky);
  const serves = (ms: number): boolean => table.serves(light(ms));
  const stretches: Stretch[] = [];
  let openedMs: number | null = null;
  let before: { readonly ms: number; readonly serves: boolean } | null = null;
  for (const point of courseUnder(day, sky)) {
    const now = { ms: point.ms, serves: table.serves(point) };
    if (now.serves && before?.serves !== true)
      openedMs = before ? bisect(serves, now.ms, before.ms, EDGE_MS) : day.fromMs;
    if (!now.serves && before?.serves === true && openedMs !== null) {
      stretches.push({ fromMs: openedMs, toMs: bisect(serves, before.ms, now.ms, EDGE_MS) });
      openedMs = null;
    }
    before = now;
  }
  return openedMs === null ? stretches : [...stretches, { fromMs: openedMs, toMs: day.toMs }];
}

const courses = new WeakMap<PlanDay, Map<Sky, readonly DayPoint[]>>();

/** The light of a day under one sky, minute by minute; remembered, as every pair asks for it. */
function courseUnder(day: PlanDay, sky: Sky): readonly DayPoint[] {
  const known = courses.get(day) ?? new Map<Sky, readonly DayPoint[]>();
  courses.set(day, known);
  const course = known.get(sky) ?? dayCourse(day, sky, LOOK_MS);
  known.set(sky, course);
  return course;
}

function windowFrom(
  stretch: Stretch,
  others: readonly (readonly [Sky, readonly Stretch[]])[],
  table: ServingTable,
  day: PlanDay
): Window {
  const matches = others.map(([sky, stretches]) => [sky, nearest(stretch, stretches)] as const);
  const found = matches.flatMap(([, match]) => (match ? [match] : []));
  const edge = (of: (s: Stretch) => number): Edge => {
    const all = [stretch, ...found].map(of);
    return { earliestMs: Math.min(...all), likelyMs: of(stretch), latestMs: Math.max(...all) };
  };
  return {
    from: edge((s) => s.fromMs),
    to: edge((s) => s.toMs),
    openAtStart: stretch.fromMs <= day.fromMs,
    openAtEnd: stretch.toMs >= day.toMs,
    notUnder: matches.flatMap(([sky, match]) => (match ? [] : [sky])),
    parts: partsOf(stretch, table, day)
  };
}

/** The stretch that is the same window under another sky: the one that overlaps most, else the nearest. */
function nearest(stretch: Stretch, all: readonly Stretch[]): Stretch | null {
  const gap = (s: Stretch): number => Math.max(s.fromMs, stretch.fromMs) - Math.min(s.toMs, stretch.toMs);
  const [best] = [...all].sort((a, b) => gap(a) - gap(b));
  return best && gap(best) < SAME_WINDOW_MS ? best : null;
}

/** The parts of a window by what is set in them, minute by minute along the likely sky. */
function partsOf(stretch: Stretch, table: ServingTable, day: PlanDay): readonly Part[] {
  const sky = likelySky(day);
  const inside = courseUnder(day, sky).filter(({ ms }) => ms >= stretch.fromMs && ms <= stretch.toMs);
  const runs: { fromMs: number; outcome: Outcome }[] = [];
  const light = lightUnderSky(day, sky);
  for (const point of inside) {
    const outcome = table.at(point);
    const before = runs.at(-1);
    if (!outcome || before?.outcome.key === outcome.key) continue;
    if (before && table.isEnough(before.outcome, point)) continue;
    const isNew = (ms: number): boolean => before === undefined || !table.isEnough(before.outcome, light(ms));
    const sinceMs = Math.max(stretch.fromMs, point.ms - LOOK_MS);
    runs.push({ fromMs: before ? bisect(isNew, point.ms, sinceMs, EDGE_MS) : stretch.fromMs, outcome });
  }
  return runs.map(({ fromMs, outcome }, i): Part => {
    const toMs = runs[i + 1]?.fromMs ?? stretch.toMs;
    const { setting, steps } = outcome;
    const judged = (ms: number): Verdict => table.judged(outcome, light(ms));
    return { fromMs, toMs, steps, choice: setting.choice, first: judged(fromMs), last: judged(toMs) };
  });
}
