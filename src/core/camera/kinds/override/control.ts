// A dial or ring of an automatic camera on which the photographer can set what the camera would: "A" and marks.
import { badValues } from '../../good-value.ts';
import { writeMarks } from '../../marks.ts';
import type { ControlShape, Position } from '../../position.ts';
import { automaticPosition } from '../automatic-position.ts';
import type { ControlKind } from '../control-kind.ts';
import { keptLabel, mergedPositions, untouched } from '../from-marks.ts';
import { FIELD_OF } from '../sheet-texts.ts';

/** A control that can be taken off automatic. */
export interface OverrideControl {
  readonly kind: 'override';
  readonly id: string;
  readonly label: string;
  readonly acts: 'aperture' | 'time';
  readonly shape: ControlShape;
  /** What stands at its automatic place. */
  readonly automaticMark: string;
  /** The marks beside it, at least one. */
  readonly marks: readonly Position[];
}

/** @see OverrideControl */
export const override: ControlKind<OverrideControl> = {
  acts: ['aperture', 'time'],
  overrides: true,
  positions: ({ automaticMark, marks }) => [automaticPosition(automaticMark), ...marks],
  count: ({ marks }) => 1 + marks.length,
  values: ({ marks }) => marks.map((p) => p.value),
  setOf: () => null,
  meaningSaid: false,
  faults: (control, camera) => badValues(camera, control, control.marks),
  drawing: ({ shape }) => ({ drawn: 'row', as: shape }),
  sheet: {
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
  }
};
