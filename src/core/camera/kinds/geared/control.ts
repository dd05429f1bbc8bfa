// One wheel with sets of marks that look alike and mean different things, one for each gear.
import { badValues } from '../../good-value.ts';
import type { ControlShape, Position } from '../../position.ts';
import type { ControlKind } from '../control-kind.ts';

/** One gear of a two-gear wheel: its own set of marks. */
export interface Gear {
  readonly label: string;
  readonly positions: readonly Position[];
}

/** A wheel with gears. */
export interface GearedControl {
  readonly kind: 'geared';
  readonly id: string;
  readonly label: string;
  readonly acts: 'time';
  readonly shape: ControlShape;
  readonly gears: readonly Gear[];
}

const positionsOf = ({ gears }: GearedControl): readonly Position[] => gears.flatMap((g) => g.positions);

/** @see GearedControl */
export const geared: ControlKind<GearedControl> = {
  acts: ['time'],
  // the gears one after the other
  positions: positionsOf,
  count: ({ gears }) => gears.reduce((n, g) => n + g.positions.length, 0),
  values: (control) => positionsOf(control).map((p) => p.value),
  setOf({ gears }, index) {
    let first = 0;
    for (const gear of gears) {
      first += gear.positions.length;
      if (index < first) return gear.label;
    }
    return null;
  },
  meaningSaid: true,
  faults: (control, camera) => badValues(camera, control, positionsOf(control)),
  drawing: ({ shape }) => ({ drawn: 'row', as: shape })
};
