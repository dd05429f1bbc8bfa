// Nothing to choose: the camera gives one value.
import { badValues } from '../../good-value.ts';
import { MARKED_ACTS, type ControlActs, type Position } from '../../position.ts';
import type { ControlKind } from '../control-kind.ts';

/** A control with one place. */
export interface FixedControl {
  readonly kind: 'fixed';
  readonly id: string;
  readonly label: string;
  readonly acts: ControlActs;
  readonly position: Position;
}

/** @see FixedControl */
export const fixed: ControlKind<FixedControl> = {
  acts: MARKED_ACTS,
  positions: ({ position }) => [position],
  count: () => 1,
  values: ({ position }) => [position.value],
  setOf: () => null,
  meaningSaid: false,
  faults: (control, camera) => badValues(camera, control, [control.position]),
  drawing: () => null
};
