// The cell of a camera that sets itself, and its part of the sheet.
import { FILM_SPEED_RANGE, parseFilmSpeed } from '../../units/film-speed.ts';
import { formatDecimal } from '../../units/decimal.ts';
import type { CameraFault } from '../faults.ts';
import type { Sheet, SheetAsk } from './sheet-texts.ts';

/** The cell that reads the light. */
export interface Eye {
  /** Behind the lens it sees filters and close focus too; outside it sees neither. */
  readonly place: 'outside' | 'behind-lens';
  /** The film speed the camera believes in when it has no dial. */
  readonly believesIso: number;
  /** How wide it looks, degrees across; null = not known. */
  readonly angleDegrees: number | null;
}

/**
 * What is wrong with an eye.
 * @returns a speed that no film has; empty = none
 */
export function eyeFaults({ believesIso }: Eye): readonly CameraFault[] {
  const good = believesIso >= FILM_SPEED_RANGE.min && believesIso <= FILM_SPEED_RANGE.max;
  return good ? [] : [{ fault: 'bad-speed', iso: believesIso }];
}

/**
 * Reads the eye from a sheet.
 * @param ask reads a field of the sheet, and notes what cannot be
 * @returns an eye, complete even where a field was wrong
 */
export function readEye(ask: SheetAsk): Eye {
  const angle = { min: 1, max: 180, noun: 'angle', example: 'degrees, such as 40' };
  return {
    place: ask.text('eye') === 'behind-lens' ? 'behind-lens' : 'outside',
    believesIso: ask.quantity('believes', parseFilmSpeed),
    angleDegrees: ask.text('eyeAngle') === '' ? null : ask.number('eyeAngle', angle)
  };
}

/**
 * Writes it.
 * @returns fields of the sheet, as they would be typed
 */
export function eyeTexts({ place, believesIso, angleDegrees }: Eye): Sheet {
  return {
    ...{ eye: place, believes: formatDecimal(believesIso, 2) },
    eyeAngle: angleDegrees === null ? '' : formatDecimal(angleDegrees, 2)
  };
}

/**
 * Limits of a program the wrong way round.
 * @param from the lower limit, > 0 @param to the upper, finite
 * @returns one fault where `from` lies above `to`
 */
export function limitFaults(from: number, to: number): readonly CameraFault[] {
  return from > 0 && to >= from && Number.isFinite(to) ? [] : [{ fault: 'limits-reversed' }];
}
