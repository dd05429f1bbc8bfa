// How still a person holds, learned from their frames that came out blurred and sharp. The longest time held varies by a factor
// from press to press (chance/stillness.ts); what is learned is by how much this hand differs from a usual one.
import { setsItself } from '../camera/camera.ts';
import { sharedFormat } from '../chance/conditions.ts';
import { HAND_SPREAD, HALF_HELD, handHeldSeconds, LEANING } from '../chance/stillness.ts';
import { EYE_SD } from '../error/situation.ts';
import { settingOfFrame, verdictOfFrame } from '../log/exposed.ts';
import { heardSd } from '../camera/heard.ts';
import { normalCdf } from '../numeric/normal.ts';
import type { JudgedFrame } from './observe.ts';

/** A frame held in the hand. */
export interface Held {
  /** Its time against what a usual hand holds in 85 of 100 frames, a support taken off; > 0. */
  readonly ratio: number;
  /** Of the logarithm of that, one sd: a camera that times itself tells its time only about. */
  readonly sd: number;
  readonly blurred: boolean;
}

/** How long a person holds still against a usual hand. */
export interface Steadiness {
  /** 1 = as long as most. */
  readonly factor: number;
  /** One sd of its logarithm. */
  readonly sd: number;
  readonly frames: number;
  readonly blurred: number;
}

/** People differ by about so much, one sd of the logarithm. Common practice, no source. */
const PEOPLE_SD = 0.35;
/** A hand noted as this much less steady than usual says nothing of the person at other times. */
const SHAKY = 0.9;

/**
 * What a judged frame says of the hand.
 * @returns null where it says nothing: on something, counted, a moving or unsharp subject, lit by a flash, a light nobody told
 */
export function heldOf({ frame, camera, film, judgement }: JudgedFrame): Held | null {
  const { conditions, heardSeconds: seconds, heardSdStops: sdStops } = frame;
  const setting = settingOfFrame(camera, frame);
  const { support = 'hand', motion, steadiness = 1, circumstances } = conditions;
  const flash = circumstances?.flash.kind === 'fired' || camera.flash.kind === 'automatic';
  const unsharp = judgement.faults.includes('focus-too-near');
  if (!setting || support === 'standing' || setting.timedByHand || camera.transport.kind !== 'still')
    return null;
  if (motion || steadiness < SHAKY || flash || unsharp) return null;
  const format = sharedFormat(camera, film) ?? camera.formats[0] ?? '135';
  const held = handHeldSeconds(camera, format) * (support === 'leaning' ? LEANING : 1);
  const blurred = judgement.faults.includes('blur');
  if (seconds !== null)
    return { ratio: seconds / held, sd: heardSd({ seconds, sdStops }) * Math.LN2, blurred };
  if (setting.seconds !== null && !setsItself(camera))
    return { ratio: setting.seconds / held, sd: 0, blurred };
  const verdict = verdictOfFrame(camera, film, frame);
  if (!verdict || !frame.light) return null;
  const sd = Math.hypot(frame.light.sdStops, EYE_SD[conditions.scene ?? 'even']) * Math.LN2;
  return { ratio: verdict.exposure.seconds / held, sd, blurred };
}

const LINE: readonly number[] = Array.from({ length: 161 }, (_, i) => (i - 80) * 0.025);

/**
 * What frames in the hand say together; without any, a usual hand.
 * @param held frames marked blurred or sharp
 * @returns how long this person holds against a usual hand, with its spread; 1 = as usual
 */
export function learnSteadiness(held: readonly Held[]): Steadiness {
  const logs = LINE.map((log) =>
    held.reduce(
      (sum, { ratio, sd, blurred }) => {
        const sharp = normalCdf((Math.log(HALF_HELD / ratio) + log) / Math.hypot(HAND_SPREAD, sd));
        return sum + Math.log(Math.max(1e-12, blurred ? 1 - sharp : sharp));
      },
      -((log / PEOPLE_SD) ** 2) / 2
    )
  );
  const most = Math.max(...logs);
  const weights = logs.map((l) => Math.exp(l - most));
  const total = weights.reduce((sum, w) => sum + w, 0);
  const mean = weights.reduce((sum, w, i) => sum + w * (LINE[i] ?? 0), 0) / total;
  const variance = weights.reduce((sum, w, i) => sum + w * ((LINE[i] ?? 0) - mean) ** 2, 0) / total;
  const blurred = held.filter((h) => h.blurred).length;
  return { factor: Math.exp(mean), sd: Math.sqrt(variance), frames: held.length, blurred };
}
