// What a pair makes of a light: the best setting, with the filters that a purpose asks for, and whether it serves.
import type { AtHand } from '../advice/at-hand.ts';
import { purposeServed } from '../advice/purpose-served.ts';
import { bestAt, candidatesOf } from '../advice/rank.ts';
import type { RemedyStep } from '../advice/remedy.ts';
import type { Choice } from '../camera/setting.ts';
import { prepare } from '../chance/prepared.ts';
import { judgeCandidate, type Verdict } from '../chance/verdict.ts';
import { circumstancesOf, type Purpose, type Situation, type Support } from '../error/situation.ts';
import type { DayPoint } from './day-light.ts';

/** A pair with what is asked of it. The situation's light and contrast play no part: the day brings them. */
export interface PlanPair {
  readonly situation: Situation;
  readonly present: Choice;
  readonly atHand: AtHand;
  /** The chance below which a frame is not worth pressing for, 0…1. */
  readonly leastChance: number;
}

/** What a light makes of a pair. */
export interface Serving {
  readonly verdict: Verdict;
  /** Filters to put on first; none mostly. */
  readonly steps: readonly RemedyStep[];
  /** Whether the frame is worth pressing for, and the purpose reached. */
  readonly serves: boolean;
}

/** Purposes of whole seconds: the camera has to stand on something. */
export const NEED_STANDING: ReadonlySet<Purpose> = new Set(['light-trails', 'whole-seconds']);

/**
 * The situation at a moment of a day, held in some way.
 * @returns a new situation
 */
export function situationAt(pair: PlanPair, point: DayPoint, support: Support): Situation {
  const { situation } = pair;
  const { lv, sdStops, contrast, lightKind } = point;
  return {
    ...situation,
    light: { lv, sdStops },
    ...{ contrast, support },
    circumstances: { ...circumstancesOf(situation), lightKind }
  };
}

/**
 * What a moment's light makes of a pair; null for a camera without settings.
 * @returns the best setting then, with its chance
 */
export function servingAt(pair: PlanPair, point: DayPoint, support: Support): Serving | null {
  const situation = situationAt(pair, point, support);
  const { present, atHand, leastChance } = pair;
  // seconds in the hand are no purpose that filters could serve
  const inVain = support !== 'standing' && NEED_STANDING.has(situation.purpose ?? 'good-frame');
  const served = inVain ? null : purposeServed(situation, present, atHand);
  if (served) {
    const { verdict, steps } = served.remedy;
    return { verdict, steps, serves: served.missing === null && verdict.pUsable >= leastChance };
  }
  const prepared = prepare(situation);
  const best = bestAt({ prepared, present, lv: point.lv }, candidatesOf(prepared, present));
  if (!best) return null;
  const verdict = judgeCandidate(prepared, best.candidate);
  return { verdict, steps: [], serves: !inVain && verdict.pUsable >= leastChance };
}
