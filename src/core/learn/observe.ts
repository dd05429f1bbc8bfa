// From judged frames to what they say: the error that the engine expects of each with any bias, and what was seen.
import type { Camera } from '../camera/camera.ts';
import { CONDITION_SD } from '../camera/camera.ts';
import { settingOf } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { filmWindow } from '../film/window.ts';
import type { Frame } from '../log/frame.ts';
import { EYE_SD, FRAME_SD } from '../match/situation.ts';
import { judge } from '../match/verdict.ts';
import { learnBias, type Learned, type Observation } from './bias.ts';
import { seenOf, type Judgement } from './judgement.ts';
import { outliersOf, type Outlier } from './outliers.ts';

/** A judged frame with the film it is on. */
export interface JudgedFrame {
  readonly frame: Frame;
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

/** What a judged frame says of its camera; null when the camera has no such position any more. */
export function observationOf(camera: Camera, { frame, film, judgement }: JudgedFrame): Observation | null {
  const setting = settingOf(camera, frame.choice);
  if (!setting) return null;
  const { light, conditions } = frame;
  const deltas = KNOTS.map(
    (biasStops) =>
      judge(
        { camera: { ...camera, biasStops }, film, light, contrast: light.contrast, ...conditions },
        setting
      ).deltaStops
  );
  const manual = camera.program.kind === 'manual';
  return {
    frameId: frame.id,
    batchId: film.id,
    // frames in just the same light on the same film share its reading
    readingId: `${frame.loadId} ${JSON.stringify(light)}`,
    deltaAt: along(deltas),
    seen: seenOf(judgement.outcome, filmWindow(film, light.contrast)),
    readingSd: manual ? light.sdStops : EYE_SD[conditions.scene ?? 'even'],
    frameSd: FRAME_SD
  };
}

/** What judged frames say about a camera, with those that disagree. */
export interface LearnedWithOutliers extends Learned {
  readonly outliers: readonly Outlier[];
}

/** What judged frames say about a camera, whatever bias it is thought to have now. */
export function learnFrom(camera: Camera, judged: readonly JudgedFrame[]): LearnedWithOutliers {
  const sds = new Map(judged.map(({ film }) => [film.id, film.sdStops]));
  const observations = judged.flatMap((j) => observationOf(camera, j) ?? []);
  const learned = learnBias(observations, {
    cameraSd: CONDITION_SD[camera.condition],
    batchSd: (id) => Math.max(0.05, sds.get(id) ?? 0.2)
  });
  const outliers = observations.flatMap((o) =>
    outliersOf([o], learned.withBatch.get(o.batchId) ?? learned.camera)
  );
  return { ...learned, outliers };
}
