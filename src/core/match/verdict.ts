// The verdict on one setting in one light: error, chance, room to either side, and the reasons as a sum.
// LV ~ N(μ, σ_L²); camera, frame and film add their own spread, so Δ is normal and the chance is closed form.
import { CONDITION_SD, type Camera } from '../camera/camera.ts';
import type { Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { filmWindow, type FilmWindow } from '../film/window.ts';
import type { Contrast } from '../light/contrast.ts';
import type { LightValue } from '../light/lv.ts';
import { normalBetween } from '../numeric/normal.ts';
import { failuresOf, type Failure } from './conditions.ts';
import { deltaTerms, NO_ATTACHMENTS, sumTerms, type Attachments, type Term } from './delta.ts';

/** From this chance on a frame is *likely*, and from the second on *possible*. */
export const LIKELY = 0.75;
/** @see LIKELY */
export const POSSIBLE = 0.5;

/** Spread from frame to frame that is always there, one sd in stops. Common practice, no source. */
export const FRAME_SD = 0.15;

/** How a chance is spoken of. */
export type ChanceClass = 'likely' | 'possible' | 'unlikely';

/** All that is asked about: the pair, the light and what the subject is like. */
export interface Situation {
  readonly camera: Camera;
  readonly film: Film;
  readonly light: LightValue;
  readonly contrast: Contrast;
  readonly attachments?: Attachments;
}

/** What comes of a setting. All in stops, + = over. */
export interface Verdict {
  readonly setting: Setting;
  readonly terms: readonly Term[];
  readonly deltaStops: number;
  readonly sdStops: number;
  readonly window: FilmWindow;
  /** Chance 0…1 that the error falls in the usable window. */
  readonly pUsable: number;
  /** Chance 0…1 that it falls in the good one. */
  readonly pGood: number;
  readonly chance: ChanceClass;
  /** Stops the light may still fall before the usable window is left; negative = already outside. */
  readonly slackUnderStops: number;
  /** Stops it may still rise. */
  readonly slackOverStops: number;
  readonly failures: readonly Failure[];
}

/** Spread that camera, frame and film add after the light, one sd in stops. */
export function gearSd(camera: Camera, film: Film): number {
  return Math.hypot(CONDITION_SD[camera.condition], FRAME_SD, film.sdStops);
}

/** The class of a chance. */
export function chanceClass(p: number): ChanceClass {
  return p >= LIKELY ? 'likely' : p >= POSSIBLE ? 'possible' : 'unlikely';
}

/** Judges one setting. */
export function judge(situation: Situation, setting: Setting): Verdict {
  const { camera, film, light, contrast } = situation;
  const terms = deltaTerms(camera, film, setting, light.lv, situation.attachments ?? NO_ATTACHMENTS);
  const deltaStops = sumTerms(terms);
  const sdStops = Math.hypot(light.sdStops, gearSd(camera, film));
  const window = filmWindow(film, contrast);
  const { usable, good } = window;
  const pUsable = normalBetween(deltaStops, sdStops, usable.lo, usable.hi);
  return {
    setting,
    terms,
    deltaStops,
    sdStops,
    window,
    pUsable,
    pGood: normalBetween(deltaStops, sdStops, good.lo, good.hi),
    chance: chanceClass(pUsable),
    slackUnderStops: deltaStops - usable.lo,
    slackOverStops: usable.hi - deltaStops,
    failures: failuresOf(camera, film, setting)
  };
}
