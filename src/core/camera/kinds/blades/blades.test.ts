import { describe, expect, test } from 'vitest';
import { positionCount, positionsOf } from '../../camera.ts';
import { COUNTED_SECONDS } from '../../hand-timing.ts';
import { BLADES_DRAWING } from './drawing.ts';
import type { BladesControl } from './control.ts';
import { bladesSheet } from './sheet.ts';

const BLADES: BladesControl = {
  ...{ kind: 'blades', id: 'time', label: 'selector', acts: 'time' },
  ...{ sunSeconds: 1 / 125, cloudSeconds: 1 / 60 }
};

describe('a three-blade selector', () => {
  test('has a time for sun, one for cloud, and a moon on which lengths are counted', () => {
    const positions = positionsOf(BLADES);
    expect(positions.slice(0, 2).map((p) => [p.mark, p.value, p.byHand])).toEqual([
      ['sun', 1 / 125, undefined],
      ['cloud', 1 / 60, undefined]
    ]);
    expect(positions.slice(2).map((p) => p.value)).toEqual(COUNTED_SECONDS);
    expect(positions.slice(2).every((p) => p.byHand && p.mark.startsWith('moon '))).toBe(true);
    expect(positionCount(BLADES)).toBe(positions.length);
  });

  test('is drawn with three blades: the moon is one place however long it is held', () => {
    expect(BLADES_DRAWING.drawn === 'figure' && BLADES_DRAWING.places).toHaveLength(3);
  });

  test('is written as its two times', () => {
    expect(bladesSheet.write(BLADES)).toEqual({ time: '1/125 1/60', timeBy: 'blades' });
  });
});
