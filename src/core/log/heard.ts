// The time a camera that times itself was heard to take: what its eye read then, and what the frame gets by it.
import { evAtSeconds, rangeOf } from '../camera/respond.ts';
import type { Verdict } from '../chance/verdict.ts';
import { PLAIN } from '../error/circumstances.ts';
import { errorOfFrame, sumTerms, wantedEv } from '../error/delta.ts';
import { FRAME_SD, type Situation } from '../error/situation.ts';

/** A time that was heard. */
export interface Heard {
  readonly seconds: number;
  /** One sd in stops, > 0, where it was recorded and confirmed; null = by ear. */
  readonly sdStops: number | null;
}

/**
 * How well a time is told by ear, one sd in stops: half a stop below half a second, 0.3 to two seconds, 0.15 where it is counted.
 * Common practice, no source.
 */
export function byEarSd(seconds: number): number {
  return seconds < 0.5 ? 0.5 : seconds <= 2 ? 0.3 : 0.15;
}

/** Two marks on a recording, each put by a person: the blades' lag, which is heard a little early or late, seconds. Assumed. */
const LAG_SECONDS = 0.0015;

/** How well a recording tells a time, one sd in stops. @param seconds > 0 */
export function recordedSd(seconds: number): number {
  return LAG_SECONDS / (seconds * Math.LN2);
}

/** One sd of a time that was heard, stops. */
export function heardSd({ seconds, sdStops }: Heard): number {
  return sdStops ?? byEarSd(seconds);
}

/** What a time that was heard says. */
export interface HeardMeans {
  /** Against the time this camera should take in the light as told, stops, + = longer. */
  readonly stops: number;
  /** The light its eye read, LV; null = it stood at a limit, or its time does not hang on the light. */
  readonly readLv: number | null;
  /** Error of this frame in the light as told, stops, + = over. */
  readonly deltaStops: number;
  /** One sd of that error: the light, the hearing and the frame. */
  readonly sdStops: number;
}

/**
 * What a time that was heard says of the eye and of the frame. The program is run backwards: the light in which it takes that time is
 * the one its eye read; what the subject got beside it is the difference of the lights.
 * @param situation with the light as told @param verdict on the setting that stood
 * @param heard seconds > 0
 */
export function whatHeardMeans(situation: Situation, verdict: Verdict, heard: Heard): HeardMeans {
  const { camera, film, light, circumstances = PLAIN } = situation;
  const { setting, exposure } = verdict;
  const stops = Math.log2(heard.seconds / exposure.seconds);
  const sdStops = Math.hypot(light.sdStops, heardSd(heard), FRAME_SD);
  const ev = evAtSeconds(camera, setting, heard.seconds);
  const { min, max } = rangeOf(camera, setting);
  if (ev === null || ev <= min || ev >= max)
    // at a limit or past it the program says nothing: the aperture stays, the time alone gives more or less
    return { stops, readLv: null, deltaStops: verdict.deltaStops + stops, sdStops };
  // what a camera wants rises with the light by as many stops
  const readLv = ev - wantedEv(camera, setting, 0, circumstances);
  const { terms } = errorOfFrame(camera, film, setting, light.lv, circumstances, readLv);
  return { stops, readLv, deltaStops: sumTerms(terms), sdStops };
}
