// From judged frames to what they say: the error that the engine expects of each with any bias, and what was seen.
import { type Camera, setsItself } from '../camera/camera.ts';
import { CONDITION_SD } from '../camera/camera.ts';
import { handTimingSd } from '../camera/hand-timing.ts';
import { playedBy } from '../camera/played-by.ts';
import type { Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { filmWindow } from '../film/window.ts';
import { isEvidence, settingOfFrame } from '../log/exposed.ts';
import type { Frame } from '../log/frame.ts';
import { givenEv, piecesOf } from '../chance/pieces.ts';
import { PLAIN, type Circumstances } from '../error/circumstances.ts';
import { errorOfFrame, sumTerms, wantedEv } from '../error/delta.ts';
import { EYE_SD, FRAME_SD, hasOldCell, OLD_CELL_SCALE } from '../error/situation.ts';
import { STUDENT_4, type MixedNormal } from '../numeric/student.ts';
import { learnBias, type Learned, type Observation } from './bias.ts';
import { KNOTS, type Expected } from './expected.ts';
import { seenOf, type Judgement } from './judgement.ts';
import type { PrintEye } from './print-eye.ts';
import { outliersOf, type Outlier } from './outliers.ts';

/** A judged frame with its camera as it was for it, and its film as it was and was developed. */
export interface JudgedFrame {
  readonly frame: Frame;
  readonly camera: Camera;
  readonly film: Film;
  readonly judgement: Judgement;
}

/**
 * What a judged frame says of its camera. A time counted on B or T counts as it was held.
 * @param eye how the person judges prints; null = as most people do
 * @returns null for a frame that is no evidence: its light was not told, or its marks are not sure any more
 */
export function observationOf(
  { frame, camera: asked, film, judgement }: JudgedFrame,
  eye: PrintEye | null = null
): Observation | null {
  const setting = settingOfFrame(asked, frame);
  const { light, conditions } = frame;
  if (!setting || !light || !isEvidence(frame)) return null;
  const camera = playedBy(asked, setting);
  const deltaWith = (biasStops: number): number =>
    sumTerms(errorOfFrame({ ...camera, biasStops }, film, setting, light.lv, conditions.circumstances).terms);
  const manual = !setsItself(camera);
  const noFlash = (conditions.circumstances?.flash.kind ?? 'as-it-comes') !== 'fired';
  // set by hand and lit by one light, the error rises stop by stop with the bias; one that sets itself is clipped at its limits
  const oneLight = noFlash && camera.flash.kind !== 'automatic';
  const eyeSd = EYE_SD[conditions.scene ?? 'even'];
  const expected: Expected = !oneLight
    ? { kind: 'knots', values: KNOTS.map(deltaWith) }
    : manual
      ? { kind: 'straight', atZero: deltaWith(0) }
      : clippedFor({ ...camera, biasStops: 0 }, film, setting, {
          ...{ delta: deltaWith(0), lv: light.lv, lightSd: light.sdStops, eyeSd },
          circumstances: conditions.circumstances
        });
  const timing = setting.timedByHand && setting.seconds !== null ? handTimingSd(setting.seconds) : 0;
  return {
    frameId: frame.id,
    batchId: film.id,
    // frames in just the same light on the same film share its reading
    readingId: `${frame.loadId} ${JSON.stringify(light)}`,
    expected,
    seen: seenOf(judgement.outcome, film, filmWindow(film, light.contrast), eye),
    readingSd: manual ? light.sdStops : eyeSd,
    frameSd: Math.hypot(FRAME_SD, timing)
  };
}

/** What a camera that sets itself is expected to do with a light and a reading that are both unsure. */
function clippedFor(
  camera: Camera,
  film: Film,
  setting: Setting,
  on: {
    readonly delta: number;
    readonly lv: number;
    readonly lightSd: number;
    readonly eyeSd: number;
    readonly circumstances: Circumstances | undefined;
  }
): Expected {
  const { delta, lv, lightSd, eyeSd, circumstances = PLAIN } = on;
  const wanted = wantedEv(camera, setting, lv + circumstances.eyeOffsetStops, circumstances);
  const fixed = delta + givenEv(camera, film, setting, wanted);
  return { kind: 'clipped', fixed, wanted, lightSd, eyeSd, pieces: piecesOf(camera, film, setting) };
}

/** What judged frames say about a camera, with those that disagree. */
export interface LearnedWithOutliers extends Learned {
  readonly outliers: readonly Outlier[];
}

/**
 * What observations of frames say about a camera, whatever bias it is thought to have now.
 * @param sdOf how sure each film is, one sd in stops; its batch shares that error
 */
export function learnObserved(
  camera: Camera,
  observations: readonly Observation[],
  sdOf: (filmId: string) => number
): LearnedWithOutliers {
  const learned = learnBias(observations, {
    camera: priorOf(camera),
    batchSd: (id) => Math.max(0.05, sdOf(id))
  });
  const outliers = observations.flatMap((o) =>
    outliersOf([o], learned.withBatch.get(o.batchId) ?? learned.camera)
  );
  return { ...learned, outliers };
}

/** What is believed of a camera before: an old, converted or repaired cell may be two or three stops off, and that is normal. */
function priorOf(camera: Camera): readonly MixedNormal[] {
  return hasOldCell({ ...camera, toleranceStops: null })
    ? STUDENT_4.map(({ weight, sd }) => ({ weight, sd: OLD_CELL_SCALE * sd }))
    : [{ weight: 1, sd: CONDITION_SD[camera.condition] }];
}

/**
 * The same from judged frames.
 * @param judged frames of this camera, on any film
 * @returns what was learned, with the frames that do not fit
 */
export function learnFrom(camera: Camera, judged: readonly JudgedFrame[]): LearnedWithOutliers {
  const sds = new Map(judged.map(({ film }) => [film.id, film.sdStops]));
  const observations = judged.flatMap((j) => observationOf(j) ?? []);
  return learnObserved(camera, observations, (id) => sds.get(id) ?? 0.2);
}
