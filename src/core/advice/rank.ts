// Which of a camera's settings to use. In this order: possible with no failed condition · class of chance · fewest failed
// conditions · what the purpose asks · chance to the nearest 5 points · chance of a good frame, likewise · fewest controls to
// move · time nearest 1/ISO (the habit of people without a meter) · least error ·
// lighten–darken nearest its middle · printed order.
import { allSettings, changesBetween, type Choice, type Setting } from '../camera/setting.ts';
import { candidateOf, type Candidate, type FrameAt } from '../chance/candidate.ts';
import { failuresOf } from '../chance/conditions.ts';
import { prepare, type Prepared } from '../chance/prepared.ts';
import { purposeMeasure } from './purpose.ts';
import type { Situation } from '../error/situation.ts';
import { judgeCandidate, LIKELY, POSSIBLE, type Verdict } from '../chance/verdict.ts';

/** A candidate with its place in the order: numbers compared from the first on, the less the better. */
interface Ranked {
  readonly candidate: Candidate;
  readonly frame: FrameAt;
  /** What decides first; the rest is worked out only where that is equal. */
  readonly first: readonly number[];
}

/**
 * All settings of the camera, best first.
 * @param present where the controls stand now; counts against moving them when nothing else decides; {} = nothing is known
 * @returns at least one verdict for a camera without faults
 */
export function rankSettings(situation: Situation, present: Choice): readonly Verdict[] {
  const prepared = prepare(situation);
  const ranked = settingsFor(situation, present).map((setting) => {
    const one = rankFirst(prepared, setting);
    if (!one) throw new RangeError('a setting was left out of the ranking');
    return { candidate: one.candidate, key: [...one.first, ...rankRest(prepared, present, one)] };
  });
  // the sort is stable: printed order decides last
  return ranked.sort((a, b) => compareKeys(a.key, b.key)).map((r) => judgeCandidate(prepared, r.candidate));
}

/** The best setting, or null for a camera that has none. */
export function bestSetting(situation: Situation, present: Choice): Verdict | null {
  const prepared = prepare(situation);
  let best: Ranked | null = null;
  let rest: readonly number[] | null = null;
  for (const setting of settingsFor(situation, present)) {
    const next: Ranked | null = rankFirst(prepared, setting, best);
    if (next === null) continue;
    const order = best === null ? -1 : compareKeys(next.first, best.first);
    if (order > 0) continue;
    if (best !== null && order === 0) {
      rest ??= rankRest(prepared, present, best);
      const nextRest = rankRest(prepared, present, next);
      if (compareKeys(nextRest, rest) < 0) [best, rest] = [next, nextRest];
    } else [best, rest] = [next, null];
  }
  return best && judgeCandidate(prepared, best.candidate);
}

/** The settings worth trying: focus is tried too when it is what the purpose is about. */
export function settingsFor(situation: Situation, present: Choice): readonly Setting[] {
  return allSettings(situation.camera, present, situation.purpose === 'most-in-focus');
}

/** @param best the best so far: one that cannot come up to it is null */
function rankFirst(prepared: Prepared, setting: Setting, best: Ranked | null = null): Ranked | null {
  const { situation, window, limits } = prepared;
  const { lv } = situation.light;
  const candidate = candidateOf(prepared, setting);
  // a likely frame without failed conditions is there: what is not likely comes after it, whatever it is
  if (best?.first[0] === 0 && best.first[1] === 0 && candidate.boundAt(lv, window.usable) < LIKELY)
    return null;
  const frame = candidate.frameAt(lv);
  const failures = failuresOf(situation.camera, limits, setting, frame.exposure, frame.flash).length;
  const pUsable = candidate.chanceAt(lv, window.usable);
  const first = [
    // a frame that is held but lost in the dark is no better than one that needs a wall to lean on
    failures > 0 || pUsable < POSSIBLE ? 1 : 0,
    pUsable >= LIKELY ? 0 : pUsable >= POSSIBLE ? 1 : 2,
    failures,
    situation.purpose === undefined ? 0 : purposeMeasure(prepared, setting, frame.exposure),
    -Math.round(pUsable * 20)
  ];
  return { candidate, frame, first };
}

function rankRest(prepared: Prepared, present: Choice, { candidate, frame }: Ranked): readonly number[] {
  const { situation, window } = prepared;
  const { camera, film, light } = situation;
  const { choice, compensationStops } = candidate.setting;
  return [
    -Math.round(candidate.chanceAt(light.lv, window.good) * 20),
    changesBetween(camera, present, choice),
    // a camera that times itself needs no habit
    camera.program.kind !== 'manual'
      ? 0
      : Math.round(3 * Math.abs(Math.log2(frame.exposure.seconds * film.iso))),
    // to a millionth: beyond a limit all positions of lighten–darken are equal but for rounding
    Math.round(1e6 * Math.abs(frame.deltaStops)),
    Math.abs(compensationStops)
  ];
}

function compareKeys(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) {
    const difference = (a[i] ?? 0) - (b[i] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0;
}
