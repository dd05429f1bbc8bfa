// The photographer's positions are all there is.
import { evFromSetting } from '../../../light/lv.ts';
import type { ProgramKind } from '../program-kind.ts';

/** Nothing is set by the camera. */
export interface ManualProgram {
  readonly kind: 'manual';
}

/** @see ManualProgram */
export const manual: ProgramKind<ManualProgram> = {
  sets: { aperture: false, time: false },
  eye: () => null,
  range(_, { fNumber, seconds }) {
    const ev = evFromSetting(fNumber ?? NaN, seconds ?? NaN);
    return { min: ev, max: ev };
  },
  at: (_, { fNumber, seconds }) => ({ fNumber: fNumber ?? NaN, seconds: seconds ?? NaN }),
  evAtSeconds: () => null,
  bends: () => [],
  locksBeyond: () => null,
  widest: () => null,
  smallest: () => null,
  faults: () => []
};
