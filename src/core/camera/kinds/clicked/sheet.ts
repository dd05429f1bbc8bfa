// How a control of this kind is told on a sheet.
import { writeMarks } from '../../marks.ts';
import { keptLabel, mergedPositions, untouched } from '../from-marks.ts';
import type { ControlSheet } from '../control-kind.ts';
import type { ClickedControl } from './control.ts';

/** @see ClickedControl */
export const clickedSheet: ControlSheet<ClickedControl> = {
  byName: true,
  recognises: () => true,
  read(ask) {
    const old = ask.before?.kind === 'clicked' ? ask.before : null;
    const marks = ask.positions();
    if (marks.length < 2) {
      ask.fault('aperture', 'A ring has two openings or more. Write them as 2.8 4 5.6.');
      return null;
    }
    if (old && untouched(old.marks, marks)) return old;
    return {
      ...{ kind: 'clicked', id: ask.before?.id ?? 'aperture', acts: 'aperture', marks },
      label: ask.before?.label ?? keptLabel('aperture', 'ring')
    };
  },
  write: ({ marks }) => ({ aperture: writeMarks('aperture', marks), apertureBy: 'clicked' }),
  merge: (was, asRead, now) => ({ ...now, marks: mergedPositions(was.marks, asRead.marks, now.marks) })
};
