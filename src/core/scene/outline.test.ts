// Distances from outlines, by plane geometry.
import { describe, expect, test } from 'vitest';
import { boundsOf, outside, type Piece } from './outline.ts';

const bar = (from: readonly [number, number], to: readonly [number, number], radius: number): Piece => ({
  ...{ kind: 'bar', colour: [1, 1, 1], round: 0, from, to, radius }
});
const corners = (at: readonly (readonly [number, number])[]): Piece => ({
  ...{ kind: 'corners', colour: [1, 1, 1], round: 0, corners: at }
});
const SQUARE = corners([
  [1, 0],
  [3, 0],
  [3, 2],
  [1, 2]
]);
const TRIANGLE = corners([
  [0, 0],
  [4, 0],
  [0, 3]
]);

describe('how far a point lies outside', () => {
  test.each([
    ['beside the middle', 2, 2, 1.5],
    ['above the end', 0, 4, 0.5],
    ['under the foot', 0, 0.2, 0.3],
    ['3, 4 and 5 from the end', 3, 7, 4.5],
    ['on its line', 0, 2, -0.5],
    ['inside, off its line', 0.2, 2, -0.3]
  ])('an upright bar: %s', (_, x, y, off) => {
    expect(outside(bar([0, 1], [0, 3], 0.5), x, y)).toBeCloseTo(off, 12);
  });

  test('a bar that lies aslant, from either end', () => {
    for (const piece of [bar([1, 1], [4, 5], 1), bar([4, 5], [1, 1], 1)]) {
      // its normal is (4, −3)/5: three metres along it from the middle
      expect(outside(piece, 2.5 + 2.4, 3 - 1.8)).toBeCloseTo(2, 12);
      expect(outside(piece, 2.5 - 2.4, 3 + 1.8)).toBeCloseTo(2, 12);
      expect(outside(piece, 4 + 3, 5 + 4)).toBeCloseTo(4, 12);
    }
  });

  test('a ball is a bar without a length', () => {
    expect(outside(bar([2, 1], [2, 1], 0.5), 5, 5)).toBeCloseTo(4.5, 12);
  });

  test.each([
    ['its middle', 2, 1, -1],
    ['right of it', 4.5, 1, 1.5],
    ['left of it', 0, 1.5, 1],
    ['above it', 2, 2.25, 0.25],
    ['under it', 2, -3, 3],
    ['on its edge', 3, 1, 0]
  ])('a square: %s', (_, x, y, off) => {
    expect(outside(SQUARE, x, y)).toBeCloseTo(off, 12);
  });

  test('a triangle: from its long side 3·4/5 less what is left', () => {
    expect(outside(TRIANGLE, 0.5, 0.5)).toBeCloseTo(-0.5, 12);
    // the line 3x + 4y = 12
    expect(outside(TRIANGLE, 4, 3)).toBeCloseTo(12 / 5, 12);
    expect(outside(TRIANGLE, 2, -1)).toBeCloseTo(1, 12);
  });
});

test('what pieces take up together', () => {
  expect(boundsOf([bar([1, 2], [-1, 4], 0.5)])).toEqual({ left: -1.5, right: 1.5, bottom: 1.5, top: 4.5 });
  expect(boundsOf([bar([-1, 4], [1, 2], 0.5)])).toEqual({ left: -1.5, right: 1.5, bottom: 1.5, top: 4.5 });
  expect(boundsOf([SQUARE])).toEqual({ left: 1, right: 3, bottom: 0, top: 2 });
  expect(boundsOf([SQUARE, bar([-2, 0.5], [-2, 0.5], 1)])).toEqual({
    ...{ left: -3, right: 3, bottom: -0.5, top: 2 }
  });
});
