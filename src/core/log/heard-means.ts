// The time a camera that times itself was heard to take: what its eye read then, and what the frame gets by it.
import { heardSd, type Heard } from '../camera/heard.ts';
import { evAtSeconds, rangeOf } from '../camera/respond.ts';
import type { Verdict } from '../chance/verdict.ts';
import { PLAIN } from '../error/circumstances.ts';
import { errorOfFrame, sumTerms, wantedEv } from '../error/delta.ts';
import { FRAME_SD, type Situation } from '../error/situation.ts';

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
