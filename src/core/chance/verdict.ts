// The verdict on one setting in one light: error, chance, room to either side, and the reasons as a sum.
import type { Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import type { FilmWindow } from '../film/window.ts';
import { aimStops } from './aim.ts';
import { candidateOf, preparedFor, type Candidate } from './candidate.ts';
import type { Chances } from './automatic-chance.ts';
import { certainFailure, failuresOf, type ConditionChances, type Failure } from './conditions.ts';
import { errorOfFrame, sumTerms, type FlashOnFrame, type Term } from '../error/delta.ts';
import { prepare, type Prepared } from './prepared.ts';
import { errorSd, type Situation } from '../error/situation.ts';

/** From this chance on a frame is *likely*, and from the second on *possible*. */
export const LIKELY = 0.75;
/** @see LIKELY */
export const POSSIBLE = 0.5;

/** How a chance is spoken of. */
export type ChanceClass = 'likely' | 'possible' | 'unlikely';

/** What a frame needs beside its exposure. */
export interface Factor {
  readonly kind: 'exposure' | 'hand' | 'subject' | 'focus' | 'lock' | 'sync' | 'counted';
  /** Chance 0…1, given that those before it hold. */
  readonly chance: number;
}

/** What comes of a setting. All in stops, + = over. */
export interface Verdict {
  readonly setting: Setting;
  /** What the film gets at the mean of the light, set by hand or by the camera. */
  readonly exposure: Exposure;
  readonly terms: readonly Term[];
  readonly deltaStops: number;
  /** The error worth aiming for: where a good frame is most likely. */
  readonly aimStops: number;
  /** What a flash does for it; null = none fires. */
  readonly flash: FlashOnFrame | null;
  readonly sdStops: number;
  readonly window: FilmWindow;
  /** Chance 0…1 that the error falls in the usable window. */
  readonly pExposure: number;
  /** Chance 0…1 of the whole frame: the exposure usable, hand and subject still, the subject in focus. */
  readonly pUsable: number;
  /** The same with the exposure in the good window. */
  readonly pGood: number;
  readonly chance: ChanceClass;
  /** What the chance of the whole frame is the product of. */
  readonly factors: readonly Factor[];
  /** Stops from the under edge of the usable window; negative = already outside. */
  readonly slackUnderStops: number;
  /** Stops to its over edge. */
  readonly slackOverStops: number;
  readonly failures: readonly Failure[];
}

/**
 * The class of a chance.
 * @param p chance, 0…1
 * @returns the class whose bound it reaches
 */
export function chanceClass(p: number): ChanceClass {
  return p >= LIKELY ? 'likely' : p >= POSSIBLE ? 'possible' : 'unlikely';
}

/**
 * Judges one setting.
 * @param setting need not be one of the camera's best
 * @returns chances, failures and the error in stops
 */
export function judge(situation: Situation, setting: Setting): Verdict {
  const prepared = prepare(situation);
  return judgeCandidate(prepared, candidateOf(prepared, setting));
}

/**
 * Judges a candidate at the light of its situation.
 * @param prepared of the same situation
 * @returns the same as {@link judge} of its setting
 */
export function judgeCandidate(prepared: Prepared, candidate: Candidate): Verdict {
  const { setting } = candidate;
  const { situation, limits, circumstances } = preparedFor(prepared, setting);
  const { camera, film, light } = situation;
  const window = candidate.windowAt(light.lv);
  const { terms, exposure, flash } = errorOfFrame(camera, film, setting, light.lv, circumstances);
  const deltaStops = sumTerms(terms);
  const chances = candidate.chancesAt(light.lv);
  const sdStops = errorSd(situation, exposure.limit !== 'none', setting);
  const certain = certainFailure(limits, setting, exposure.seconds);
  const conditions = certain ? ALL_HOLD : conditionsIn(chances);
  const failures = failuresOf(camera, limits, setting, { exposure, flash }, conditions);
  return {
    ...{ setting, exposure, flash, terms, deltaStops, sdStops, window, failures },
    aimStops: aimStops(window.good, sdStops),
    pExposure: chances.exposure,
    pUsable: chances.usable,
    pGood: chances.good,
    chance: chanceClass(chances.usable),
    factors: factorsOf(chances.exposure, conditions, certain),
    slackUnderStops: deltaStops - window.usable.lo,
    slackOverStops: window.usable.hi - deltaStops
  };
}

/** Each condition given those before it; where nothing is left to divide, it stands as it is. */
function conditionsIn({ exposure, released, held, still, usable }: Chances): ConditionChances {
  const given = (after: number, before: number): number => (before > 1e-12 ? Math.min(1, after / before) : 1);
  return {
    lock: given(released, exposure),
    hand: given(held, released),
    subject: given(still, held),
    focus: given(usable, still)
  };
}

const ALL_HOLD: ConditionChances = { lock: 1, hand: 1, subject: 1, focus: 1 };

/** A condition this close to certain is none to speak of. */
const CERTAIN = 1 - 1e-9;

function factorsOf(exposure: number, on: ConditionChances, certain: Failure | null): readonly Factor[] {
  const spoiling: readonly Factor[] =
    certain === null ? [] : [{ kind: certain.condition === 'sync' ? 'sync' : 'counted', chance: 0 }];
  const all: readonly Factor[] = [
    { kind: 'lock', chance: on.lock },
    { kind: 'hand', chance: on.hand },
    { kind: 'subject', chance: on.subject },
    { kind: 'focus', chance: on.focus }
  ];
  return [{ kind: 'exposure', chance: exposure }, ...spoiling, ...all.filter((f) => f.chance < CERTAIN)];
}
