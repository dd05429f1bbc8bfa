import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { pictureExposure, type PictureNotes } from './exposure.ts';
import { eyeRadius } from './eye-circle.ts';
import { codeOf, LINEAR, patchOf, thinned, type Pixels } from './luminance.ts';
import { ANY_PHONE, lookStops, patchReading, patchSd, patchStops } from './phone.ts';
import { lightOfWhole, lightOnPatch, readPatch } from './touched.ts';
import { lighterStops, SURFACE_NAMES, SURFACES } from './tones.ts';

const NOTES: PictureNotes = {
  ...{ fNumber: 1.8, seconds: 1 / 120, iso: 64, brightness: null, biasStops: null },
  ...{ model: 'phone', focalMm: 4.2, focal35Mm: 26, software: '', isComposite: false }
};
const exposureOf = (more: Partial<PictureNotes>) => pictureExposure({ ...NOTES, ...more });

/** A picture of one colour, and another in its right half. */
function halves(left: number, right: number, width = 40, height = 20): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < width * height; i++) {
    const code = i % width < width / 2 ? left : right;
    data.set([code, code, code, 255], i * 4);
  }
  return { width, height, data };
}

describe('how light a part of a picture is', () => {
  // IEC 61966-2-1:1999: code 118 is a linear share of 0.18 (0.181), 255 is 1, 10 lies on the straight part
  test.each([
    [0, 0],
    [10, 10 / 255 / 12.92],
    [118, 0.1812],
    [255, 1]
  ])('code %i is %f', (code, linear) => expect(LINEAR[code]).toBeCloseTo(linear, 4));
  test('codes come back from their light', () => {
    for (let code = 0; code < 256; code++) expect(codeOf(LINEAR[code] ?? -1)).toBe(code);
    expect([codeOf(-1), codeOf(2)]).toEqual([0, 255]);
  });
  test('light is averaged, not codes: half black and half white is half the light', () => {
    const patch = patchOf(halves(0, 255), { x: 0.5, y: 0.5, radius: 0.4 });
    expect(patch.luminance).toBeCloseTo(0.5, 1);
    expect(patch.clipped).toBeCloseTo(0.5, 1);
    expect(patch.blocked).toBeCloseTo(0.5, 1);
  });
  test('thinned it keeps its shape and its colours', () => {
    const small = thinned(halves(40, 200, 41, 21), 20);
    expect([small.width, small.height, small.data.length]).toEqual([14, 7, 14 * 7 * 4]);
    expect([small.data[0], small.data[3], small.data.at(-4)]).toEqual([40, 255, 200]);
    expect(thinned(halves(40, 200), 40)).toEqual(halves(40, 200));
  });
  test('a spot is looked at alone', () => {
    expect(patchOf(halves(118, 255), { x: 0.2, y: 0.5, radius: 0.1 })).toMatchObject({
      clipped: 0,
      blocked: 0
    });
    expect(patchOf(halves(118, 255), { x: 0.2, y: 0.5, radius: 0.1 }).luminance).toBeCloseTo(0.1812, 3);
  });
  test('whatever is touched, however large, there is an answer between black and white', () => {
    const spot = fc.record({
      ...{ x: fc.double({ min: -2, max: 3 }), y: fc.double({ min: -2, max: 3 }) },
      radius: fc.double({ min: 0, max: 3, noNaN: true })
    });
    fc.assert(
      fc.property(spot, fc.integer({ min: 0, max: 255 }), (where, code) => {
        const { luminance, clipped, blocked } = patchOf(halves(code, code, 7, 5), where);
        expect(luminance).toBeCloseTo(LINEAR[code] ?? NaN, 9);
        expect([clipped, blocked]).toEqual([code >= 250 ? 1 : 0, code <= 12 ? 1 : 0]);
      })
    );
  });
});

describe('what a picture says of its exposure', () => {
  // hand sums: log2(1.8² · 120) − log2(0.64) = 9.25; log2(1.8² · 60) = 7.60
  test.each([
    [1.8, 1 / 120, 64, 9.25],
    [1.8, 1 / 60, 100, 7.6],
    [4, 1 / 60, 100, 9.91]
  ])('f/%f at %f s, ISO %i: EV100 %f', (fNumber, seconds, iso, ev100) => {
    const read = exposureOf({ fNumber, seconds, iso });
    expect(read.ok && read.value.ev100).toBeCloseTo(ev100, 2);
    expect(read.ok && read.value.doubtStops).toBe(0);
  });
  // Exif 2.32 Annex C: Av + Tv = Bv + Sv. f/4 is Av 4, 1/60 s Tv 5.9, ISO 100 Sv 5: Bv 4.9
  test('brightness alone gives the same light, and is told', () => {
    const read = exposureOf({ fNumber: null, brightness: 4 + Math.log2(60) - 5 });
    expect(read.ok && read.value.ev100).toBeCloseTo(4 + Math.log2(60), 9);
    expect(read.ok && read.value.doubts).toEqual(['brightness-only']);
  });
  test('a bias is taken off the brightness: + lets in more light', () => {
    const read = exposureOf({ iso: null, brightness: 5, biasStops: 1 });
    expect(read.ok && read.value.ev100).toBe(9);
  });
  test('numbers that disagree, a long time, a merged picture widen the spread', () => {
    const doubts = (more: Partial<PictureNotes>) => {
      const read = exposureOf(more);
      return read.ok ? read.value : null;
    };
    expect(doubts({ brightness: 9.25 - 5 + 0.9 })?.doubts).toEqual([]);
    expect(doubts({ brightness: 9.25 - 5 + 1.2 })).toMatchObject({ doubts: ['disagrees'], doubtStops: 1 });
    expect(doubts({ seconds: 0.25 })).toMatchObject({ doubts: ['long'], doubtStops: 0.5 });
    expect(doubts({ seconds: 0.24 })?.doubts).toEqual([]);
    const both = doubts({ seconds: 1, isComposite: true });
    expect(both?.doubts).toEqual(['long', 'merged']);
    expect(both?.doubtStops).toBeCloseTo(Math.SQRT1_2, 9);
  });
  test.each([
    ['nothing', { fNumber: null, seconds: null, iso: null }, 'no-exposure'],
    ['a time of 0', { seconds: 0 }, 'exposure-zero'],
    ['an ISO of 0', { iso: 0 }, 'exposure-zero'],
    ['an ISO that ran over its tag', { iso: 65_535 }, 'no-exposure'],
    ['no number', { fNumber: NaN }, 'no-exposure']
  ] as const)('%s is refused', (_, more, problem) => {
    const read = exposureOf(more);
    expect(read).toEqual({ ok: false, error: problem });
  });
});

describe('surfaces', () => {
  // how much lighter than meter grey they read; common practice, no source: card 0.2, skin about a stop, snow two and more
  test.each([
    ['grey-card', 0.2],
    ['light-skin', 1.2],
    ['leaves', -0.27],
    ['asphalt', -1.16],
    ['snow', 2.2]
  ] as const)('%s: %f', (surface, stops) => expect(lighterStops(surface)).toBeCloseTo(stops, 2));
  test('each has a name of its own, throws back less than all, and says how sure it is', () => {
    expect(new Set(SURFACE_NAMES.map((s) => SURFACES[s].name)).size).toBe(SURFACE_NAMES.length);
    for (const s of SURFACE_NAMES) {
      expect(SURFACES[s].reflectance).toBeGreaterThan(0.02);
      expect(SURFACES[s].reflectance).toBeLessThan(0.95);
      expect(SURFACES[s].sdStops).toBeGreaterThan(0);
    }
  });
});

describe('a phone that nobody measured', () => {
  test('its grey is grey; what looks lighter was lighter, without a break', () => {
    expect(patchStops(0.18, ANY_PHONE)).toBeCloseTo(0, 12);
    expect(lookStops(0.36)).toBeCloseTo(1, 12);
    const all = Array.from({ length: 256 }, (_, code) => patchStops(LINEAR[code] ?? 0, ANY_PHONE));
    for (const [i, stops] of all.entries()) {
      expect(Number.isFinite(stops)).toBe(true);
      if (i > 0) expect(stops).toBeGreaterThanOrEqual(all[i - 1] ?? 0);
    }
  });
  // by hand: Y 0.5 → log2(1 · 0.82/0.18)/1.4 = 1.563; at EV100 9 that reads 10.56
  test('a patch reads by the curve undone', () => {
    expect(patchReading(9, 0.5, ANY_PHONE)).toBeCloseTo(10.563, 2);
    expect(patchReading(9, 0.5, { offsetStops: -0.3, slope: 2.8 })).toBeCloseTo(9 - 0.3 + 0.782, 2);
  });
  test('it is less sure in the shadows, and surer the better it is known', () => {
    const sd = (look: number, known: 'not' | 'offset' | 'curve', residualStops: number | null = null) =>
      patchSd(look, { known, residualStops });
    expect([sd(-3, 'not'), sd(-1, 'not'), sd(0, 'not'), sd(2, 'not')]).toEqual([0.95, 0.65, 0.6, 0.6]);
    expect(sd(-3, 'offset')).toBeCloseTo(0.65, 12);
    expect([sd(0, 'offset'), sd(1.5, 'offset')]).toEqual([0.35, 0.42]);
    expect([sd(-4, 'curve'), sd(0, 'curve'), sd(0, 'curve', 0.5), sd(0, 'curve', 0.1)]).toEqual([
      0.4, 0.32, 0.5, 0.32
    ]);
  });
});

describe('the light on what was touched', () => {
  const exposure = { ev100: 12, doubts: [], doubtStops: 0 };
  const grey = { luminance: 0.18, clipped: 0, blocked: 0 };
  test('a grey card that comes out grey: the reading less the card’s 0.2', () => {
    const light = lightOnPatch(exposure, grey, 'grey-card', ANY_PHONE);
    expect(light.lv).toBeCloseTo(11.8, 9);
    expect(light.sdStops).toBeCloseTo(Math.hypot(0.6, 0.05, 0.4), 9);
    expect(light.bound).toBe('exact');
  });
  test('snow that comes out grey lies in less light than a black coat that does', () => {
    const on = (surface: 'snow' | 'black-coat') => lightOnPatch(exposure, grey, surface, ANY_PHONE).lv;
    expect(on('black-coat') - on('snow')).toBeCloseTo(Math.log2(0.72 / 0.04), 9);
  });
  test('what has run off is a bound, and much less sure', () => {
    expect(readPatch(exposure, { ...grey, clipped: 0.06 }, ANY_PHONE)).toMatchObject({
      bound: 'at-least',
      lv: 15.3
    });
    expect(readPatch(exposure, { ...grey, clipped: 0.05 }, ANY_PHONE).bound).toBe('exact');
    expect(readPatch(exposure, { ...grey, blocked: 0.3 }, ANY_PHONE)).toMatchObject({
      bound: 'at-most',
      lv: 6.8
    });
    expect(readPatch(exposure, { ...grey, blocked: 0.29 }, ANY_PHONE).bound).toBe('exact');
  });
  test('what is doubtful about the picture goes into every spread', () => {
    const odd = { ...exposure, doubtStops: 1 };
    expect(lightOfWhole(odd, ANY_PHONE)).toEqual({
      ...{ lv: 12, sdStops: Math.hypot(0.6, 0.45, 0.75, 1), bound: 'exact' }
    });
    expect(readPatch(odd, grey, ANY_PHONE).sdStops).toBeCloseTo(Math.hypot(0.6, 1), 9);
    expect(readPatch(odd, { ...grey, clipped: 1 }, ANY_PHONE).sdStops).toBeCloseTo(Math.hypot(1.2, 1), 9);
    expect(readPatch(odd, { ...grey, blocked: 1 }, ANY_PHONE).sdStops).toBeCloseTo(Math.hypot(1.5, 1), 9);
  });
  test('a phone that is known moves the whole picture too; light stays on the scale', () => {
    const known = { offsetStops: -0.5, slope: 1.6, known: 'curve', residualStops: 0.3 } as const;
    const whole = lightOfWhole(exposure, known);
    expect(whole.lv).toBe(11.5);
    expect(whole.sdStops).toBeCloseTo(Math.hypot(0.6, 0.75, 0.3), 9);
    expect(lightOfWhole({ ...exposure, ev100: 25 }, ANY_PHONE).lv).toBe(18);
    expect(lightOnPatch({ ...exposure, ev100: -20 }, grey, 'snow', ANY_PHONE).lv).toBe(-8);
  });
});

describe('the eye’s circle on a picture', () => {
  // by hand: 26 mm sees 18/26 of its distance to each long end; an eye of 53.13° half of it: half the long side's 0.692 is 0.722
  test('by the angles of both', () => {
    expect(eyeRadius(53.13, 26, { width: 4000, height: 3000 })).toBeCloseTo(
      (0.5 / (18 / 26)) * (2000 / 3000),
      4
    );
    expect(eyeRadius(53.13, 26, { width: 3000, height: 4000 })).toBeCloseTo(
      (0.5 / (18 / 26)) * (2000 / 3000),
      4
    );
  });
  test('untold it is a usual eye on a usual phone', () => {
    const size = { width: 4, height: 3 };
    expect(eyeRadius(null, null, size)).toBe(eyeRadius(50, 26, size));
    expect(eyeRadius(20, 52, size)).toBeGreaterThan(eyeRadius(20, 26, size));
  });
});
