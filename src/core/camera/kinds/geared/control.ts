// One wheel with sets of marks that look alike and mean different things, one for each gear.
import { badValues } from '../../good-value.ts';
import { writeMarks } from '../../marks.ts';
import type { ControlShape, Position } from '../../position.ts';
import type { ControlKind } from '../control-kind.ts';
import { partsOf } from '../from-marks.ts';

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
  drawing: ({ shape }) => ({ drawn: 'row', as: shape }),
  sheet: {
    byName: false,
    recognises: (ask) => ask.acts === 'time' && ask.text('time').includes(':'),
    read(ask) {
      const old = ask.before?.kind === 'geared' ? ask.before : null;
      const gears = partsOf(ask.text('time')).map(({ name, marks: listed }, i) => ({
        label: (name === '' ? `gear ${i + 1}` : name).slice(0, 20),
        positions: ask.marks('time', 'time', listed)
      }));
      return {
        ...{ kind: 'geared', id: old?.id ?? 'time', label: old?.label ?? 'speed wheel', acts: 'time' },
        ...{ shape: old?.shape ?? 'wheel', gears }
      };
    },
    write: ({ gears }) => ({
      time: gears.map((g) => `${g.label}: ${writeMarks('time', g.positions)}`).join(' | ')
    })
  }
};
