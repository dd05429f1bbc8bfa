// Which of a camera's settings to use, by the chance of the whole frame: what is tried in contenders.ts, what is preferred in order.ts.
import { allSettings, type Choice, type Setting } from '../camera/setting.ts';
import { candidateOf, type Candidate } from '../chance/candidate.ts';
import { prepare, type Prepared } from '../chance/prepared.ts';
import { judgeCandidate, type Verdict } from '../chance/verdict.ts';
import type { Situation } from '../error/situation.ts';
import { bestOf, contendersAt, NO_CHANCE, triedAt, type Place } from './contenders.ts';
import { nearestToRight, orderedPeers } from './order.ts';

/**
 * All settings of the camera, best first.
 * @param present where the controls stand now; counts against moving them when nothing else decides; {} = nothing is known
 * @returns at least one verdict for a camera without faults
 */
export function rankSettings(situation: Situation, present: Choice): readonly Verdict[] {
  const prepared = prepare(situation);
  const { lv } = situation.light;
  const tried = triedAt(lv, candidatesOf(prepared, present));
  const first = orderedPeers({ prepared, present, lv }, tried);
  const chosen = new Set(first);
  const rest = tried.filter((t) => !chosen.has(t)).sort((a, b) => b.chances.usable - a.chances.usable);
  return [...first, ...rest].map((t) => judgeCandidate(prepared, t.candidate));
}

/**
 * The best setting, or null for a camera that has none.
 * @param present where the controls stand: of equals the one that moves least is chosen
 * @returns its verdict
 */
export function bestSetting(situation: Situation, present: Choice): Verdict | null {
  const prepared = prepare(situation);
  const best = bestAt({ prepared, present, lv: situation.light.lv }, candidatesOf(prepared, present));
  return best ? judgeCandidate(prepared, best.candidate) : null;
}

/**
 * The settings worth trying, ready to be asked about any light.
 * @param prepared from `prepare` @param present where the controls stand
 * @returns in printed order; empty for a camera that has no setting
 */
export function candidatesOf(prepared: Prepared, present: Choice): readonly Candidate[] {
  return settingsFor(prepared.situation, present).map((setting) => candidateOf(prepared, setting));
}

/**
 * The best of some candidates at a light; null for none. `most`: the greatest chance among them, of which the best may be a peer.
 * @param place the situation, its light and where the controls stand
 * @returns `most` as a chance, 0…1
 */
export function bestAt(
  place: Place,
  candidates: readonly Candidate[]
): { readonly candidate: Candidate; readonly most: number } | null {
  const tried = contendersAt(place, candidates);
  const most = bestOf(tried);
  const best = most < NO_CHANCE ? nearestToRight(place, tried) : orderedPeers(place, tried)[0];
  return best ? { candidate: best.candidate, most } : null;
}

/** Whether any of some candidates reaches a chance at a light: quicker than asking for the best. @param least 0…1 */
export function reaches(lv: number, candidates: readonly Candidate[], least: number): boolean {
  return candidates.some((c) => c.boundAt(lv) >= least && c.chancesAt(lv).usable >= least);
}

/**
 * The settings worth trying: focus is tried too when it is what the purpose is about.
 * @param present where the controls stand
 * @returns in printed order
 */
export function settingsFor(situation: Situation, present: Choice): readonly Setting[] {
  return allSettings(situation.camera, present, situation.purpose === 'most-in-focus');
}
