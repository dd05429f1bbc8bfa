// Which film speeds would do in this light with this camera, in marked thirds.
import type { Choice } from '../camera/setting.ts';
import { MARKED_SPEEDS, nearestMarkedSpeed } from '../units/film-speed.ts';
import { bestSetting } from './rank.ts';
import type { Situation } from '../error/situation.ts';
import { POSSIBLE, type Verdict } from '../chance/verdict.ts';

/** Film speeds (ISO, arithmetic) that fit: slowest and fastest with P ≥ 0.5, and the one with no error at the setting advised now. */
export interface FittingSpeeds {
  readonly slowest: number;
  readonly centred: number;
  readonly fastest: number;
}

/**
 * A film of this kind in another speed. Tries every marked speed through the same engine; null when none would do.
 * @param present where the controls stand
 * @returns speeds in ISO
 */
export function fittingSpeeds(situation: Situation, present: Choice): FittingSpeeds | null {
  const tries = MARKED_SPEEDS.flatMap((iso): { iso: number; verdict: Verdict }[] => {
    const verdict = bestSetting({ ...situation, film: { ...situation.film, iso } }, present);
    return verdict ? [{ iso, verdict }] : [];
  });
  const usable = tries.filter((t) => t.verdict.pUsable >= POSSIBLE);
  const first = usable[0];
  const last = usable.at(-1);
  if (!first || !last) return null;
  // with the setting advised for the film that is in the camera: exactly right would be Δ stops slower
  const advised = bestSetting(situation, present);
  const centred = nearestMarkedSpeed(situation.film.iso * 2 ** -(advised?.deltaStops ?? 0));
  return { slowest: first.iso, centred, fastest: last.iso };
}
