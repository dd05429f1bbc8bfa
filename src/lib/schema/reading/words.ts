// Words for refusals that the core gives as data: what was wrong, what came, and what would be accepted.
import type { FilmFault } from '#core/film/faults.ts';
import type { CameraFault } from '#core/camera/faults.ts';
import { assertNever } from '#core/numeric/result.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import type { QuantityError, QuantityKind } from '#core/units/quantity-error.ts';

const WANTED: Readonly<Record<QuantityKind, { readonly noun: string; readonly example: string }>> = {
  aperture: { noun: 'an aperture', example: 'f/5.6, 5,6 or f/8 (from f/0.5 to f/600)' },
  time: { noun: 'a shutter time', example: '1/60, 0.5 or 2s (from 1/100000 to 24 hours)' },
  'film-speed': { noun: 'a film speed', example: '400, ISO 400/27° or 27° (from 0.1 to 102400)' },
  compensation: { noun: 'a row of lighten–darken marks', example: '-1 0 +1 or -⅔ +⅔, in stops' },
  distance: { noun: 'a distance', example: '1.2, 1.2m, 4ft or ∞ (up to 10 km)' },
  light: { noun: 'a light reading', example: 'f/8 1/60 at 400, EV 12 or 2500 lux (LV −8 to 18)' }
};

/** One sentence for a quantity that could not be read. */
export function explainQuantity(error: QuantityError): string {
  const { noun, example } = WANTED[error.quantity];
  const write = `Write it as ${example}.`;
  const text = `“${error.text}”`;
  switch (error.problem) {
    case 'empty':
      return `${noun.charAt(0).toUpperCase()}${noun.slice(1)} is needed here. ${write}`;
    case 'unreadable':
      return `${text} is not ${noun}. ${write}`;
    case 'not-positive':
      return `${text} is not ${noun}: it must be more than 0. ${write}`;
    case 'divided-by-zero':
      return `${text} is not ${noun}: it divides by 0. ${write}`;
    case 'out-of-range':
      return `${text} is beyond what is accepted. ${write}`;
    default:
      return assertNever(error.problem);
  }
}

/** One sentence for a camera that cannot work as it was entered. */
export function explainCameraFault(fault: CameraFault): string {
  switch (fault.fault) {
    case 'missing-control':
      return `The camera has no ${fault.acts}. Enter at least one, even if it cannot be changed.`;
    case 'doubled-control':
      return `The camera has two controls for the ${fault.acts}. Enter one.`;
    case 'no-positions':
      return `“${fault.control}” has no positions. Enter at least one mark.`;
    case 'bad-value':
      return `“${fault.mark}” on “${fault.control}” has no usable value.`;
    case 'unwanted-control':
      return `This camera sets the ${fault.acts} by itself, so it has no control for it.`;
    case 'missing-cell':
      return `“${fault.mark}” on “${fault.control}” lacks a value for a position of the other control.`;
    case 'unknown-link':
      return `“${fault.control}” depends on a control that the camera does not have.`;
    case 'limits-reversed':
      return 'The camera’s limits are reversed: the shortest time must be below the longest, the widest opening before the smallest.';
    case 'line-runs-backwards':
      return `Point ${fault.point + 1} of the program line runs backwards: from point to point the opening may only close and the time only shorten.`;
    case 'bad-speed':
      return `ISO ${fault.iso} is no film speed. Give a number from 0.1 to 102400.`;
    case 'too-many':
      return `These controls make ${fault.count} settings; at most 2000 are taken.`;
    case 'no-focal-length':
      return 'The focal length must be more than 0 mm.';
    case 'doubled-name':
      return `Two controls go by one name: ${fault.control}.`;
    case 'nothing-to-lighten':
      return `${fault.control} has nothing to act on: this camera sets nothing by itself.`;
    default:
      return assertNever(fault);
  }
}

/** One sentence for a film that cannot be used as it was entered. */
export function explainFilmFault(fault: FilmFault): string {
  switch (fault.fault) {
    case 'no-range':
      return `The film has no range left: ${formatDecimal(fault.belowStops, 1)} stops under and ${formatDecimal(fault.aboveStops, 1)} over mid grey as developed. Both must be more than 0.`;
    case 'bad-speed':
      return `ISO ${fault.iso} is no film speed. Give a number from 0.1 to 102400.`;
    case 'bad-number':
      return {
        developmentStops: 'Development must lie between −5 and +5 stops.',
        ageStops: 'Speed lost to age must lie between 0 and 10 stops.',
        sdStops: 'The uncertainty of the speed must lie between 0 and 4 stops.',
        frames: 'A film has a whole number of frames, 1 or more.'
      }[fault.field];
    case 'bad-reciprocity':
      return `Row ${fault.row + 1} of the long-exposure figures does not rise. Both times must grow from row to row, and no needed time may be shorter than its metered one.`;
    default:
      return assertNever(fault);
  }
}
