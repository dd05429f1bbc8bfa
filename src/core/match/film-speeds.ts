// Which film speeds would do in this light with this camera, in marked thirds.
import type { Choice } from '../camera/setting.ts';
import { MARKED_SPEEDS } from '../units/film-speed.ts';
import { bestSetting } from './rank.ts';
import { POSSIBLE, type Situation, type Verdict } from './verdict.ts';

/** Film speeds (ISO, arithmetic) that fit: slowest and fastest with P ≥ 0.5, and the one with the least error. */
export interface FittingSpeeds {
  readonly slowest: number;
  readonly centred: number;
  readonly fastest: number;
}

/** A film of this kind in another speed. Tries every marked speed through the same engine; null when none would do. */
export function fittingSpeeds(situation: Situation, present: Choice): FittingSpeeds | null {
  const tries = MARKED_SPEEDS.flatMap((iso): { iso: number; verdict: Verdict }[] => {
    const verdict = bestSetting({ ...situation, film: { ...situation.film, iso } }, present);
    return verdict && verdict.failures.length === 0 ? [{ iso, verdict }] : [];
  });
  const usable = tries.filter((t) => t.verdict.pUsable >= POSSIBLE);
  const first = usable[0];
  const last = usable.at(-1);
  if (!first || !last) return null;
  const off = (t: { verdict: Verdict }): number => Math.abs(t.verdict.deltaStops);
  const centred = usable.reduce((best, t) => (off(t) < off(best) - 1e-9 ? t : best), first);
  return { slowest: first.iso, centred: centred.iso, fastest: last.iso };
}
