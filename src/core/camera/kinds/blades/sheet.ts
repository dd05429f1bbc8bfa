// How a control of this kind is told on a sheet.
import { writeMarks } from '../../marks.ts';
import { untouched } from '../from-marks.ts';
import type { ControlSheet } from '../control-kind.ts';
import { timed, type BladesControl } from './control.ts';

/** @see BladesControl */
export const bladesSheet: ControlSheet<BladesControl> = {
  byName: true,
  recognises: () => true,
  read(ask) {
    const old = ask.before?.kind === 'blades' ? ask.before : null;
    const times = ask.positions().filter((p) => p.byHand !== true);
    const [sun, cloud] = times;
    if (!sun || !cloud || times.length > 2) {
      ask.fault(
        'time',
        'Three blades have two times, for sun and for cloud; the moon is B. Write 1/125 1/60.'
      );
      return null;
    }
    if (old && untouched(timed(old), times)) return old;
    return {
      ...{ kind: 'blades', id: old?.id ?? 'time', label: old?.label ?? 'selector', acts: 'time' },
      ...{ sunSeconds: sun.value, cloudSeconds: cloud.value }
    };
  },
  write: (control) => ({
    time: writeMarks(
      'time',
      timed(control).map((p) => ({ ...p, symbol: null, mark: '' }))
    ).replace(/mark=/g, ''),
    timeBy: 'blades'
  })
};
