import fc from 'fast-check';
import { FORMATS } from '../film/formats.ts';
import { describe, expect, test } from 'vitest';
import { cameraWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { PLAIN_TRAITS } from '../camera/traits.ts';
import { aimOff, finderFromFrame } from './aim-off.ts';
import { depthDioptres, hyperfocalM, sharpRange } from './depth.ts';
import { focusedM, sharpRangeOf, widestFNumber, withFocusAt, withUsualFocus } from './focused.ts';

describe('hyperfocal distance and limits', () => {
  // Wikipedia, "Hyperfocal distance", worked example: 50 mm at f/8, c = 0.03 mm gives 10.467 m and sharpness from 5.2 m
  // to infinity (figures from memory).
  test('the published example: 50 mm at f/8, 0.03 mm', () => {
    expect(hyperfocalM(50, 8, 0.03)).toBeCloseTo(10.467, 3);
    const { nearM, farM } = sharpRange(50, 8, 0.03, 10.467);
    expect(nearM).toBeCloseTo(5.23, 2);
    expect(farM).toBeGreaterThan(1e4);
  });
  // R. Kingslake, Optics in Photography (1992), ch. 5: focused at H/n, sharpness runs from H/(n + 1) to H/(n − 1) (rule from memory).
  test.each([2, 3, 5, 10])('focused at H/%d it is sharp from H/(n+1) to H/(n−1)', (n) => {
    const h = hyperfocalM(50, 11, 0.03);
    const { nearM, farM } = sharpRange(50, 11, 0.03, h / n);
    expect(nearM / (h / (n + 1))).toBeCloseTo(1, 1);
    expect(farM / (h / (n - 1))).toBeCloseTo(1, 1);
  });
  test('at infinity it is sharp from H on', () =>
    expect(sharpRange(50, 8, 0.03, Infinity)).toEqual({ nearM: hyperfocalM(50, 8, 0.03), farM: Infinity }));
  test('blur at both limits is exactly the circle', () => {
    // thin lens: a point at u is drawn as a disc of f²·|1/s − 1/u| / (N(1 − f/s)) on the film, f, s, u in mm
    const disc = (u: number, s: number): number => {
      const [f, n] = [75, 5.6];
      return ((f * f) / n) * Math.abs(1 / s - 1 / u) * (s / (s - f));
    };
    const { nearM, farM } = sharpRange(75, 5.6, 0.05, 4);
    expect(disc(nearM * 1000, 4000)).toBeCloseTo(0.05, 4);
    expect(disc(farM * 1000, 4000)).toBeCloseTo(0.05, 4);
  });
  test('a smaller opening never makes less sharp', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 200, noNaN: true }),
        fc.double({ min: 1, max: 45, noNaN: true }),
        fc.double({ min: 0.5, max: 100, noNaN: true }),
        (focal, n, at) => {
          const wide = sharpRange(focal, n, 0.03, at);
          const small = sharpRange(focal, n * 1.4, 0.03, at);
          expect(small.nearM).toBeLessThanOrEqual(wide.nearM + 1e-12);
          expect(small.farM).toBeGreaterThanOrEqual(wide.farM - 1e-9);
          expect(depthDioptres(small)).toBeGreaterThanOrEqual(depthDioptres(wide) - 1e-12);
        }
      )
    );
  });
  test.each([
    [0, 8, 0.03],
    [50, -1, 0.03],
    [50, 8, NaN]
  ])('refuses %d mm, f/%d, %d mm', (f, n, c) => expect(() => hyperfocalM(f, n, c)).toThrow(RangeError));
  test('a distance inside the lens is refused', () =>
    expect(() => sharpRange(50, 8, 0.03, 0.04)).toThrow(/beyond the focal length/));
});

describe('the lens of a camera', () => {
  // common practice, no source: a fixed plastic 31 mm lens at about f/9 is sharp from about 1 m to infinity
  test('a fixed lens left at its hyperfocal distance is sharp from half of it', () => {
    const toy = cameraWith([fixed('aperture', '', 9), fixed('time', '', 1 / 120)], {
      formats: ['135'],
      focalMm: 31
    });
    const { nearM, farM } = sharpRangeOf(toy, '135', {}, 9);
    expect(nearM).toBeCloseTo(hyperfocalM(31, 9, FORMATS['135'].circleMm) / 2, 1);
    expect(farM).toBe(Infinity);
  });
  test('what its owner found is believed over the sum', () => {
    const own = cameraWith([fixed('aperture', '', 9), fixed('time', '', 1 / 120)], {
      ...PLAIN_TRAITS,
      focusing: { kind: 'fixed', atM: null, sharpFromM: 1 }
    });
    expect(sharpRangeOf(own, '135', {}, 9)).toEqual({ nearM: 1, farM: Infinity });
  });
  const ring = cameraWith([
    marked('aperture', [4, 8]),
    fixed('time', '', 0.01),
    marked('focus', [0.5, 2, 5, Infinity])
  ]);
  test('the focus mark that blurs a subject least', () => {
    expect(withFocusAt(ring, {}, 0.6)).toEqual({ focus: 0 });
    expect(withFocusAt(ring, {}, 3)).toEqual({ focus: 2 });
    expect(withFocusAt(ring, {}, 40)).toEqual({ focus: 3 });
    expect(focusedM(ring, 'roll-6x6', { focus: 1 })).toBe(2);
  });
  test('an unknown focus is taken to stand nearest three metres; a known one stays', () => {
    expect(withUsualFocus(ring, {})).toEqual({ focus: 2 });
    expect(withUsualFocus(ring, { focus: 0 })).toEqual({ focus: 0 });
    expect(withUsualFocus(cameraWith([]), {})).toEqual({});
  });
  test('the widest opening is the smallest f-number of whatever sets it', () => {
    expect(widestFNumber(ring)).toBe(4);
    const eye = { place: 'outside', believesIso: 100, angleDegrees: null } as const;
    expect(
      widestFNumber(
        cameraWith([], {
          program: {
            kind: 'program',
            points: [
              { fNumber: 11, seconds: 1 },
              { fNumber: 32, seconds: 0.01 }
            ],
            eye
          }
        })
      )
    ).toBe(11);
  });
  // common practice, no source: a swing lens of 29 mm focused far away is sharp from nearer at each smaller opening
  test('how near is sharp at each opening of a lens fixed at infinity', () => {
    const near = [2.8, 5.6, 11].map((n) => sharpRange(29, n, 0.03, Infinity).nearM);
    expect(near.map((m) => Math.round(m * 10) / 10)).toEqual([10, 5, 2.6]);
  });
});

describe('aiming off', () => {
  const finder = { rightMm: 30, upMm: 50, rightShare: 0, upShare: -0.2 };
  test('far away only the finder’s own error is left: a fifth of the frame', () =>
    expect(aimOff(finder, 100, [79, 77], Infinity)).toEqual({ rightShare: 0, upShare: -0.2 }));
  test('near by the parallax is added: 50 mm above the lens at 1.1 m is a tenth magnification', () => {
    const { rightShare, upShare } = aimOff(finder, 100, [79, 77], 1.1);
    expect(rightShare).toBeCloseTo(-3 / 79, 9);
    expect(upShare).toBeCloseTo(-0.2 - 5 / 77, 9);
  });
  test('a subject inside the lens is refused', () =>
    expect(() => aimOff(finder, 100, [79, 77], 0.05)).toThrow(RangeError));
});

describe('a finder found by one test frame', () => {
  const plain = { rightMm: 0, upMm: 0, rightShare: 0, upShare: 0 };
  test('what was in the middle and landed a fifth higher: the picture lies a fifth lower', () => {
    const found = finderFromFrame(plain, 100, [79, 77], { rightShare: 0, upShare: 0.2 }, 3);
    expect(found).toEqual({ ...plain, upShare: -0.2 });
    expect(aimOff(found, 100, [79, 77], 3).upShare).toBeCloseTo(-0.2, 9);
  });
  test('near by, what the finder’s place explains is not its own error', () => {
    // a tenth of life size: 38.5 mm above the lens are 3.85 mm on the film, a twentieth of 77 mm
    const above = { ...plain, upMm: 38.5 };
    const found = finderFromFrame(above, 100, [79, 77], { rightShare: 0.1, upShare: 0.05 }, 1.1);
    expect(found).toEqual({ ...above, rightShare: -0.1, upShare: 0 });
  });
  test.each([
    [0.1, -0.05],
    [0, 0],
    [-0.2, 0.3]
  ])('what is found is seen again at that distance: %d, %d', (rightShare, upShare) => {
    const finder = { rightMm: 20, upMm: 40, rightShare: 0.3, upShare: 0.1 };
    const found = finderFromFrame(finder, 75, [56, 56], { rightShare, upShare }, 2);
    const off = aimOff(found, 75, [56, 56], 2);
    expect(off.rightShare).toBeCloseTo(-rightShare, 2);
    expect(off.upShare).toBeCloseTo(-upShare, 2);
  });
});
