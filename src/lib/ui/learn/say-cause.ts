// Likely causes in words.
import type { Camera } from '#core/camera/camera.ts';
import { controlFor } from '#core/camera/setting.ts';
import type { Cause } from '#core/learn/causes.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import { assertNever } from '#core/numeric/result.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { sayMetres, sayTime } from '../text/say.ts';
import { sayJudgement } from './say-learn.ts';

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
      return `the light was sure to ± ${formatDecimal(cause.sdStops, 1)} ${cause.sdStops <= 1 ? 'stop' : 'stops'} only`;
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
    case 'agitation':
      return 'streaks come of how the film was agitated: slowly and not always the same way';
    case 'rollers':
      return 'streaks come of the rollers: wipe them, and pull straight and without stopping';
    case 'old-pack':
      return 'smears come of an old pack, whose jelly has dried';
    case 'between-marks':
      return `dark corners: ${cause.label} may have stood between two marks`;
    default:
      return assertNever(cause);
  }
}

/** A judged frame with what likely made it so. */
export interface Explained {
  readonly number: number;
  readonly judgement: Judgement;
  readonly causes: readonly Cause[];
}

/** Frames that came out alike, for the same reasons. */
export interface Reason {
  /** Numbers of the frames, rising. */
  readonly numbers: readonly number[];
  readonly came: string;
  readonly causes: readonly string[];
}

/** Causes told of one frame at most. */
const MOST = 3;

/** Frames that came out alike for the same reasons, together; in the order in which each kind first came. */
export function reasonsOf(explained: readonly Explained[], camera: Camera): readonly Reason[] {
  const byWords = new Map<string, { numbers: number[]; came: string; causes: readonly string[] }>();
  for (const { number, judgement, causes } of explained) {
    const came = sayJudgement(judgement);
    const said = causes.slice(0, MOST).map((cause) => sayCause(cause, camera, number));
    const key = [came, ...said].join('\n');
    const alike = byWords.get(key);
    if (alike) alike.numbers.push(number);
    else byWords.set(key, { numbers: [number], came, causes: said });
  }
  return [...byWords.values()];
}

/** Numbers told of alike frames at most; the others are counted. */
const TOLD = 6;

/** "Frame 4", "Frames 4 and 9", "Frames 1, 3, 4, 6, 8, 9 and 12 more". */
export function sayFrames(numbers: readonly number[]): string {
  if (numbers.length === 1) return `Frame ${numbers[0] ?? ''}`;
  const more = numbers.length - TOLD;
  // one more would be shorter said than counted
  if (more > 1) return `Frames ${numbers.slice(0, TOLD).join(', ')} and ${more} more`;
  return `Frames ${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1) ?? ''}`;
}
