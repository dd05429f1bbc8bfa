import { describe, expect, test } from 'vitest';
import { positionCount, positionsOf } from '../../camera.ts';
import { clicked, type ClickedControl } from './control.ts';

const at = (mark: string, value: number) => ({ mark, symbol: null, value });
const RING: ClickedControl = {
  ...{ kind: 'clicked', id: 'aperture', label: 'aperture ring', acts: 'aperture' },
  marks: [at('2.8', Math.sqrt(8)), at('4', 4), at('5.6', Math.sqrt(32))]
};

describe('a ring that stops between its marks', () => {
  test('has the half stops between full ones: 3.4 and 4.8 (ISO 517:2008 half-stop series, 3.36 and 4.76)', () => {
    const positions = positionsOf(RING);
    expect(positions.map((p) => p.mark)).toEqual(['2.8', '2.8–4', '4', '4–5.6', '5.6']);
    expect(positions[1]?.value).toBeCloseTo(2 ** 1.75, 9);
    expect(positions[3]?.value).toBeCloseTo(2 ** 2.25, 9);
    expect(positionCount(RING)).toBe(positions.length);
    expect(clicked.values(RING)).toEqual(positions.map((p) => p.value));
  });

  test('one mark alone has nothing between', () => {
    expect(positionsOf({ ...RING, marks: [at('8', 8)] })).toHaveLength(1);
    expect(positionCount({ ...RING, marks: [] })).toBe(0);
  });

  test('is drawn as the ring it is', () => {
    expect(clicked.drawing(RING)).toEqual({ drawn: 'row', as: 'ring' });
  });
});
