// How a control of this kind is told on a sheet.
import { writeMarks } from '../../marks.ts';
import { keptLabel, mergedPositions, untouched } from '../from-marks.ts';
import { FIELD_OF } from '../sheet-texts.ts';
import type { ControlSheet } from '../control-kind.ts';
import type { OverrideControl } from './control.ts';

/** @see OverrideControl */
export const overrideSheet: ControlSheet<OverrideControl> = {
  byName: true,
  recognises: () => true,
  read(ask) {
    const { acts } = ask;
    if (acts !== 'aperture' && acts !== 'time') return null;
    const old = ask.before?.kind === 'override' ? ask.before : null;
    const marks = ask.positions();
    if (marks.length === 0) return null;
    if (old && untouched(old.marks, marks)) return old;
    const shape = old?.shape ?? (acts === 'time' ? 'wheel' : 'ring');
    return {
      ...{
        kind: 'override',
        id: old?.id ?? acts,
        label: old?.label ?? keptLabel(acts, shape),
        acts,
        shape
      },
      ...{ automaticMark: old?.automaticMark ?? 'A', marks }
    };
  },
  write: ({ acts, marks }) => ({
    [FIELD_OF[acts]]: writeMarks(acts, marks),
    [`${FIELD_OF[acts]}By`]: 'override'
  }),
  merge: (was, asRead, now) => ({ ...now, marks: mergedPositions(was.marks, asRead.marks, now.marks) })
};
