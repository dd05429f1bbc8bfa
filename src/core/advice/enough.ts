// Enough for today: how long a pair still works in a light that goes on, and whether to stop here.
import type { Choice } from '../camera/setting.ts';
import { bisect } from '../numeric/bisect.ts';
import type { CoursePoint } from '../sky/events.ts';
import { bestSetting } from './rank.ts';
import type { Situation } from '../error/situation.ts';

/** What comes of the evening. `until`: the last moment of the course at which the chance is at or above the least wanted. */
export type Enough =
  | { readonly kind: 'works'; readonly untilMs: number | null }
  /** Below it now. `againMs`: when it would be good again, null = not within the course. */
  | { readonly kind: 'stop'; readonly chance: number; readonly againMs: number | null };

/**
 * @param course ascending in time; empty = nothing is known of what comes
 * @param leastChance the chance below which the person wants to stop, 0…1
 * @returns null for a camera without settings; `untilMs` null where it works to the end of the course
 */
export function enoughForToday(
  situation: Situation,
  present: Choice,
  course: readonly CoursePoint[],
  leastChance: number
): Enough | null {
  const chanceIn = (light: Situation['light']): number | null =>
    bestSetting({ ...situation, light }, present)?.pUsable ?? null;
  const now = chanceIn(situation.light);
  if (now === null) return null;
  const good = (point: CoursePoint): boolean =>
    (chanceIn({ lv: point.lv, sdStops: point.sdStops }) ?? 0) >= leastChance;
  const turn = course.findIndex((point) => good(point) !== now >= leastChance);
  const [after, before] = [course[turn], course[turn - 1]];
  // on a course the light goes evenly from point to point: the minute is found by bisection
  const turnMs =
    after &&
    (before
      ? bisect(
          (ms) => good(between(before, after, ms)) === now >= leastChance,
          before.ms,
          after.ms,
          MINUTE_MS / 4
        )
      : after.ms);
  if (now < leastChance) return { kind: 'stop', chance: now, againMs: turnMs ?? null };
  return { kind: 'works', untilMs: turnMs === undefined ? null : turnMs };
}

const MINUTE_MS = 60_000;

function between(a: CoursePoint, b: CoursePoint, ms: number): CoursePoint {
  const share = b.ms === a.ms ? 0 : (ms - a.ms) / (b.ms - a.ms);
  return { ms, lv: a.lv + share * (b.lv - a.lv), sdStops: a.sdStops + share * (b.sdStops - a.sdStops) };
}
