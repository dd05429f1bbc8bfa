// A selector with three blades: a shorter time for sun, a longer one for cloud, and a moon that holds the shutter open.
import { badValues } from '../../good-value.ts';
import { countedPositions, writeMarks } from '../../marks.ts';
import type { Position } from '../../position.ts';
import type { ControlKind } from '../control-kind.ts';
import { untouched } from '../from-marks.ts';
import { BLADES_DRAWING } from './drawing.ts';

/** A three-blade selector. */
export interface BladesControl {
  readonly kind: 'blades';
  readonly id: string;
  readonly label: string;
  readonly acts: 'time';
  /** The times of its first two blades, seconds. */
  readonly sunSeconds: number;
  readonly cloudSeconds: number;
}

function timed({ sunSeconds, cloudSeconds }: BladesControl): readonly Position[] {
  return [
    { mark: 'sun', symbol: 'sun', value: sunSeconds },
    { mark: 'cloud', symbol: 'cloud', value: cloudSeconds }
  ];
}

/** The moon is B: its lengths are counted by the photographer. */
const MOON: readonly Position[] = countedPositions().map((p) => ({
  ...p,
  mark: p.mark.replace(/^B /, 'moon ')
}));

const positionsOf = (control: BladesControl): readonly Position[] => [...timed(control), ...MOON];

/** @see BladesControl */
export const blades: ControlKind<BladesControl> = {
  acts: ['time'],
  positions: positionsOf,
  count: () => 2 + MOON.length,
  values: (control) => positionsOf(control).map((p) => p.value),
  setOf: () => null,
  meaningSaid: true,
  faults: (control, camera) => badValues(camera, control, timed(control)),
  drawing: () => BLADES_DRAWING,
  sheet: {
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
  }
};
