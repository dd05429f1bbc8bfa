// When a pair works: the stretches of a day in which its frames are worth pressing for, found under each sky that it may have.
// Along a sky the pair is asked where the light has changed enough, and every edge is then found by bisection.
import { bisect } from '../numeric/bisect.ts';
import type { Choice } from '../camera/setting.ts';
import type { RemedyStep } from '../advice/remedy.ts';
import type { Verdict } from '../chance/verdict.ts';
import type { Sky } from '../sky/illuminance.ts';
import type { Support } from '../error/situation.ts';
import { likelySky, lightUnderSky, skiesOf, type DayPoint, type PlanDay } from './day-light.ts';
import { servingAt, type PlanPair, type Serving } from './serving.ts';

/** How far apart moments lie at which the light is looked at. */
const LOOK_MS = 60_000;
/** A light that has changed by less makes the same of a pair, near enough to look for edges. */
const SAME_LV = 0.4;
/** How sharply an edge is found. */
const EDGE_MS = 15_000;
/** A window under another sky is the same one if it lies within this. */
const SAME_WINDOW_MS = 3 * 3_600_000;

/** A moment of a day with what it makes of a pair. */
export interface Looked {
  readonly point: DayPoint;
  readonly serving: Serving;
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
  /** Along the likely sky, in order of time: where the light has changed. */
  readonly looked: readonly Looked[];
}

/**
 * When a pair works on a day, held in some way.
 * @returns windows in order of time, by the likely sky; nothing for a camera without settings
 */
export function pairDay(pair: PlanPair, day: PlanDay, support: Support): PairDay {
  const likely = likelySky(day);
  const bySky = new Map(skiesOf(day).map((sky) => [sky, wayUnder(pair, day, support, sky)]));
  const main = bySky.get(likely);
  if (!main) return { windows: [], looked: [] };
  const others = [...bySky].filter(([sky]) => sky !== likely);
  const windows = main.stretches.map((stretch) => windowFrom(stretch, main, others, day));
  return { windows, looked: main.looked };
}

interface Way {
  readonly looked: readonly Looked[];
  readonly stretches: readonly Stretch[];
}

function wayUnder(pair: PlanPair, day: PlanDay, support: Support, sky: Sky): Way {
  const light = lightUnderSky(day, sky);
  const look = (point: DayPoint): Looked | null => {
    const serving = servingAt(pair, point, support);
    return serving && { point, serving };
  };
  const serves = (ms: number): boolean => look(light(ms))?.serving.serves === true;
  const looked: Looked[] = [];
  for (const point of pointsToLookAt(courseUnder(day, sky))) {
    const now = look(point);
    if (!now) return { looked: [], stretches: [] };
    looked.push(now);
  }
  return { looked, stretches: stretchesOf(looked, serves, day) };
}

/** The moments at which the light has changed enough to ask again: where it leaps, the last before and the first after. */
function pointsToLookAt(course: readonly DayPoint[]): readonly DayPoint[] {
  const chosen: DayPoint[] = [];
  course.forEach((point, i) => {
    const [last, before] = [chosen.at(-1), course[i - 1]];
    const isEnd = i === 0 || i === course.length - 1;
    const leaps = before !== undefined && !isSmooth(before, point);
    if (leaps && before !== last) chosen.push(before);
    if (isEnd || leaps || !last || Math.abs(last.lv - point.lv) >= SAME_LV || !isSmooth(last, point))
      chosen.push(point);
  });
  return chosen;
}

function isSmooth(a: DayPoint, b: DayPoint): boolean {
  return Math.abs(a.sdStops - b.sdStops) < 0.1 && a.contrast === b.contrast && a.lightKind === b.lightKind;
}

function stretchesOf(
  looked: readonly Looked[],
  serves: (ms: number) => boolean,
  { fromMs, toMs }: Stretch
): readonly Stretch[] {
  const stretches: Stretch[] = [];
  let openedMs = looked[0]?.serving.serves === true ? fromMs : null;
  looked.slice(1).forEach((now, i) => {
    const before = looked[i] ?? now;
    const [was, is] = [before.serving.serves, now.serving.serves];
    if (is && !was) openedMs = bisect(serves, now.point.ms, before.point.ms, EDGE_MS);
    if (!is && was && openedMs !== null) {
      stretches.push({ fromMs: openedMs, toMs: bisect(serves, before.point.ms, now.point.ms, EDGE_MS) });
      openedMs = null;
    }
  });
  return openedMs === null ? stretches : [...stretches, { fromMs: openedMs, toMs }];
}

const courses = new WeakMap<PlanDay, Map<Sky, readonly DayPoint[]>>();

/** The light of a day under one sky, minute by minute; remembered, as every pair asks for it. */
function courseUnder(day: PlanDay, sky: Sky): readonly DayPoint[] {
  const known = courses.get(day) ?? new Map<Sky, readonly DayPoint[]>();
  courses.set(day, known);
  const course = known.get(sky) ?? timesOf(day).map(lightUnderSky(day, sky));
  known.set(sky, course);
  return course;
}

/** The moments to look at, the last one included. */
function timesOf({ fromMs, toMs }: Stretch): readonly number[] {
  const count = Math.ceil((toMs - fromMs) / LOOK_MS);
  return Array.from({ length: count + 1 }, (_, i) => Math.min(toMs, fromMs + i * LOOK_MS));
}

function windowFrom(
  stretch: Stretch,
  main: Way,
  others: readonly (readonly [Sky, Way])[],
  day: PlanDay
): Window {
  const matches = others.map(([sky, way]) => [sky, nearest(stretch, way.stretches)] as const);
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
    parts: partsOf(stretch, main.looked)
  };
}

/** The stretch that is the same window under another sky: the one that overlaps most, else the nearest. */
function nearest(stretch: Stretch, all: readonly Stretch[]): Stretch | null {
  const gap = (s: Stretch): number => Math.max(s.fromMs, stretch.fromMs) - Math.min(s.toMs, stretch.toMs);
  const [best] = [...all].sort((a, b) => gap(a) - gap(b));
  return best && gap(best) < SAME_WINDOW_MS ? best : null;
}

/** The parts of a window by what is set in them; a change lies half way between two looks. */
function partsOf(stretch: Stretch, looked: readonly Looked[]): readonly Part[] {
  const inside = looked.filter(
    ({ point: { ms }, serving }) => serving.serves && ms >= stretch.fromMs && ms <= stretch.toMs
  );
  const parts: Part[] = [];
  for (const { point, serving } of inside) {
    const { verdict, steps } = serving;
    const { choice } = verdict.setting;
    const last = parts.at(-1);
    if (last && keyOf(last.choice, last.steps) === keyOf(choice, steps)) {
      parts[parts.length - 1] = { ...last, last: verdict, toMs: point.ms };
      continue;
    }
    const fromMs = last ? (last.toMs + point.ms) / 2 : stretch.fromMs;
    if (last) parts[parts.length - 1] = { ...last, toMs: fromMs };
    parts.push({ fromMs, toMs: point.ms, choice, steps, first: verdict, last: verdict });
  }
  const end = parts.at(-1);
  if (end) parts[parts.length - 1] = { ...end, toMs: stretch.toMs };
  return parts;
}

const keyOf = (choice: Choice, steps: readonly RemedyStep[]): string => JSON.stringify([choice, steps]);
