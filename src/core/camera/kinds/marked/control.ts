// A lever, ring or wheel: the photographer chooses one of its marks.
import { badValues } from '../../good-value.ts';
import { MARKED_ACTS, type ControlActs, type ControlShape, type Position } from '../../position.ts';
import type { ControlKind } from '../control-kind.ts';

/** A control with marks. */
export interface MarkedControl {
  readonly kind: 'marked';
  readonly id: string;
  readonly label: string;
  readonly acts: ControlActs;
  readonly shape: ControlShape;
  /** In printed order, at least one. */
  readonly positions: readonly Position[];
}

/** @see MarkedControl */
export const marked: ControlKind<MarkedControl> = {
  acts: MARKED_ACTS,
  positions: ({ positions }) => positions,
  count: ({ positions }) => positions.length,
  values: ({ positions }) => positions.map((p) => p.value),
  setOf: () => null,
  meaningSaid: false,
  faults: (control, camera) => badValues(camera, control, control.positions),
  drawing: ({ shape }) => ({ drawn: 'row', as: shape })
};
