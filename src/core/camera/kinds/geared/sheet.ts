// How a control of this kind is told on a sheet.
import { writeMarks } from '../../marks.ts';
import { partsOf } from '../from-marks.ts';
import type { ControlSheet } from '../control-kind.ts';
import type { GearedControl } from './control.ts';

/** @see GearedControl */
export const gearedSheet: ControlSheet<GearedControl> = {
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
};
