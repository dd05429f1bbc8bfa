// The photographer's positions are all there is.
import { evFromSetting } from '../../../light/lv.ts';
import { kindOfControl } from '../controls.ts';
import type { ProgramKind } from '../program-kind.ts';
import { manualEntries } from './entries.ts';

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
  faults: () => [],
  sheet: {
    entries: manualEntries,
    fields: [],
    read: () => ({ kind: 'manual' }),
    write: () => ({}),
    entryOf(_, controls) {
      const gears = controls.some((c) => kindOfControl(c).setOf(c, 0) !== null);
      if (gears) return 'gears';
      const aperture = controls.find((c) => c.acts === 'aperture');
      if (!aperture) return 'scales';
      const positions = kindOfControl(aperture).positions(aperture, {});
      if (positions.length === 1) return 'nothing';
      return positions.some((p) => p.symbol !== null) ? 'symbols' : 'scales';
    }
  }
};
