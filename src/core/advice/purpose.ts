// What a purpose asks of a setting, as a number: the less, the better. Settings are ordered by it before their chances.
import { SHORTEST_COUNT_SECONDS } from '../camera/hand-timing.ts';
import type { Setting } from '../camera/setting.ts';
import { depthDioptres } from '../focus/depth.ts';
import { focusedM, sharpRangeOf } from '../focus/focused.ts';
import type { FrameAt } from '../chance/candidate.ts';
import type { Prepared } from '../chance/prepared.ts';
import type { Lengths } from '../error/situation.ts';

/** Lengths that make trails of moving lights, seconds. Common practice, no source. */
export const TRAILS_SECONDS: Lengths = { from: 4, to: 10 };

/** Worse than anything a purpose can measure. */
const NO_USE = 1e6;

/**
 * Good frame: 0. Most in focus: −(1/near − 1/far). Blurred background: −f²/(N(s − f)), the blur of what is far away, mm.
 * Stop motion: the time. Light trails: stops from the lengths asked for, 4…10 s. Whole seconds: 4…60 s where there is a choice (under 4 s a count is
 * worse than a tenth of a stop), by half stops from the aim with a quarter free, then the shorter.
 * @param aim the error worth aiming for, stops
 */
export function purposeMeasure(
  prepared: Prepared,
  setting: Setting,
  { exposure, deltaStops }: FrameAt,
  aim: number
): number {
  const { situation, format, circumstances } = prepared;
  const { camera } = situation;
  switch (situation.purpose ?? 'good-frame') {
    case 'good-frame':
      return 0;
    case 'most-in-focus':
      return -depthDioptres(sharpRangeOf(camera, format, setting.choice, exposure.fNumber));
    case 'blurred-background': {
      const subjectMm = 1000 * (circumstances.subjectM ?? focusedM(camera, format, setting.choice));
      if (subjectMm === Infinity) return 0;
      return -(camera.focalMm * camera.focalMm) / (exposure.fNumber * (subjectMm - camera.focalMm));
    }
    case 'stop-motion':
      return exposure.seconds;
    case 'light-trails': {
      const { from, to } = situation.trails ?? TRAILS_SECONDS;
      return Math.max(0, Math.log2(from / exposure.seconds), Math.log2(exposure.seconds / to));
    }
    case 'whole-seconds':
      return setting.timedByHand && exposure.seconds >= SHORTEST_COUNT_SECONDS
        ? countedMeasure(exposure.seconds, Math.abs(deltaStops - aim))
        : NO_USE;
  }
}

/** Whole seconds that are counted well, and not for ever. */
export const COUNTED_SECONDS = { from: 4, to: 60 } as const;

function countedMeasure(seconds: number, offStops: number): number {
  const isHandy = seconds >= COUNTED_SECONDS.from && seconds <= COUNTED_SECONDS.to;
  const off = Math.ceil(Math.max(0, offStops - 0.25) / 0.5);
  return (isHandy ? 0 : 1e4) + off * 1000 + seconds;
}
