// The verdict on one setting in one light: error, chance, room to either side, and the reasons as a sum.
import type { Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import type { FilmWindow } from '../film/window.ts';
import { aimStops } from './aim.ts';
import { candidateOf, type Candidate } from './candidate.ts';
import { failuresOf, type Failure } from './conditions.ts';
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
  readonly pUsable: number;
  /** Chance 0…1 that it falls in the good one. */
  readonly pGood: number;
  readonly chance: ChanceClass;
  /** What the chance is made of. */
  readonly factors: readonly Factor[];
  /** Stops from the under edge of the usable window; negative = already outside. */
  readonly slackUnderStops: number;
  /** Stops to its over edge. */
  readonly slackOverStops: number;
  readonly failures: readonly Failure[];
}

/** The class of a chance. */
export function chanceClass(p: number): ChanceClass {
  return p >= LIKELY ? 'likely' : p >= POSSIBLE ? 'possible' : 'unlikely';
}

/** Judges one setting. */
export function judge(situation: Situation, setting: Setting): Verdict {
  const prepared = prepare(situation);
  return judgeCandidate(prepared, candidateOf(prepared, setting));
}

/** Judges a candidate at the light of its situation. */
export function judgeCandidate(prepared: Prepared, candidate: Candidate): Verdict {
  const { situation, window, limits, circumstances } = prepared;
  const { camera, film, light } = situation;
  const { setting } = candidate;
  const { terms, exposure, flash } = errorOfFrame(camera, film, setting, light.lv, circumstances);
  const deltaStops = sumTerms(terms);
  const pUsable = candidate.chanceAt(light.lv, window.usable);
  const sdStops = errorSd(situation, exposure.limit !== 'none', setting);
  return {
    ...{ setting, exposure, flash, terms, deltaStops, sdStops, window, pUsable },
    aimStops: aimStops(window.good, sdStops),
    pGood: candidate.chanceAt(light.lv, window.good),
    chance: chanceClass(pUsable),
    factors: [],
    slackUnderStops: deltaStops - window.usable.lo,
    slackOverStops: window.usable.hi - deltaStops,
    failures: failuresOf(camera, limits, setting, exposure, flash)
  };
}
