// A selector with three blades: a shorter time for sun, a longer one for cloud, and a moon that holds the shutter open.
import { badValues } from '../../good-value.ts';
import { countedPositions } from '../../marks.ts';
import type { Position } from '../../position.ts';
import type { ControlKind } from '../control-kind.ts';
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

/**
 * What its first two blades give.
 * @returns two positions, seconds
 */
export function timed({ sunSeconds, cloudSeconds }: BladesControl): readonly Position[] {
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
  drawing: () => BLADES_DRAWING
};
