import { describe, expect, test } from 'vitest';
import { cameraWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { depthDioptres, hyperfocalM, sharpRange } from './depth.ts';
import { sharpRangeOf, withFocusAt } from './focused.ts';
import { magnification } from './magnification.ts';
import { holding, sharpTable } from './sharp-table.ts';

describe('the edges of what is sharp', () => {
  test('focused exactly at the hyperfocal distance all beyond is sharp, just before it not quite', () => {
    const h = hyperfocalM(50, 8, 0.03);
    expect(sharpRange(50, 8, 0.03, h).farM).toBe(Infinity);
    expect(sharpRange(50, 8, 0.03, h * 0.999).farM).toBeLessThan(Infinity);
    expect(() => sharpRange(50, 8, 0.03, 0.05)).toThrow(RangeError);
  });
  test('depth in dioptres is the difference of both ends', () => {
    expect(depthDioptres({ nearM: 1, farM: 2 })).toBeCloseTo(0.5, 12);
    expect(depthDioptres({ nearM: 4, farM: Infinity })).toBeCloseTo(0.25, 12);
  });
  test('a subject far away has no size', () => expect(magnification(50, Infinity)).toBe(0));
  test('of what its owner found, the opening nearest in stops counts, up to a third of a stop', () => {
    const found = [
      { fNumber: 16, fromM: 1.2 },
      { fNumber: 8, fromM: 2 },
      { fNumber: 11, fromM: 1.5 }
    ];
    const camera = cameraWith([fixed('aperture', '', 8), fixed('time', '', 1 / 60)], {
      focusing: { kind: 'fixed', atM: null, sharpFromM: 3, sharpBy: found }
    });
    const from = (n: number) => sharpRangeOf(camera, '135', {}, n).nearM;
    expect([from(8), from(8.2), from(11), from(16)]).toEqual([2, 2, 1.5, 1.2]);
    // between marks: as at every opening
    expect(from(9.4)).toBe(3);
  });
  test('of two focus marks as far off the first stays', () => {
    const camera = cameraWith([marked('focus', [1, 1, 3])]);
    expect(withFocusAt(camera, {}, 1)).toEqual({ focus: 0 });
    expect(withFocusAt(camera, {}, 3)).toEqual({ focus: 2 });
  });
});

describe('the table of what is sharp', () => {
  const RING = cameraWith([
    marked('aperture', [16, 4, 8]),
    fixed('time', '', 1 / 60),
    marked('focus', [2, 5])
  ]);
  test('openings from wide to small whatever the order of the marks', () => {
    expect(sharpTable(RING, '135')[0]?.cells.map((c) => c.fNumber)).toEqual([4, 8, 16]);
  });
  test('a camera that sets its opening has a column for each stop of it', () => {
    const own = cameraWith([], {
      program: {
        kind: 'program',
        points: [
          { fNumber: 2.8, seconds: 1 },
          { fNumber: 11.2, seconds: 1 / 250 }
        ],
        eye: { place: 'outside', believesIso: 100, angleDegrees: null }
      }
    });
    const columns = sharpTable(own, '135')[0]?.cells.map((c) => Number(c.fNumber.toFixed(2)));
    expect(columns).toEqual([2.8, 3.96, 5.6, 7.92, 11.2]);
  });
  test('asked the other way: the widest opening that holds a stretch, within a thousandth of its ends', () => {
    const table = sharpTable(RING, '135');
    const wide = table[0]?.cells[0];
    if (!wide) throw new Error('no cell');
    expect(holding(table, wide.nearM, wide.farM)).toMatchObject({ fNumber: 4, choice: { focus: 0 } });
    expect(holding(table, wide.nearM / 1.0005, wide.farM * 1.0005)?.fNumber).toBe(4);
    expect(holding(table, wide.nearM / 1.01, wide.farM)?.fNumber).toBe(8);
    expect(holding(table, wide.nearM, wide.farM * 1.01)?.fNumber).toBe(8);
    expect(holding(table, 0.2, Infinity)).toBeNull();
  });
});
