// From judged frames to what they say: the error that the engine expects of each with any bias, and what was seen.
import type { Camera } from '../camera/camera.ts';
import { CONDITION_SD } from '../camera/camera.ts';
import { handTimingSd } from '../camera/hand-timing.ts';
import type { Film } from '../film/film.ts';
import { filmWindow } from '../film/window.ts';
import { isEvidence, settingOfFrame } from '../log/exposed.ts';
import type { Frame } from '../log/frame.ts';
import { errorOfFrame, sumTerms } from '../match/delta.ts';
import { EYE_SD, FRAME_SD } from '../match/situation.ts';
import { learnBias, type Learned, type Observation } from './bias.ts';
import { seenOf, type Judgement } from './judgement.ts';
import { outliersOf, type Outlier } from './outliers.ts';

/** A judged frame with its camera as it was for it, and its film as it was and was developed. */
export interface JudgedFrame {
  readonly frame: Frame;
  readonly camera: Camera;
  readonly film: Film;
  readonly judgement: Judgement;
}

/** Biases for which the engine is asked; between them the error runs straight, or is flat beyond a limit. */
const KNOTS = Array.from({ length: 49 }, (_, i) => -6 + i / 4);

function along(values: readonly number[]): (biasStops: number) => number {
  return (bias) => {
    const at = Math.min(KNOTS.length - 1, Math.max(0, (bias + 6) * 4));
    const below = Math.floor(at);
    const [a = 0, b = a] = [values[below], values[below + 1]];
    return a + (b - a) * (at - below);
  };
}

/**
 * What a judged frame says of its camera. A time counted on B or T counts as it was held.
 * @returns null for a frame that is no evidence: its light was not told, or its marks are not sure any more
 */
export function observationOf({ frame, camera, film, judgement }: JudgedFrame): Observation | null {
  const setting = settingOfFrame(camera, frame);
  const { light, conditions } = frame;
  if (!setting || !light || !isEvidence(frame)) return null;
  const deltaWith = (biasStops: number): number =>
    sumTerms(errorOfFrame({ ...camera, biasStops }, film, setting, light.lv, conditions.circumstances).terms);
  const manual = camera.program.kind === 'manual';
  const noFlash = (conditions.circumstances?.flash.kind ?? 'as-it-comes') !== 'fired';
  // set by hand and lit by one light, the error rises stop by stop with the bias
  const straight = manual && noFlash && camera.flash.kind !== 'automatic';
  const middle = straight ? deltaWith(0) : 0;
  const timing = setting.timedByHand && setting.seconds !== null ? handTimingSd(setting.seconds) : 0;
  return {
    frameId: frame.id,
    batchId: film.id,
    // frames in just the same light on the same film share its reading
    readingId: `${frame.loadId} ${JSON.stringify(light)}`,
    deltaAt: straight ? (bias) => middle + bias : along(KNOTS.map(deltaWith)),
    seen: seenOf(judgement.outcome, film, filmWindow(film, light.contrast)),
    readingSd: manual ? light.sdStops : EYE_SD[conditions.scene ?? 'even'],
    frameSd: Math.hypot(FRAME_SD, timing)
  };
}

const observed = new WeakMap<JudgedFrame, Observation | null>();

/** What a judged frame says, worked out once as long as that frame is kept. */
function keptObservationOf(judged: JudgedFrame): Observation | null {
  const before = observed.get(judged);
  if (before !== undefined) return before;
  const observation = observationOf(judged);
  observed.set(judged, observation);
  return observation;
}

/** What judged frames say about a camera, with those that disagree. */
export interface LearnedWithOutliers extends Learned {
  readonly outliers: readonly Outlier[];
}

/** What judged frames say about a camera, whatever bias it is thought to have now. */
export function learnFrom(camera: Camera, judged: readonly JudgedFrame[]): LearnedWithOutliers {
  const sds = new Map(judged.map(({ film }) => [film.id, film.sdStops]));
  const observations = judged.flatMap((j) => keptObservationOf(j) ?? []);
  const learned = learnBias(observations, {
    cameraSd: CONDITION_SD[camera.condition],
    batchSd: (id) => Math.max(0.05, sds.get(id) ?? 0.2)
  });
  const outliers = observations.flatMap((o) =>
    outliersOf([o], learned.withBatch.get(o.batchId) ?? learned.camera)
  );
  return { ...learned, outliers };
}
