// The verdict on one setting in one light: error, chance, room to either side, and the reasons as a sum.
import type { Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { filmWindow, type FilmWindow } from '../film/window.ts';
import { chanceWithin } from './chance.ts';
import { failuresOf, type Failure } from './conditions.ts';
import { errorOfFrame, sumTerms, type Term } from './delta.ts';
import { circumstancesOf, errorSd, type Situation } from './situation.ts';

/** From this chance on a frame is *likely*, and from the second on *possible*. */
export const LIKELY = 0.75;
/** @see LIKELY */
export const POSSIBLE = 0.5;

/** How a chance is spoken of. */
export type ChanceClass = 'likely' | 'possible' | 'unlikely';

/** What comes of a setting. All in stops, + = over. */
export interface Verdict {
  readonly setting: Setting;
  /** What the film gets at the mean of the light, set by hand or by the camera. */
  readonly exposure: Exposure;
  readonly terms: readonly Term[];
  readonly deltaStops: number;
  readonly sdStops: number;
  readonly window: FilmWindow;
  /** Chance 0…1 that the error falls in the usable window. */
  readonly pUsable: number;
  /** Chance 0…1 that it falls in the good one. */
  readonly pGood: number;
  readonly chance: ChanceClass;
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
  const { camera, film, light, contrast } = situation;
  const { terms, exposure } = errorOfFrame(camera, film, setting, light.lv, circumstancesOf(situation));
  const deltaStops = sumTerms(terms);
  const window = filmWindow(film, contrast);
  const pUsable = chanceWithin(situation, setting, window.usable);
  return {
    setting,
    exposure,
    terms,
    deltaStops,
    sdStops: errorSd(situation, exposure.limit !== 'none'),
    window,
    pUsable,
    pGood: chanceWithin(situation, setting, window.good),
    chance: chanceClass(pUsable),
    slackUnderStops: deltaStops - window.usable.lo,
    slackOverStops: window.usable.hi - deltaStops,
    failures: failuresOf(camera, film, exposure, situation.supported)
  };
}
