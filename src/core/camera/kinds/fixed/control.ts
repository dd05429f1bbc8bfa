// Nothing to choose: the camera gives one value.
import { badValues } from '../../good-value.ts';
import { writeMarks } from '../../marks.ts';
import { CONTROL_ACTS, type ControlActs, type Position } from '../../position.ts';
import type { ControlKind } from '../control-kind.ts';
import { keptLabel, untouched } from '../from-marks.ts';
import { FIELD_OF } from '../sheet-texts.ts';

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
  acts: CONTROL_ACTS,
  positions: ({ position }) => [position],
  count: () => 1,
  values: ({ position }) => [position.value],
  setOf: () => null,
  meaningSaid: false,
  faults: (control, camera) => badValues(camera, control, [control.position]),
  drawing: () => null,
  sheet: {
    byName: false,
    recognises: (ask) => ask.positions().length === 1,
    read(ask) {
      const { acts, before } = ask;
      const [only] = ask.positions();
      // lighten–darken with nothing but the middle is none
      if (!only || acts === 'compensation') return null;
      if (before?.kind === 'fixed' && untouched([before.position], [only])) return before;
      const name = acts === 'aperture' ? 'opening' : acts === 'time' ? 'shutter' : keptLabel(acts, 'ring');
      return { kind: 'fixed', id: before?.id ?? acts, label: before?.label ?? name, acts, position: only };
    },
    // one value alone is taken at its word; its mark, where it has one, is kept
    write: ({ acts, position }) => ({ [FIELD_OF[acts]]: writeMarks(acts, [position]) })
  }
};
