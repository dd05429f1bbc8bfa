// Values that a control of a camera can have.
import { FILM_SPEED_RANGE } from '../units/film-speed.ts';
import type { Camera } from './camera.ts';
import type { CameraFault } from './faults.ts';
import type { ControlActs, Position } from './position.ts';

/** Lighten–darken beyond this many stops is a slip of the pen. */
const MAX_COMPENSATION_STOPS = 6;

/**
 * Whether a value can be meant: a focus mark lies beyond the focal length, times and f-numbers are more than 0.
 * @param acts what the value is of @param value f-number, seconds, metres or stops
 * @returns true for a focus mark at infinity, too
 */
export function isGoodValue(camera: Camera, acts: ControlActs, value: number): boolean {
  switch (acts) {
    case 'focus':
      return value * 1000 > camera.focalMm;
    case 'compensation':
      return Math.abs(value) <= MAX_COMPENSATION_STOPS;
    case 'dial':
      return value >= FILM_SPEED_RANGE.min && value <= FILM_SPEED_RANGE.max;
    case 'lens':
    case 'aperture':
    case 'time':
      return value > 0 && Number.isFinite(value);
  }
}

/**
 * Marks with values that cannot be meant.
 * @param positions of the control
 * @returns one fault for each bad mark
 */
export function badValues(
  camera: Camera,
  { acts, label }: { readonly acts: ControlActs; readonly label: string },
  positions: readonly Position[]
): readonly CameraFault[] {
  return positions
    .filter((p) => p.automatic !== true && !isGoodValue(camera, acts, p.value))
    .map((p) => ({ fault: 'bad-value', control: label, mark: p.mark }));
}
