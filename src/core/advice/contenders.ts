// Which settings are worth asking for their chances at a light: a chance costs much more than its bound.
import type { Choice } from '../camera/setting.ts';
import type { Chances } from '../chance/automatic-chance.ts';
import { spoiled } from '../chance/candidate-parts.ts';
import type { Candidate } from '../chance/candidate.ts';
import type { Prepared } from '../chance/prepared.ts';
import { LIKELY } from '../chance/verdict.ts';
import type { Purpose } from '../error/situation.ts';

/** Settings this close to the best are its peers, and at least this share of it. */
export const PEER_POINTS = 0.05;
/** @see PEER_POINTS */
export const PEER_SHARE = 0.8;
/** Settings this close to the best may serve a purpose. */
export const PURPOSE_POINTS = 0.15;
/** Less than this is no chance at all. */
export const NO_CHANCE = 0.01;

/** A candidate with its chances at a light. */
export interface Tried {
  readonly candidate: Candidate;
  readonly chances: Chances;
  readonly isExtra: boolean;
}

/** Where settings are compared: a situation, where the controls stand, and a light in place of the situation's own. */
export interface Place {
  readonly prepared: Prepared;
  readonly present: Choice;
  readonly lv: number;
}

/**
 * All candidates with their chances.
 * @param lv of the light, at the subject
 * @returns one for each candidate, in the same order
 */
export function triedAt(lv: number, candidates: readonly Candidate[]): readonly Tried[] {
  return candidates.map((candidate) => triedWith(candidate, candidate.chancesAt(lv)));
}

const triedWith = (candidate: Candidate, chances: Chances): Tried => ({
  candidate,
  chances,
  isExtra: isExtra(candidate)
});

/** Lighten–darken off its middle, or an automatic overridden. */
const isExtra = ({ setting }: Candidate): boolean => setting.compensationStops !== 0 || setting.overridden;

/**
 * The candidates that can be chosen at a light, in printed order. A chance costs much more than its bound: the likeliest by their
 * bounds are asked first, and whatever cannot come near the best is not asked at all.
 * @param candidates in printed order
 * @returns at least the best one, with its peers; empty only for no candidates
 */
export function contendersAt({ prepared, lv }: Place, candidates: readonly Candidate[]): readonly Tried[] {
  const { purpose = 'good-frame' } = prepared.situation;
  const bounded = candidates.map((candidate, i) => ({ candidate, i, bound: candidate.boundAt(lv) }));
  // nothing will come out: who is nearest to right is asked without chances
  if (bounded.every(({ bound }) => bound < NO_CHANCE)) return candidates.map((c) => triedWith(c, spoiled(0)));
  const tried: (Tried | undefined)[] = candidates.map(() => undefined);
  /** Asks some of them, those with the highest bounds first. @returns their greatest chance */
  const ask = (some: typeof bounded, leastBeside: number): number => {
    let most = 0;
    for (const { candidate, i, bound } of some.sort((a, b) => b.bound - a.bound)) {
      // where nothing is possible all are needed, for the nearest to right
      const least = most < NO_CHANCE ? 0 : leastOf(purpose, most);
      if (bound < Math.max(least, leastBeside)) break;
      const asked = triedWith(candidate, candidate.chancesAt(lv));
      tried[i] = asked;
      most = Math.max(most, asked.chances.usable);
    }
    return most;
  };
  const middle = ask(
    bounded.filter(({ candidate }) => !isExtra(candidate)),
    0
  );
  // lighten–darken off its middle has to gain: what cannot is no rival
  const isRival = purpose === 'good-frame' && middle >= NO_CHANCE;
  ask(
    bounded.filter(({ candidate }) => isExtra(candidate)),
    isRival ? middle : 0
  );
  return tried.filter((t) => t !== undefined);
}

/** Less than this cannot be chosen beside one with the chance `most`. */
function leastOf(purpose: Purpose, most: number): number {
  return purpose === 'good-frame'
    ? Math.max(most - PEER_POINTS, most * PEER_SHARE)
    : Math.min(LIKELY, most - PURPOSE_POINTS);
}

/** The greatest chance of some. */
export const bestOf = (tried: readonly Tried[]): number =>
  tried.reduce((p, t) => Math.max(p, t.chances.usable), 0);
