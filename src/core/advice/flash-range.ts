// From how near to how far a flash makes a frame that may come out.
import type { Choice } from '../camera/setting.ts';
import { circumstancesOf, type Situation } from '../error/situation.ts';
import { bestSetting } from './rank.ts';
import { POSSIBLE } from '../chance/verdict.ts';

/** Distances, metres. */
export interface FlashRange {
  readonly fromM: number;
  readonly toM: number;
}

/** Where flashes are used, metres; steps of a third of a stop of light are as fine as anybody judges a distance. */
const NEAREST_M = 0.4;
const FURTHEST_M = 30;
const STEP = 2 ** (1 / 6);

/**
 * The distances at which P ≥ 0.5 with the flash as it is switched on; null where there are none.
 * @param present where the controls stand
 * @returns metres, > 0
 */
export function flashRange(situation: Situation, present: Choice): FlashRange | null {
  const circumstances = circumstancesOf(situation);
  const found: number[] = [];
  for (let m = Math.max(NEAREST_M, (situation.camera.focalMm * 1.2) / 1000); m <= FURTHEST_M; m *= STEP) {
    // a distance that is tried is known: what is told is where it works, not how well anybody guesses
    const verdict = bestSetting(
      { ...situation, distanceBy: 'measured', circumstances: { ...circumstances, subjectM: m } },
      present
    );
    const good = verdict !== null && verdict.pUsable >= POSSIBLE;
    if (good) found.push(m);
    else if (found.length > 0) break;
  }
  const [fromM] = found;
  return fromM === undefined ? null : { fromM, toM: found.at(-1) ?? fromM };
}
