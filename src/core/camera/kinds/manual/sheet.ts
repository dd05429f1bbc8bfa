// How a camera of this kind is told on a sheet.
import { kindOfControl } from '../controls.ts';
import { manualEntries } from './entries.ts';
import type { ProgramSheet } from '../program-kind.ts';
import type { ManualProgram } from './program.ts';

/** @see ManualProgram */
export const manualSheet: ProgramSheet<ManualProgram> = {
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
};
