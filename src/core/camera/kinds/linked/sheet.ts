// How a control of this kind is told on a sheet.
import { splitMarks } from '../../marks.ts';
import { parseFNumber } from '../../../units/aperture.ts';
import { formatDecimal } from '../../../units/decimal.ts';
import { partsOf } from '../from-marks.ts';
import type { ControlSheet } from '../control-kind.ts';
import type { LinkedControl, LinkedPosition } from './control.ts';

/** @see LinkedControl */
export const linkedSheet: ControlSheet<LinkedControl> = {
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
};
