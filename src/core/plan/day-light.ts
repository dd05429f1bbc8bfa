// The light on a subject through a day: sun, moon and sky, over lamps that stay on. Two lights add up in lux:
// LV = log2(2^a + 2^b). An obstacle's shade takes the sun off the subject from a moment on.
import type { Contrast } from '../light/contrast.ts';
import { LV_RANGE, type LightValue } from '../light/lv.ts';
import type { LightKind } from '../film/traits.ts';
import { type Facing, type Ground, SKIES, type Sky, type ToldSky } from '../sky/sky-scene.ts';
import { observerAt, sunAndMoonFor, type Place, type SunAndMoon } from '../sky/position.ts';
import { skyLight } from '../sky/sky-light.ts';

/**
 * How sure the light will be when it is there, one sd in stops: it is told then, by eye. What the sky may turn to is in the
 * skies that a day is planned under. Common practice, no source.
 */
export const TOLD_THEN_SD = 0.5;

/** Lamps that stay on: the floor that a falling sky meets. */
export interface LampFloor {
  readonly lv: number;
  readonly contrast: Contrast;
}

/** A day, or another stretch of time, at a place. */
export interface PlanDay {
  readonly place: Place;
  /** Milliseconds since 1970. */
  readonly fromMs: number;
  /** Later than `fromMs`, at most a few days. */
  readonly toMs: number;
  readonly sky: ToldSky;
  readonly facing: Facing;
  readonly ground: Ground;
  /** Null = no lamps. */
  readonly lamps: LampFloor | null;
  /** From then on a hill or a house stands between sun and subject, milliseconds since 1970; null = never. */
  readonly shadeFromMs: number | null;
}

/** The light at a moment. */
export interface DayPoint extends LightValue {
  readonly ms: number;
  readonly contrast: Contrast;
  /** Which speed of a film counts: lamps where they are the brighter light. */
  readonly lightKind: LightKind;
}

/**
 * LV of two lights on one subject: they add up in lux.
 * @param a LV @param b LV
 * @returns LV, never less than either
 */
export function lvOfBoth(a: number, b: number): number {
  return Math.max(a, b) + Math.log2(1 + 2 ** -Math.abs(a - b));
}

const bodies = new WeakMap<PlanDay, Map<number, SunAndMoon>>();

/** Sun and moon by moment, worked out once for all skies of a day. */
function bodiesOf(day: PlanDay): (ms: number) => SunAndMoon {
  const observer = observerAt(day.place);
  const known = bodies.get(day) ?? new Map<number, SunAndMoon>();
  bodies.set(day, known);
  return (ms) => {
    const before = known.get(ms);
    if (before) return before;
    const found = sunAndMoonFor(ms, observer);
    known.set(ms, found);
    return found;
  };
}

/** The light of a day under one sky, as it will be told then; ready to be asked about moments. @param sky the one that is said, or one of those it may be */
export function lightUnderSky(day: PlanDay, sky: Sky): (ms: number) => DayPoint {
  const bodiesAt = bodiesOf(day);
  return (ms) => {
    const shaded = day.shadeFromMs !== null && ms >= day.shadeFromMs;
    const facing = shaded ? 'open-shade' : day.facing;
    const own = skyLight(bodiesAt(ms), { sky, facing, ground: day.ground });
    const { lamps } = day;
    const byLamps = lamps !== null && lamps.lv > own.lv;
    return {
      ms,
      lv: Math.min(LV_RANGE.max, lamps === null ? own.lv : lvOfBoth(own.lv, lamps.lv)),
      sdStops: TOLD_THEN_SD,
      contrast: byLamps ? lamps.contrast : own.contrast,
      lightKind: byLamps ? 'lamps' : 'daylight'
    };
  };
}

/** Between moments this many steps apart the light is looked at only where it does not go evenly. */
const EVEN_STEPS = 5;
/** What the light of three such moments may bend, LV: a line between two of them is then right to a quarter of it. */
const BEND_LV = 0.04;

/**
 * The light of a day under one sky, step by step, to a hundredth of a stop.
 * @param stepMs > 0
 * @returns points from the first moment of the day to its last
 */
export function dayCourse(day: PlanDay, sky: Sky, stepMs: number): readonly DayPoint[] {
  const light = lightUnderSky(day, sky);
  const count = Math.ceil((day.toMs - day.fromMs) / stepMs);
  const at = (i: number): number => Math.min(day.toMs, day.fromMs + i * stepMs);
  const ends: DayPoint[] = [];
  for (let i = 0; i < count; i += EVEN_STEPS) ends.push(light(at(i)));
  ends.push(light(at(count)));
  const bends = (e: number): boolean => {
    const [a, b, c] = [ends[e - 1], ends[e], ends[e + 1]];
    // at either end of the day nothing stands beside to tell by: there each step is looked at
    return !a || !b || !c || Math.abs(a.lv - 2 * b.lv + c.lv) > BEND_LV;
  };
  return ends.flatMap((before, e): readonly DayPoint[] => {
    const after = ends[e + 1];
    if (!after) return [before];
    const sameKind = before.contrast === after.contrast && before.lightKind === after.lightKind;
    const isEven = sameKind && !bends(e) && !bends(e + 1);
    const first = e * EVEN_STEPS;
    const between = Array.from(
      { length: Math.min(count, first + EVEN_STEPS) - first - 1 },
      (_, j): DayPoint => {
        const ms = at(first + 1 + j);
        if (!isEven) return light(ms);
        const share = (ms - before.ms) / (after.ms - before.ms);
        return { ...before, ms, lv: before.lv + share * (after.lv - before.lv) };
      }
    );
    return [before, ...between];
  });
}

/**
 * The skies that a day may have: the one that is said, else all. The middle one stands for what is likely.
 * @returns from clear to full cloud
 */
export function skiesOf({ sky }: Pick<PlanDay, 'sky'>): readonly Sky[] {
  return sky === 'unsaid' ? SKIES : [sky];
}

/**
 * The sky that stands for what is likely: the one said, else the one between clear and full cloud.
 * @returns one of {@link skiesOf}
 */
export function likelySky({ sky }: Pick<PlanDay, 'sky'>): Sky {
  return sky === 'unsaid' ? 'partly' : sky;
}

/** A moment of the course of a day: its likely light and, where the sky is not said, the span over all skies. */
export interface BandPoint extends DayPoint {
  readonly lowLv: number;
  readonly highLv: number;
}

/**
 * The light along the day.
 * @param stepMs > 0
 * @returns points from the first moment to the last; `lowLv` and `highLv` include one sd
 */
export function dayBand(day: PlanDay, stepMs: number): readonly BandPoint[] {
  const likely = lightUnderSky(day, likelySky(day));
  const all = skiesOf(day).map((sky) => lightUnderSky(day, sky));
  const count = Math.max(0, Math.floor((day.toMs - day.fromMs) / stepMs));
  return Array.from({ length: count + 1 }, (_, i) => {
    const ms = day.fromMs + i * stepMs;
    const points = all.map((at) => at(ms));
    return {
      ...likely(ms),
      lowLv: Math.min(...points.map((p) => p.lv - p.sdStops)),
      highLv: Math.max(...points.map((p) => p.lv + p.sdStops))
    };
  });
}
