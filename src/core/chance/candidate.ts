// One setting in one situation, ready to be asked about many lights: its error, what the camera gives, and its chances.
// Set by hand exposure, hand, subject and focus are independent and multiply. On a camera that sets itself the reading comes
// before the clip and decides the time: exposure alone is a sum of bivariate normal rectangles, good to 1e-10, and the whole
// frame a quadrature over the reading (automatic-chance.ts). With flash the two lights are added by quadrature (flash-chance.ts).
import { setsItself, type Camera } from '../camera/camera.ts';
import type { Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import type { FilmWindow, StopWindow } from '../film/window.ts';
import type { FlashOnFrame } from '../error/delta.ts';
import type { Chances } from './automatic-chance.ts';
import { playedBy } from '../camera/played-by.ts';
import { prepare, type Prepared } from './prepared.ts';
import { SetByHand, SetByHandWithFlash } from './set-by-hand.ts';
import { SetByItself } from './set-by-itself.ts';

/** What a frame comes to when light and reading are at their means. */
export interface FrameAt {
  readonly exposure: Exposure;
  /** Error, stops. */
  readonly deltaStops: number;
  readonly flash: FlashOnFrame | null;
}

/** A setting with what comes of it; the functions take the light's mean, LV. */
export interface Candidate {
  readonly setting: Setting;
  frameAt(lv: number): FrameAt;
  /** Chance 0…1 that the error falls in a window, for the situation's uncertainty of the light. */
  chanceAt(lv: number, window: StopWindow): number;
  /** Chances of the whole frame. */
  chancesAt(lv: number): Chances;
  /** The windows of the film: a flash that outshines the rest lights the subject evenly. */
  windowAt(lv: number): FilmWindow;
  /** A chance that the whole frame does not exceed, for less work. */
  boundAt(lv: number): number;
}

const played = new WeakMap<Prepared, Map<Camera, Prepared>>();

/**
 * The situation with the camera as a setting has it: with its lens, or set by hand.
 * @param asked from {@link prepare} @param setting may choose another lens or the override
 * @returns the same object where the setting changes nothing of the camera
 */
export function preparedFor(asked: Prepared, setting: Setting): Prepared {
  const camera = playedBy(asked.situation.camera, setting);
  if (camera === asked.situation.camera) return asked;
  const known = played.get(asked) ?? new Map<Camera, Prepared>();
  played.set(asked, known);
  const now = known.get(camera) ?? prepare({ ...asked.situation, camera });
  known.set(camera, now);
  return now;
}

/**
 * Makes a candidate.
 * @param asked from {@link prepare}
 * @returns chances of this setting, ready to be asked at any LV
 */
export function candidateOf(asked: Prepared, setting: Setting): Candidate {
  const prepared = preparedFor(asked, setting);
  if (setsItself(prepared.situation.camera)) return new SetByItself(prepared, setting);
  return prepared.circumstances.flash.kind === 'fired'
    ? new SetByHandWithFlash(prepared, setting)
    : new SetByHand(prepared, setting);
}
