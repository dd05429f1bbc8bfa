// A lever whose positions mean something else for every place of another control.
import { isGoodValue } from '../../good-value.ts';
import { splitMarks } from '../../marks.ts';
import type { CameraFault } from '../../faults.ts';
import type { ControlShape, MarkSymbol } from '../../position.ts';
import { parseFNumber } from '../../../units/aperture.ts';
import { formatDecimal } from '../../../units/decimal.ts';
import type { ControlKind } from '../control-kind.ts';
import { partsOf } from '../from-marks.ts';

/** A position whose value depends on where another control stands; null where the camera has no such cell. */
export interface LinkedPosition {
  readonly mark: string;
  readonly symbol: MarkSymbol | null;
  /** One for each position of the control it depends on. */
  readonly values: readonly (number | null)[];
}

/** A lever that hangs on another control. */
export interface LinkedControl {
  readonly kind: 'linked';
  readonly id: string;
  readonly label: string;
  readonly acts: 'aperture' | 'time';
  readonly shape: ControlShape;
  /** Id of the control it depends on. */
  readonly dependsOn: string;
  readonly positions: readonly LinkedPosition[];
}

/** @see LinkedControl */
export const linked: ControlKind<LinkedControl> = {
  acts: ['aperture', 'time'],
  positions({ positions, dependsOn }, standsAt) {
    const at = standsAt[dependsOn] ?? 0;
    return positions.map((p) => ({ mark: p.mark, symbol: p.symbol, value: p.values[at] ?? 0 }));
  },
  count: ({ positions }) => positions.length,
  values: ({ positions }) => positions.flatMap((p) => p.values.flatMap((v) => v ?? [])),
  setOf: () => null,
  meaningSaid: true,
  faults(control, camera, countOf) {
    const { label, acts, dependsOn, id } = control;
    const other = camera.controls.find((c) => c.id === dependsOn && c.id !== id);
    if (!other || other.kind === 'linked') return [{ fault: 'unknown-link', control: label }];
    const wanted = countOf(other);
    return control.positions.flatMap((p): readonly CameraFault[] => {
      const { mark } = p;
      if (p.values.length !== wanted || p.values.includes(null))
        return [{ fault: 'missing-cell', control: label, mark }];
      const good = p.values.every((v) => v !== null && isGoodValue(camera, acts, v));
      return good ? [] : [{ fault: 'bad-value', control: label, mark }];
    });
  },
  drawing: ({ shape }) => ({ drawn: 'row', as: shape }),
  sheet: {
    byName: false,
    recognises: ({ acts, has }) => acts === 'aperture' && has === 'scene',
    read(ask) {
      const { dial } = ask;
      const count = dial?.count ?? 0;
      if (count < 2) ask.fault('dial', 'Give the speed dial at least two marks, such as 64 125 400.');
      const rows = partsOf(ask.text('scene'));
      if (rows.length === 0)
        ask.fault('scene', 'Give each place of the lever a row, such as bright: 9 13 22 | dull: 9 9 9.');
      const positions = rows.map(({ name, marks }): LinkedPosition => {
        // measured or looked up, never a scale: each is taken at its word
        const values = splitMarks(marks).map((token) => ask.value('scene', parseFNumber(token)));
        if (values.length !== count)
          ask.fault(
            'scene',
            `“${name}” has ${values.length} openings for ${count} marks of the dial: give one for each, from left to right.`
          );
        const symbol = /bright|sun/i.test(name) ? 'sun' : /dull|cloud|indoor/i.test(name) ? 'cloud' : null;
        return { mark: name === '' ? 'place' : name.slice(0, 20), symbol, values };
      });
      return {
        ...{ kind: 'linked', id: 'scene', label: 'scene lever', acts: 'aperture', shape: 'lever' },
        ...{ dependsOn: dial?.id ?? 'dial', positions }
      };
    },
    write: ({ positions }) => ({
      scene: positions
        .map((p) => `${p.mark}: ${p.values.map((v) => (v === null ? '' : formatDecimal(v, 3))).join(' ')}`)
        .join(' | ')
    })
  }
};
