// Which of a camera's settings to use. In this order: possible with no failed condition · class of chance · fewest failed
// conditions · chance to the nearest 5 points · chance of a good frame, likewise · fewest controls to move · time nearest 1/ISO (the habit of people
// without a meter) · least error · lighten–darken nearest its middle · printed order.
import { allSettings, changesBetween, type Choice } from '../camera/setting.ts';
import type { Situation } from './situation.ts';
import { judge, type Verdict } from './verdict.ts';

const CLASS_ORDER = { likely: 0, possible: 1, unlikely: 2 } as const;

/**
 * All settings of the camera, best first.
 * @param present where the controls stand now; counts against moving them when nothing else decides; {} = nothing is known
 * @returns at least one verdict for a camera without faults
 */
export function rankSettings(situation: Situation, present: Choice): readonly Verdict[] {
  const { camera, film } = situation;
  const keyed = allSettings(camera, present).map((setting) => {
    const verdict = judge(situation, setting);
    const key = [
      // a frame that is held but lost in the dark is no better than one that needs a wall to lean on
      verdict.failures.length > 0 || verdict.chance === 'unlikely' ? 1 : 0,
      CLASS_ORDER[verdict.chance],
      verdict.failures.length,
      -Math.round(verdict.pUsable * 20),
      -Math.round(verdict.pGood * 20),
      changesBetween(camera, present, setting.choice),
      // a camera that times itself needs no habit
      camera.program.kind !== 'manual'
        ? 0
        : Math.round(3 * Math.abs(Math.log2(verdict.exposure.seconds * film.iso))),
      // to a millionth: beyond a limit all positions of lighten–darken are equal but for rounding
      Math.round(1e6 * Math.abs(verdict.deltaStops)),
      Math.abs(setting.compensationStops)
    ];
    return { verdict, key };
  });
  return keyed.sort((a, b) => compareKeys(a.key, b.key)).map((k) => k.verdict);
}

/** The best setting, or null for a camera that has none. */
export function bestSetting(situation: Situation, present: Choice): Verdict | null {
  return rankSettings(situation, present)[0] ?? null;
}

function compareKeys(a: readonly number[], b: readonly number[]): number {
  for (const [i, x] of a.entries()) {
    const difference = x - (b[i] ?? 0);
    if (difference !== 0) return difference;
  }
  return 0; // sort is stable: printed order decides
}
