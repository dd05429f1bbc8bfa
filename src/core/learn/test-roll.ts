// Which few frames tell most of a camera: in lights where it is not at a limit, each with a reading of its own, spread over
// what it is used for, and such that the error lands where an eye can tell it. Linear-Gaussian: what a frame tells is
// (how the error moves with the bias)² over the variance of all else. Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, ch. 2.
import { type Camera, setsItself } from '../camera/camera.ts';
import { CONDITION_SD } from '../camera/camera.ts';
import type { Choice } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import type { LightValue } from '../light/lv.ts';
import { EYE_SD, FRAME_SD } from '../error/situation.ts';
import { bestSetting } from '../advice/rank.ts';
import { judge, type Verdict } from '../chance/verdict.ts';

/** A frame of a test roll. */
export interface TestFrame {
  readonly lv: number;
  readonly choice: Choice;
  /** Expected, stops. */
  readonly deltaStops: number;
  /** How well the camera would be known after this frame and those before it, one sd in stops. */
  readonly sdAfter: number;
}

/** An incident reading at the subject, one sd in stops. */
const READING_SD = 0.25;
/** A comparison with printed tones. */
const TONE_SD = 0.4;
/** Errors that can be told from a strip of tones, stops. */
const TOLD = 2;
/** Lights that are tried, LV. */
const LIGHTS = Array.from({ length: 15 }, (_, i) => 3 + i);

interface Candidate {
  readonly lv: number;
  readonly verdict: Verdict;
  /** What it tells, 1/stops². */
  readonly tells: number;
}

function candidateAt(camera: Camera, film: Film, lv: number, present: Choice): Candidate | null {
  const light: LightValue = { lv, sdStops: READING_SD };
  const situation = { camera, film, light, contrast: 'normal' as const };
  const verdict = bestSetting(situation, present);
  if (!verdict || verdict.failures.length > 0 || Math.abs(verdict.deltaStops) > TOLD) return null;
  const moved = judge(
    { ...situation, camera: { ...camera, biasStops: camera.biasStops + 0.25 } },
    verdict.setting
  );
  const slope = (moved.deltaStops - verdict.deltaStops) / 0.25;
  const readingSd = !setsItself(camera) ? READING_SD : EYE_SD.even;
  const tells = slope ** 2 / (readingSd ** 2 + FRAME_SD ** 2 + TONE_SD ** 2);
  return tells > 0.5 ? { lv, verdict, tells } : null;
}

/**
 * The frames of a test roll, spread over the light that the pair serves.
 * @param knownSd how well the camera is known now; null = by its condition @param brightestLv the brightest light to be had today
 * @param count frames wanted
 * @returns fewer where the pair serves few lights; the same light may come twice, with a new reading
 */
export function planTestRoll(
  camera: Camera,
  film: Film,
  present: Choice,
  knownSd: number | null = null,
  brightestLv = Infinity,
  count = 5
): readonly TestFrame[] {
  const candidates = LIGHTS.filter((lv) => lv <= brightestLv).flatMap(
    (lv) => candidateAt(camera, film, lv, present) ?? []
  );
  if (candidates.length === 0) return [];
  const chosen = Array.from({ length: count }, (_, i) => {
    const at = Math.round((i * (candidates.length - 1)) / Math.max(1, count - 1));
    return candidates[at];
  }).flatMap((c) => c ?? []);
  let precision = 1 / (knownSd ?? CONDITION_SD[camera.condition]) ** 2;
  return [...chosen].reverse().map(({ lv, verdict, tells }) => {
    precision += tells;
    return {
      ...{ lv, choice: verdict.setting.choice, deltaStops: verdict.deltaStops },
      sdAfter: 1 / Math.sqrt(precision)
    };
  });
}
