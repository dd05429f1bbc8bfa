// The aperture is chosen, fixed or picked by a lever; the camera times.
import { evFromSetting } from '../../../light/lv.ts';
import { kindOfControl } from '../controls.ts';
import { eyeFaults, eyeTexts, limitFaults, readEye, type Eye } from '../eye.ts';
import type { ProgramKind } from '../program-kind.ts';
import { parseSeconds, secondsText } from '../sheet-texts.ts';
import { automaticTimeEntries } from './entries.ts';

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
  ],
  sheet: {
    entries: automaticTimeEntries,
    fields: ['shortest', 'longest', 'lowLight'],
    read: (ask) => ({
      kind: 'automatic-time',
      shortestSeconds: ask.quantity('shortest', parseSeconds),
      longestSeconds: ask.quantity('longest', parseSeconds),
      inLowLight: ask.text('lowLight') === 'locks' ? 'locks' : 'closes',
      eye: readEye(ask)
    }),
    write: ({ eye, shortestSeconds, longestSeconds, inLowLight }) => ({
      ...eyeTexts(eye),
      ...{
        shortest: secondsText(shortestSeconds),
        longest: secondsText(longestSeconds),
        lowLight: inLowLight
      }
    }),
    entryOf: (_, controls) =>
      controls.some((c) => 'scene' in kindOfControl(c).sheet.write(c)) ? 'scene' : 'timed'
  }
};
