// Hand and subject by hand: 1/f on 35 mm film is held in 85 of 100 frames, two stops more in 30. Common practice, no source.
import { describe, expect, test } from 'vitest';
import { cameraWith, filmWith } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { normalCdf } from '../numeric/normal.ts';
import {
  blurCircleMm,
  halfHeldSeconds,
  halfStillSeconds,
  handHeldSeconds,
  longestStill,
  stillChance
} from './stillness.ts';
import { distanceSd, sharpChance } from './sharpness.ts';

const CAMERA = cameraWith([], { formats: ['135'], focalMm: 50, handHeldSeconds: null });
const at = (more: Partial<Situation> = {}): Situation => ({
  ...{ camera: CAMERA, film: filmWith({ iso: 100 }), light: { lv: 10, sdStops: 0.3 }, contrast: 'normal' },
  ...more
});

describe('the hand', () => {
  test('holds one over the focal length on 35 mm film; a soft lens hides twice the blur', () => {
    expect(blurCircleMm(CAMERA, '135')).toBeCloseTo(0.03, 9);
    expect(handHeldSeconds(CAMERA, '135')).toBeCloseTo(1 / 50, 9);
    expect(handHeldSeconds({ ...CAMERA, focalMm: 100 }, '135')).toBeCloseTo(1 / 100, 9);
    const soft = { ...CAMERA, singleElement: true };
    expect(blurCircleMm(soft, '135')).toBeCloseTo(0.06, 9);
    expect(handHeldSeconds(soft, '135')).toBeCloseTo(1 / 25, 9);
    expect(handHeldSeconds({ ...CAMERA, handHeldSeconds: 1 / 15 }, '135')).toBe(1 / 15);
  });
  test('in half of all frames it holds 2½ times as long, leaning as much again, and as steady as the person is', () => {
    const half = halfHeldSeconds(at(), '135');
    expect(half).toBeCloseTo(2.5 / 50, 9);
    expect(halfHeldSeconds(at({ support: 'leaning' }), '135')).toBeCloseTo(2.5 * half, 9);
    expect(halfHeldSeconds(at({ steadiness: 0.6 }), '135')).toBeCloseTo(0.6 * half, 9);
    expect(halfHeldSeconds(at({ support: 'standing' }), '135')).toBe(Infinity);
    const cine = { ...CAMERA, transport: { kind: 'cine', framesPerSecond: 16 } as const };
    expect(halfHeldSeconds(at({ camera: cine }), '135')).toBe(Infinity);
  });
  test('1/f holds in 85 of 100, two stops more in 30', () => {
    const half = halfHeldSeconds(at(), '135');
    expect(stillChance(1 / 50, half, 0.9)).toBeCloseTo(0.85, 1.5);
    expect(Math.abs(stillChance(1 / 50, half, 0.9) - 0.846)).toBeLessThan(0.002);
    expect(Math.abs(stillChance(4 / 50, half, 0.9) - 0.3)).toBeLessThan(0.003);
    expect(stillChance(half, half, 0.9)).toBeCloseTo(0.5, 9);
    expect(stillChance(1e6, Infinity, 0.9)).toBe(1);
    expect(stillChance(2 * half, half, 0.5)).toBeCloseTo(normalCdf(-Math.LN2 / 0.5), 8);
  });
  test('the longest time of a chance has that chance', () => {
    for (const [z, p] of [[1.036, 0.85] as const, [0.674, 0.75] as const]) {
      const longest = longestStill(0.2, 0.9, z);
      expect(stillChance(longest, 0.2, 0.9)).toBeCloseTo(p, 3);
      expect(longest).toBeLessThan(0.2);
    }
  });
});

describe('the subject', () => {
  const walks = (subjectM: number | null, focalMm = 50) =>
    halfStillSeconds(
      at({ camera: { ...CAMERA, focalMm }, motion: { metresPerSecond: 2, way: 'across' } }),
      '135',
      subjectM
    );
  test('2 m/s at 5.05 m before a 50 mm lens moves 20 mm/s on the film: 0.06 mm take 3 ms', () => {
    // m = f/(s − f) = 50/5000
    expect(walks(5.05)).toBeCloseTo(0.06 / 20, 9);
    expect(walks(10.05)).toBeCloseTo(0.06 / 10, 9);
  });
  test('nothing is said of what is nearer than the lens is long, stands still, or lies nobody knows where', () => {
    expect([walks(0.05), walks(0.04), walks(null)]).toEqual([Infinity, Infinity, Infinity]);
    expect(walks(0.06)).toBeLessThan(1);
    expect(halfStillSeconds(at(), '135', 5)).toBe(Infinity);
    expect(halfStillSeconds(at({ motion: { metresPerSecond: 0, way: 'across' } }), '135', 5)).toBe(Infinity);
  });
});

describe('focus', () => {
  test('a distance is as sure as it was told; a rangefinder measures it', () => {
    const by = (distanceBy: Situation['distanceBy']) =>
      distanceSd(at(distanceBy === undefined ? {} : { distanceBy }));
    expect([by(undefined), by('eye'), by('paces'), by('measured')]).toEqual([0.3, 0.3, 0.2, 0.03]);
    const ranged = { ...CAMERA, focusing: { kind: 'rangefinder' } as const };
    expect(distanceSd(at({ camera: ranged, distanceBy: 'eye' }))).toBe(0.03);
  });
  test('what lies between near and far is sharp, on a scale of the logarithm', () => {
    expect(sharpChance({ nearM: 2, farM: 8 }, 4, 0.3)).toBeCloseTo(2 * normalCdf(Math.LN2 / 0.3) - 1, 8);
    expect(sharpChance({ nearM: 4, farM: Infinity }, 4, 0.3)).toBeCloseTo(0.5, 8);
    expect(sharpChance({ nearM: 8, farM: 16 }, 4, 0.3)).toBeCloseTo(
      normalCdf(Math.log(4) / 0.3) - normalCdf(Math.LN2 / 0.3),
      8
    );
  });
  test('infinity is sharp where the range reaches it, and else is not', () => {
    expect(sharpChance({ nearM: 8, farM: Infinity }, Infinity, 0.3)).toBe(1);
    expect(sharpChance({ nearM: 8, farM: 900 }, Infinity, 0.3)).toBe(0);
  });
});
