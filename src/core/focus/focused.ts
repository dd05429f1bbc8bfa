// Where a camera's lens stands, what is sharp there, and which focus mark a subject asks for.
import { kindOfControl } from '../camera/kinds/controls.ts';
import { kindOfProgram } from '../camera/kinds/programs.ts';
import { positionsOf, type Camera } from '../camera/camera.ts';
import { controlFor, positionAt, type Choice } from '../camera/setting.ts';
import { FORMATS } from '../film/formats.ts';
import type { FrameFormat } from '../film/formats.ts';
import { hyperfocalM, sharpRange, type SharpRange } from './depth.ts';

/**
 * Smallest f-number that the camera can give: its widest opening.
 * @param camera any
 * @returns the f-number
 */
export function widestFNumber(camera: Camera): number {
  const set = kindOfProgram(camera.program).widest(camera.program);
  if (set !== null) return set;
  const aperture = controlFor(camera, 'aperture');
  if (!aperture) return NaN;
  return Math.min(...kindOfControl(aperture).values(aperture));
}

/**
 * Metres the lens stands at: by its focus control, else where it was fixed.
 * @param camera any
 * @param format of the film in it
 * @param choice where its controls stand
 * @returns metres, Infinity for far away
 */
export function focusedM(camera: Camera, format: FrameFormat, choice: Choice): number {
  const control = controlFor(camera, 'focus');
  const set = control && positionAt(control, choice);
  if (set) return set.value;
  const { focusing } = camera;
  if (focusing.kind === 'fixed' && focusing.atM !== null) return focusing.atM;
  return hyperfocalM(camera.focalMm, widestFNumber(camera), FORMATS[format].circleMm);
}

/**
 * What is sharp with a choice at an f-number. On a fixed lens the owner's own *sharp from* is believed over the sum: at the openings
 * where they looked, else at every one.
 * @param choice where the controls stand @param fNumber > 0
 * @returns metres; the far end may be Infinity
 */
export function sharpRangeOf(
  camera: Camera,
  format: FrameFormat,
  choice: Choice,
  fNumber: number
): SharpRange {
  const { focusing } = camera;
  const at = focusedM(camera, format, choice);
  const range = sharpRange(camera.focalMm, fNumber, FORMATS[format].circleMm, at);
  if (focusing.kind !== 'fixed' || controlFor(camera, 'focus')) return range;
  const found = foundAt(focusing.sharpBy ?? [], fNumber) ?? focusing.sharpFromM;
  return found === null ? range : { nearM: found, farM: Infinity };
}

/** Openings this close are the same, stops. */
const SAME_STOPS = 1 / 3;

/** What its owner found at an opening; null where they did not look. */
function foundAt(
  found: readonly { readonly fNumber: number; readonly fromM: number }[],
  fNumber: number
): number | null {
  const off = (n: number): number => Math.abs(2 * Math.log2(n / fNumber));
  const [nearest] = [...found].sort((a, b) => off(a.fNumber) - off(b.fNumber));
  return nearest && off(nearest.fNumber) <= SAME_STOPS ? nearest.fromM : null;
}

/**
 * The nearest distance that can be focused on.
 * @param camera any
 * @returns metres; 0 where nothing keeps it
 */
export function nearestFocus(camera: Camera): number {
  if (camera.focusing.kind === 'autofocus') return camera.focusing.nearestM;
  const focus = controlFor(camera, 'focus');
  return focus ? Math.min(...positionsOf(focus).map((p) => p.value)) : 0;
}

/**
 * A choice with the focus at the mark that blurs a subject least, if the camera has a focus control.
 * @param camera any
 * @param choice where its controls stand
 * @param subjectM metres, > 0
 * @returns the choice with its focus
 */
export function withFocusAt(camera: Camera, choice: Choice, subjectM: number): Choice {
  const focus = controlFor(camera, 'focus');
  if (!focus) return choice;
  // blur grows with the difference of 1/distance; infinity is 0 there
  const off = (m: number): number => Math.abs(1 / m - 1 / subjectM);
  const distances = positionsOf(focus).map((p) => p.value);
  const nearest = distances.reduce((best, m, i) => (off(m) < off(distances[best] ?? m) ? i : best), 0);
  return { ...choice, [focus.id]: nearest };
}

/** Where people usually focus when nothing is known yet, metres. */
const USUAL_DISTANCE_M = 3;

/**
 * A choice with the focus at its position nearest to three metres, if the camera has one and the choice does not say.
 * @param camera any
 * @param choice where its controls stand
 * @returns the choice with a focus
 */
export function withUsualFocus(camera: Camera, choice: Choice): Choice {
  const focus = controlFor(camera, 'focus');
  return !focus || choice[focus.id] !== undefined ? choice : withFocusAt(camera, choice, USUAL_DISTANCE_M);
}
