import { expect, test } from 'vitest';
import { centredM, flashSeconds, flashStops, mixedStops, unmixedStops } from './flash.ts';
import type { FlashUse } from './flash.ts';

const flash = (guideNumber: number, powerStops = 0): FlashUse => ({
  unit: { name: 'test flash', guideNumber, powers: [0, 1, 2, 3, 4], seconds: 1 / 800, angleDegrees: 60 },
  powerStops,
  lossStops: 0
});

// ISO 1230:2007: the guide number is f-number times distance for a right exposure.
test.each([
  [32, 8, 4],
  [20, 5, 4],
  [12, 4, 3]
])('guide number %d at f/%d is right at %d m', (gn, n, d) => {
  expect(flashStops(flash(gn), 0, n, d, 0)).toBeCloseTo(0, 12);
  expect(centredM(flash(gn), 0, n, 0)).toBeCloseTo(d, 12);
});

// common practice, no source: guide number 16 on ISO 800 at f/8.8, eighth power about 1.8 m, sixteenth about 1.3 m
test('a small flash at an eighth and a sixteenth of its power on fast film', () => {
  expect(centredM(flash(16, 3), 3, 8.8, 0)).toBeCloseTo(1.8, 1);
  expect(centredM(flash(16, 4), 3, 8.8, 0)).toBeCloseTo(1.3, 1);
});

test('twice the distance or half the guide number is two stops, a filter takes what it says', () => {
  expect(flashStops(flash(32), 0, 8, 8, 0)).toBeCloseTo(-2, 12);
  expect(flashStops(flash(16), 0, 8, 4, 0)).toBeCloseTo(-2, 12);
  expect(flashStops({ ...flash(32), lossStops: 1 }, 0, 8, 4, 2)).toBeCloseTo(-3, 12);
});

test('equal parts of two lights are a stop more; far apart the stronger one is left', () => {
  expect(mixedStops(0, 0)).toBe(1);
  expect(mixedStops(2, -30)).toBeCloseTo(2, 8);
  expect(mixedStops(-400, 500)).toBe(500);
});

test('taking a light out again is the inverse', () => {
  for (const [a, b] of [
    [0, 0],
    [-3, 1],
    [4, -2]
  ] as const)
    expect(unmixedStops(mixedStops(a, b), b)).toBeCloseTo(a, 9);
  expect(unmixedStops(1, 2)).toBe(-Infinity);
  expect(unmixedStops(Infinity, 2)).toBe(Infinity);
});

test('less power is a shorter flash; nothing reaches infinity; a distance of 0 is refused', () => {
  expect(flashSeconds(flash(16, 2))).toBeCloseTo(1 / 3200, 12);
  expect(flashStops(flash(16), 0, 8, Infinity, 0)).toBeLessThan(-100);
  expect(() => flashStops(flash(16), 0, 8, 0, 0)).toThrow(RangeError);
});
