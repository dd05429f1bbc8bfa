// The light on a subject through a day: sun, moon and sky, over lamps that stay on. Two lights add up in lux:
// LV = log2(2^a + 2^b). An obstacle's shade takes the sun off the subject from a moment on.
import type { Contrast } from '../light/contrast.ts';
import { LV_RANGE, type LightValue } from '../light/lv.ts';
import type { LightKind } from '../film/traits.ts';
import { SKIES, type Sky, type ToldSky } from '../sky/illuminance.ts';
import { observerAt, sunAndMoonFor, type Place } from '../sky/position.ts';
import { skyLight, type Facing, type Ground } from '../sky/sky-light.ts';

/** Lamps that stay on: the floor that a falling sky meets. */
export interface LampFloor extends LightValue {
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
 * Two lights on one subject.
 * @param a LV and one sd in stops
 * @param b the other
 * @returns LV of the sum in lux; its sd by the share that each has in it, as independent
 */
export function lightOfBoth(a: LightValue, b: LightValue): LightValue {
  const [brighter, dimmer] = a.lv >= b.lv ? [a, b] : [b, a];
  const ratio = 2 ** (dimmer.lv - brighter.lv);
  const lv = brighter.lv + Math.log2(1 + ratio);
  const share = 1 / (1 + ratio);
  return { lv, sdStops: Math.hypot(share * brighter.sdStops, (1 - share) * dimmer.sdStops) };
}

/** The light of a day under one sky, ready to be asked about moments. @param sky the one that is said, or one of those it may be */
export function lightUnderSky(day: PlanDay, sky: Sky): (ms: number) => DayPoint {
  const observer = observerAt(day.place);
  return (ms) => {
    const shaded = day.shadeFromMs !== null && ms >= day.shadeFromMs;
    const facing = shaded ? 'open-shade' : day.facing;
    const own = skyLight(sunAndMoonFor(ms, observer), { sky, facing, ground: day.ground });
    const { lamps } = day;
    const both = lamps === null ? own : lightOfBoth(own, lamps);
    const byLamps = lamps !== null && lamps.lv > own.lv;
    return {
      ms,
      lv: Math.min(LV_RANGE.max, both.lv),
      sdStops: both.sdStops,
      contrast: byLamps ? lamps.contrast : own.contrast,
      lightKind: byLamps ? 'lamps' : 'daylight'
    };
  };
}

/** The skies that a day may have: the one that is said, else all. The middle one stands for what is likely. */
export function skiesOf({ sky }: Pick<PlanDay, 'sky'>): readonly Sky[] {
  return sky === 'unsaid' ? SKIES : [sky];
}

/** The sky that stands for what is likely: the one said, else the one between clear and full cloud. */
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
