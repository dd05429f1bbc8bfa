// The aperture is chosen, fixed or picked by a lever; the camera times.
import { evFromSetting } from '../../../light/lv.ts';
import { eyeFaults, limitFaults, type Eye } from '../eye.ts';
import type { ProgramKind } from '../program-kind.ts';

/** The camera times between two limits. */
export interface AutomaticTimeProgram {
  readonly kind: 'automatic-time';
  readonly shortestSeconds: number;
  readonly longestSeconds: number;
  /** In less light than the longest time serves: it closes anyway, or the shutter is locked. */
  readonly inLowLight: 'closes' | 'locks';
  readonly eye: Eye;
}

/** @see AutomaticTimeProgram */
export const automaticTime: ProgramKind<AutomaticTimeProgram> = {
  sets: { aperture: false, time: true },
  eye: ({ eye }) => eye,
  range({ longestSeconds, shortestSeconds }, { fNumber }) {
    const n = fNumber ?? NaN;
    return { min: evFromSetting(n, longestSeconds), max: evFromSetting(n, shortestSeconds) };
  },
  at(_, { fNumber }, ev) {
    const n = fNumber ?? NaN;
    return { fNumber: n, seconds: (n * n) / 2 ** ev };
  },
  evAtSeconds({ shortestSeconds, longestSeconds }, { fNumber }, seconds) {
    const within = seconds > shortestSeconds && seconds < longestSeconds;
    return within ? evFromSetting(fNumber ?? NaN, seconds) : null;
  },
  bends: () => [],
  locksBeyond: ({ inLowLight, longestSeconds }) => (inLowLight === 'locks' ? longestSeconds : null),
  widest: () => null,
  smallest: () => null,
  faults: ({ eye, shortestSeconds, longestSeconds }) => [
    ...eyeFaults(eye),
    ...limitFaults(shortestSeconds, longestSeconds)
  ]
};
