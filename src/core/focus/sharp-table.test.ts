import { describe, expect, test } from 'vitest';
import { cameraWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { PLAIN_TRAITS } from '../camera/traits.ts';
import { holding, sharpTable } from './sharp-table.ts';

const CAMERA = {
  ...cameraWith([
    marked('aperture', [2.8, 8, 16]),
    fixed('time', '1/60', 1 / 64),
    marked('focus', [1, 2, 5, Infinity])
  ]),
  ...{ focalMm: 35, formats: ['135' as const], focusing: { kind: 'scale' as const } }
};

describe('what is sharp for every aperture and mark', () => {
  const table = sharpTable(CAMERA, '135');
  test('a row for each mark, a column for each opening', () => {
    expect(table).toHaveLength(4);
    expect(table.every((row) => row.cells.length === 3)).toBe(true);
  });
  // 35 mm, c 0.03, f/16: H = 35²/(16·0.03) + 35 = 2.587 m; focused at 2 m: near 2(2.587 − 0.035)/(2.587 + 2 − 0.07) = 1.13 m,
  // far 2(2.587 − 0.035)/(2.587 − 2) = 8.69 m, by hand
  test('35 mm at f/16, focused at 2 m', () => {
    const cell = table[1]?.cells[2];
    expect(cell?.nearM).toBeCloseTo(1.13, 2);
    expect(cell?.farM).toBeCloseTo(8.69, 1);
  });
  test('the other way: from 1.2 to 3 m needs f/16 at 2 m, from 4 to 8 m less', () => {
    expect(holding(table, 1.2, 3)).toMatchObject({ fNumber: 16, choice: { focus: 1 } });
    const easy = holding(table, 4, 8);
    expect(easy?.fNumber).toBeLessThan(16);
    expect(holding(table, 0.3, Infinity)).toBeNull();
  });
  test('on a fixed lens what its owner found at an opening is believed there, and nowhere else', () => {
    const camera = {
      ...cameraWith([marked('aperture', [8, 16]), fixed('time', '1/60', 1 / 64)]),
      ...{ ...PLAIN_TRAITS, focalMm: 60, formats: ['roll-6x6' as const] },
      focusing: {
        kind: 'fixed' as const,
        atM: null,
        sharpFromM: null,
        sharpBy: [{ fNumber: 16, fromM: 1.2 }]
      }
    };
    const [row] = sharpTable(camera, 'roll-6x6');
    expect(row?.cells[1]?.nearM).toBe(1.2);
    expect(row?.cells[0]?.nearM).toBeGreaterThan(1.2);
  });
});
