// When the sun and moon rise and set, when the twilights begin and end, and when the light passes a value.
// Rising and setting: the upper edge of the disc on a sea horizon with 34′ of refraction, as almanacs do.
import { Body, SearchAltitude, SearchRiseSet, type AstroTime } from 'astronomy-engine';
import { bisect } from '../numeric/bisect.ts';
import { observerAt, sunAndMoonFor, type Place } from './position.ts';
import { skyLight } from './sky-light.ts';
import type { SkyScene } from './sky-scene.ts';

/** What happens in the sky. Twilight ends (dusk) or begins (dawn) with the sun's middle 6, 12 and 18° down. */
export type SkyEventKind =
  | 'sunrise'
  | 'sunset'
  | 'civil-dawn'
  | 'civil-dusk'
  | 'nautical-dawn'
  | 'nautical-dusk'
  | 'astronomical-dawn'
  | 'astronomical-dusk'
  | 'moonrise'
  | 'moonset';

/** An event at a moment, milliseconds since 1970. */
export interface SkyEvent {
  readonly kind: SkyEventKind;
  readonly ms: number;
}

const TWILIGHTS = [
  ['civil', -6],
  ['nautical', -12],
  ['astronomical', -18]
] as const;
const DAY_MS = 86_400_000;

/**
 * Every event between two moments, in order of time. What does not happen (polar day or night) is left out.
 * @param fromMs milliseconds since 1970 @param toMs at most a few days later
 */
export function skyEvents(fromMs: number, toMs: number, place: Place): readonly SkyEvent[] {
  const observer = observerAt(place);
  const days = (toMs - fromMs) / DAY_MS;
  const start = new Date(fromMs);
  const events: SkyEvent[] = [];
  const add = (kind: SkyEventKind, time: AstroTime | null): void => {
    const ms = time?.date.getTime();
    if (ms !== undefined && ms >= fromMs && ms < toMs) events.push({ kind, ms });
  };
  for (const [way, sun, moon, dim] of [
    [1, 'sunrise', 'moonrise', 'dawn'],
    [-1, 'sunset', 'moonset', 'dusk']
  ] as const) {
    add(sun, SearchRiseSet(Body.Sun, observer, way, start, days));
    add(moon, SearchRiseSet(Body.Moon, observer, way, start, days));
    for (const [name, altitude] of TWILIGHTS) {
      add(`${name}-${dim}`, SearchAltitude(Body.Sun, observer, way, start, days, altitude));
    }
  }
  return events.sort((a, b) => a.ms - b.ms);
}

/** A light value on the way of a day. */
export interface CoursePoint {
  readonly ms: number;
  readonly lv: number;
  readonly sdStops: number;
}

/**
 * The light along a stretch of time.
 * @param range milliseconds since 1970, its step > 0
 * @param sceneAt what the sky does and how the subject stands, by moment
 * @returns from the first moment on, ascending; one point at least
 */
export function lightCourse(
  range: { readonly fromMs: number; readonly toMs: number; readonly stepMs: number },
  place: Place,
  sceneAt: (ms: number) => SkyScene
): readonly CoursePoint[] {
  const observer = observerAt(place);
  const count = Math.max(0, Math.floor((range.toMs - range.fromMs) / range.stepMs));
  return Array.from({ length: count + 1 }, (_, i) => {
    const ms = range.fromMs + i * range.stepMs;
    const { lv, sdStops } = skyLight(sunAndMoonFor(ms, observer), sceneAt(ms));
    return { ms, lv, sdStops };
  });
}

/** How sharply the moment of passing a value is found. */
const PASS_MS = 15_000;
const PASS_STEP_MS = 600_000;

/**
 * The first moment at which the light passes a value, up or down.
 * @returns milliseconds since 1970, or null when it does not within the range
 */
export function whenLightPasses(
  lv: number,
  range: { readonly fromMs: number; readonly toMs: number },
  place: Place,
  sceneAt: (ms: number) => SkyScene
): number | null {
  const observer = observerAt(place);
  const above = (ms: number): boolean => skyLight(sunAndMoonFor(ms, observer), sceneAt(ms)).lv >= lv;
  const was = above(range.fromMs);
  for (let ms = range.fromMs + PASS_STEP_MS; ms <= range.toMs; ms += PASS_STEP_MS) {
    if (above(ms) !== was) return bisect((t) => above(t) === was, ms - PASS_STEP_MS, ms, PASS_MS);
  }
  return null;
}
