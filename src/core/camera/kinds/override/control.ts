// A dial or ring of an automatic camera on which the photographer can set what the camera would: "A" and marks.
import { badValues } from '../../good-value.ts';
import type { ControlShape, Position } from '../../position.ts';
import { automaticPosition } from '../automatic-position.ts';
import type { ControlKind } from '../control-kind.ts';

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
  drawing: ({ shape }) => ({ drawn: 'row', as: shape })
};
