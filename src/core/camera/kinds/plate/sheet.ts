// How a control of this kind is told on a sheet.
import { writeMarks } from '../../marks.ts';
import { mergedPositions, untouched } from '../from-marks.ts';
import type { ControlSheet } from '../control-kind.ts';
import type { PlateControl } from './control.ts';

/** @see PlateControl */
export const plateSheet: ControlSheet<PlateControl> = {
  byName: true,
  recognises: () => true,
  read(ask) {
    const old = ask.before?.kind === 'plate' ? ask.before : null;
    const marks = ask.positions();
    if (marks.length < 2) {
      ask.fault('aperture', 'A sliding plate has two openings or more. Write them as 8 11 16.');
      return null;
    }
    if (old && untouched(old.marks, marks)) return old;
    return {
      kind: 'plate',
      id: old?.id ?? 'aperture',
      label: old?.label ?? 'plate',
      acts: 'aperture',
      marks
    };
  },
  write: ({ marks }) => ({ aperture: writeMarks('aperture', marks), apertureBy: 'plate' }),
  merge: (was, asRead, now) => ({ ...now, marks: mergedPositions(was.marks, asRead.marks, now.marks) })
};
