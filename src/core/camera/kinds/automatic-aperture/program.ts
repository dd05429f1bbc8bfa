// The time is the photographer's or fixed; a needle sets the aperture.
import { evFromSetting } from '../../../light/lv.ts';
import { eyeFaults, limitFaults, type Eye } from '../eye.ts';
import type { ProgramKind } from '../program-kind.ts';

/** The camera sets the aperture between two limits. */
export interface AutomaticApertureProgram {
  readonly kind: 'automatic-aperture';
  readonly widestFNumber: number;
  readonly smallestFNumber: number;
  readonly eye: Eye;
}

/** @see AutomaticApertureProgram */
export const automaticAperture: ProgramKind<AutomaticApertureProgram> = {
  sets: { aperture: true, time: false },
  eye: ({ eye }) => eye,
  range({ widestFNumber, smallestFNumber }, { seconds }) {
    const t = seconds ?? NaN;
    return { min: evFromSetting(widestFNumber, t), max: evFromSetting(smallestFNumber, t) };
  },
  at(_, { seconds }, ev) {
    const t = seconds ?? NaN;
    return { fNumber: Math.sqrt(t * 2 ** ev), seconds: t };
  },
  evAtSeconds: () => null,
  bends: () => [],
  locksBeyond: () => null,
  widest: ({ widestFNumber }) => widestFNumber,
  smallest: ({ smallestFNumber }) => smallestFNumber,
  faults: ({ eye, widestFNumber, smallestFNumber }) => [
    ...eyeFaults(eye),
    ...limitFaults(widestFNumber, smallestFNumber)
  ]
};
