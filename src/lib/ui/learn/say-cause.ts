// Likely causes in words.
import type { Camera } from '#core/camera/camera.ts';
import { controlFor } from '#core/camera/setting.ts';
import type { Cause } from '#core/learn/causes.ts';
import { assertNever } from '#core/numeric/result.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { sayError, sayMetres, sayTime } from '../text/say.ts';

/** A cause in a sentence without its full stop. @param frameNumber of the frame it is about */
export function sayCause(cause: Cause, camera: Camera, frameNumber: number): string {
  switch (cause.cause) {
    case 'compensation-left': {
      const label = controlFor(camera, 'compensation')?.label ?? 'lighten–darken';
      return cause.sinceNumber === frameNumber
        ? `${label} stood at ${cause.mark}`
        : `${label} was left at ${cause.mark} from frame ${cause.sinceNumber}`;
    }
    case 'beyond-limit':
      return `beyond ${sayTime(cause.seconds)} at this light: the camera could go no ${cause.limit === 'bright' ? 'shorter or smaller' : 'longer or wider'}`;
    case 'expected':
      return `it was expected ${sayError(cause.deltaStops)}`;
    case 'eye-in-shade':
      return 'the eye was in shade, the subject in more light';
    case 'eye-in-sun':
      return 'the eye was in more light than the subject, or something bright came into its view';
    case 'filter-missing':
      return 'the filter of the frames before was not on';
    case 'filter-on':
      return 'a filter was on';
    case 'dial-left':
      return `the camera stood for ISO ${cause.dialIso}, the film is ISO ${cause.filmIso}`;
    case 'counted':
      return cause.heldSeconds === null
        ? `${sayTime(cause.meantSeconds)} was counted by hand`
        : `it was held for ${formatDecimal(cause.heldSeconds, 1)} s instead of ${sayTime(cause.meantSeconds)}`;
    case 'aperture-made-up':
      return 'a smaller aperture does not darken here: the camera makes up for it with its time';
    case 'light-unsure':
      return `the light was sure to ± ${formatDecimal(cause.sdStops, 1)} stops only`;
    case 'hold':
      return `${sayTime(cause.seconds)} is longer than ${sayTime(cause.limitSeconds)}, the longest held by hand`;
    case 'motion':
      return `the subject moved more in ${sayTime(cause.seconds)} than can be sharp`;
    case 'too-near':
      return `the subject stood at ${sayMetres(cause.subjectM)}, sharp from ${sayMetres(cause.nearM)}`;
    case 'lamps':
      return 'the light was of lamps';
    case 'lit-from-behind':
      return 'the light came from behind the subject';
    default:
      return assertNever(cause);
  }
}
