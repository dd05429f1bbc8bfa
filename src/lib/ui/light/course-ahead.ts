// How the light now will go on: the sum of sun, moon and sky gives the change, the light now where it starts.
import { lightCourse, type CoursePoint } from '#core/sky/events.ts';
import type { SkyScene } from '#core/sky/sky-scene.ts';
import { LV_RANGE } from '#core/light/lv.ts';
import type { LightChoice, NamedPlace } from '#core/ways/choice.ts';
import { isOutdoors } from './outdoors.ts';

const STEP_MS = 20 * 60_000;
const AHEAD_MS = 12 * 3_600_000;
/** What an hour adds to not knowing the light, one sd in stops. A guess of ours. */
const HOURLY_SD = 0.15;
/**
 * The course from a moment on.
 * @param place where the light was last summed up; null = nothing is known of what comes
 * @param now milliseconds since 1970, used unless the light is of a moment of its own
 */
export function courseAhead(
  light: LightChoice,
  place: NamedPlace | null,
  now: number
): readonly CoursePoint[] {
  const { way } = light;
  const at = way.kind === 'sun' ? way.place : place;
  if (!at || !isOutdoors(way)) return [];
  const fromMs = way.kind === 'sun' ? way.ms : now;
  // the sky stays as it was told; what it may turn to is in how unsure the hours ahead are
  const scene: SkyScene = way.kind === 'sun' ? way : { sky: 'unsaid', facing: 'front', ground: 'ground' };
  const course = lightCourse({ fromMs, toMs: fromMs + AHEAD_MS, stepMs: STEP_MS }, at, () => scene);
  const start = course[0]?.lv ?? light.lv;
  return course.slice(1).map((point, i) => ({
    ms: point.ms,
    lv: Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, light.lv + point.lv - start)),
    sdStops: light.sdStops + (HOURLY_SD * (i + 1) * STEP_MS) / 3_600_000
  }));
}
