// Focus to the number: a lens set to a subject's own distance, to another mark, or looking through a close-up lens. By hand from the
// depth-of-field formulas of S. F. Ray, Applied Photographic Optics, 3rd ed. (2002), ch. 22 (from memory).
import { describe, expect, test } from 'vitest';
import { settingOf, type Choice } from '../camera/setting.ts';
import type { Camera } from '../camera/camera.ts';
import { PLAIN } from '../error/circumstances.ts';
import { cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { normalBetween } from '../numeric/normal.ts';
import { focusAt, limitsOf } from './conditions.ts';
import { sharpAround } from './sharpness.ts';

const at50 = [fixed('aperture', '8', 8), fixed('time', '', 1 / 60)];
const SCALE = cameraWith([...at50, marked('focus', [1, 3, Infinity])], {
  ...{ formats: ['135'], focalMm: 50, focusing: { kind: 'scale' } }
});
const FIXED = cameraWith(at50, {
  ...{ formats: ['135'], focalMm: 50, focusing: { kind: 'fixed', atM: 5, sharpFromM: null } }
});

/** What a 50 mm lens at f/8 shows sharp on 35 mm film: H = 2500/(8·0.03) + 50 mm = 10.467 m. */
function sharp50(focusedM: number): { readonly nearM: number; readonly farM: number } {
  const [f, h] = [0.05, 2.5 / (8 * 0.03) + 0.05];
  return {
    nearM: (focusedM * (h - f)) / (h + focusedM - 2 * f),
    farM: focusedM >= h ? Infinity : (focusedM * (h - f)) / (h - focusedM)
  };
}
const situation = (camera: Camera, subjectM: number, closeUpDioptres = 0): Situation => ({
  ...{ camera, film: filmWith({ formats: ['135'] }), light: { lv: 12, sdStops: 0.4 }, contrast: 'normal' },
  ...{ circumstances: { ...PLAIN, subjectM, closeUpDioptres }, distanceBy: 'eye' }
});
function chanceOf(camera: Camera, choice: Choice, subjectM: number, dioptres = 0): number {
  const s = situation(camera, subjectM, dioptres);
  const setting = settingOf(camera, choice);
  if (!setting) throw new Error('no setting');
  return focusAt(camera, limitsOf(s), setting, 8);
}
/** A subject guessed to three tenths of its distance. */
const within = (nearM: number, farM: number, subjectM: number): number =>
  normalBetween(0, 0.3, Math.log(nearM / subjectM), Math.log(farM / subjectM));

describe('focus on a scale', () => {
  test('the mark nearest to a subject stands for the distance itself', () => {
    for (const [subjectM, focus] of [
      [1.2, 0],
      [2.4, 1],
      [3.5, 1]
    ] as const) {
      const { nearM, farM } = sharpAround(SCALE, '135', { focus }, 8, subjectM);
      expect(nearM).toBeCloseTo(sharp50(subjectM).nearM, 9);
      expect(farM).toBeCloseTo(sharp50(subjectM).farM, 9);
    }
  });
  test('another mark is what it is', () => {
    const { nearM, farM } = sharpAround(SCALE, '135', { focus: 0 }, 8, 3.5);
    expect([nearM, farM].map((m) => m.toFixed(6))).toEqual(
      [sharp50(1).nearM, sharp50(1).farM].map((m) => m.toFixed(6))
    );
    expect(sharpAround(SCALE, '135', {}, 8, 3.5)).toEqual({ nearM, farM });
    const far = sharpAround(SCALE, '135', { focus: 2 }, 8, 3.5);
    expect(far.nearM).toBeCloseTo(10.4667, 3);
    expect(far.farM).toBe(Infinity);
  });
  test('no nearer than its first mark', () => {
    expect(sharpAround(SCALE, '135', { focus: 0 }, 8, 0.6).nearM).toBeCloseTo(sharp50(1).nearM, 9);
  });
  test('the chance is the share of guesses that lie in it', () => {
    for (const [subjectM, focus, focusedM] of [
      [2.4, 1, 2.4],
      [3.5, 0, 1],
      [1.2, 1, 3],
      [8, 2, 8]
    ] as const) {
      const { nearM, farM } = sharp50(focusedM);
      expect(chanceOf(SCALE, { focus }, subjectM)).toBeCloseTo(within(nearM, farM, subjectM), 5);
    }
  });
});

describe('through a close-up lens of D dioptres 1/distance is D less', () => {
  test('a scale set to what is seen through it', () => {
    // 0.4 m through 2 dioptres are seen at 1/(2.5 − 2) = 2 m; 0.45 m through 1.5 at 1/(2.222 − 1.5) = 1.385 m
    for (const [subjectM, dioptres, focus] of [
      [0.4, 2, 1],
      [0.45, 1.5, 0]
    ] as const) {
      const seen = sharp50(1 / (1 / subjectM - dioptres));
      const [nearM, farM] = [1 / (1 / seen.nearM + dioptres), 1 / (1 / seen.farM + dioptres)];
      expect(chanceOf(SCALE, { focus }, subjectM, dioptres)).toBeCloseTo(within(nearM, farM, subjectM), 5);
    }
  });
  test('a lens that stands still at 5 m', () => {
    const seen = sharp50(5);
    const [nearM, farM] = [1 / (1 / seen.nearM + 2), 1 / (1 / seen.farM + 2)];
    for (const subjectM of [0.35, 0.42, 0.5])
      expect(chanceOf(FIXED, {}, subjectM, 2)).toBeCloseTo(within(nearM, farM, subjectM), 5);
  });
  // the farthest that is looked at is 10 km: a ten-thousandth of a dioptre
  test('what is seen beyond infinity is focused at infinity', () => {
    // 2 m through 1 dioptre: 0.5 − 1 < 0. At infinity a 50 mm lens at f/8 is sharp to 1/H on both sides of it
    const h = 10.466667;
    const [nearM, farM] = [1 / (1 / h + 1), 1 / (1 - 1 / h)];
    expect(chanceOf(SCALE, { focus: 2 }, 2, 1)).toBeCloseTo(within(nearM, farM, 2), 2);
    expect(chanceOf(SCALE, { focus: 2 }, 1.05, 1)).toBeCloseTo(within(nearM, farM, 1.05), 2);
  });
  test('a weak one before infinity reaches to infinity', () => {
    // 0.05 dioptre is less than the 1/H = 0.0955 that the lens is sharp beyond infinity
    expect(chanceOf(SCALE, { focus: 2 }, 40, 0.05)).toBeCloseTo(
      within(1 / (1 / 10.466667 + 0.05), Infinity, 40),
      4
    );
  });
});
