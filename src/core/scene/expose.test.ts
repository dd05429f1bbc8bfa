// A phone's picture by the numbers of its Exif (APEX: CIPA DC-008-2019 Annex C), its meter (ISO 2720, K of a reflected reading) and
// the sRGB transfer function (IEC 61966-2-1:1999).
import { describe, expect, test } from 'vitest';
import { K_REFLECTED } from '../light/lv.ts';
import { seeded } from '../numeric/seeded.ts';
import type { Luminances } from './draw.ts';
import { exposeScene, meteredLuminance } from './expose.ts';

type Rgb = readonly [number, number, number];
function picture(width: number, height: number, of: (col: number, row: number) => Rgb): Luminances {
  const data = new Float32Array(3 * width * height);
  for (let row = 0; row < height; row++)
    for (let col = 0; col < width; col++) data.set(of(col, row), 3 * (row * width + col));
  return { width, height, data };
}
const even = (cdM2: number): Luminances => picture(20, 15, () => [cdM2, cdM2, cdM2]);
/** The code of a linear share of white. */
const srgb = (linear: number): number =>
  Math.round(255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055));
/** EV at ISO 100 at which a luminance reads as grey. */
const evOf = (cdM2: number): number => Math.log2((cdM2 * 100) / K_REFLECTED);
const pixel = ({ pixels }: ReturnType<typeof exposeScene>, col: number, row: number): readonly number[] => [
  ...pixels.data.slice(4 * (row * pixels.width + col), 4 * (row * pixels.width + col) + 4)
];

describe('the meter', () => {
  test('an even picture reads as it is', () => {
    for (const cdM2 of [0.02, 10, 4000]) expect(meteredLuminance(even(cdM2)) / cdM2).toBeCloseTo(1, 6);
  });
  test('colours count as the eye sees them: 0.2126, 0.7152, 0.0722 (IEC 61966-2-1)', () => {
    const of = (rgb: Rgb): number => meteredLuminance(picture(20, 15, () => rgb));
    expect(of([100, 0, 0])).toBeCloseTo(21.26, 4);
    expect(of([0, 100, 0])).toBeCloseTo(71.52, 4);
    expect(of([0, 0, 100])).toBeCloseTo(7.22, 4);
  });
  test('a geometric mean of every fifth point, the middle and a little below it counting most', () => {
    const random = seeded(4);
    const rows = Array.from({ length: 12 }, () => Array.from({ length: 23 }, () => random.between(1, 1000)));
    const scene = picture(23, 12, (col, row) => {
      const light = rows[row]?.[col] ?? 0;
      return [light, light, light];
    });
    let [sum, weights] = [0, 0];
    for (const row of [2, 7])
      for (const col of [2, 7, 12, 17, 22]) {
        const weight = Math.exp(-3 * ((col / 23 - 0.5) ** 2 + (row / 12 - 0.55) ** 2));
        sum += weight * Math.log2(rows[row]?.[col] ?? 0);
        weights += weight;
      }
    expect(meteredLuminance(scene)).toBeCloseTo(2 ** (sum / weights), 3);
    const spot = (col: number, row: number): number =>
      meteredLuminance(picture(20, 20, (c, r) => (c === col && r === row ? [800, 800, 800] : [1, 1, 1])));
    expect(spot(12, 12)).toBeGreaterThan(spot(2, 12));
    expect(spot(12, 12)).toBeGreaterThan(spot(12, 2));
    expect(spot(13, 12)).toBeCloseTo(1, 6);
  });
  test('what gives no light does not draw the mean to nothing', () => {
    expect(meteredLuminance(picture(20, 15, () => [0, 0, 0]))).toBeCloseTo(1e-9, 15);
  });
});

describe('the exposure', () => {
  test.each([0.05, 1, 30, 500, 5000])('%d cd/m² comes out as grey', (cdM2) => {
    const shot = exposeScene(even(cdM2));
    const { fNumber, seconds, iso, ev100 } = shot;
    expect(Math.log2(fNumber ** 2 / seconds) - Math.log2(iso / 100)).toBeCloseTo(ev100, 9);
    // times are whole parts of a second, or hundredths
    expect(Math.abs(ev100 - evOf(cdM2))).toBeLessThan(0.08);
    for (const code of pixel(shot, 7, 5).slice(0, 3)) expect(Math.abs(code - srgb(0.18))).toBeLessThan(6);
  });
  test('the lens has one opening; speeds are steps of 5 from 50 to 3200, times from 1/8000', () => {
    const [dark, dim, bright, glaring] = [1e-4, 2, 3000, 1e7].map((l) => exposeScene(even(l)));
    for (const shot of [dark, dim, bright, glaring]) {
      expect(shot?.fNumber).toBe(1.8);
      expect((shot?.iso ?? 0) % 5).toBe(0);
    }
    expect([dark?.iso, bright?.iso, glaring?.iso]).toEqual([3200, 50, 50]);
    expect(glaring?.seconds).toBeCloseTo(1 / 8000, 12);
    expect(dark?.seconds).toBeGreaterThan(0.3);
    expect((dark?.seconds ?? 0) * 100).toBeCloseTo(Math.round((dark?.seconds ?? 0) * 100), 6);
    expect(1 / (bright?.seconds ?? 0)).toBeCloseTo(Math.round(1 / (bright?.seconds ?? 0)), 6);
    // between, the time stays at the longest that is held and the speed follows the light
    expect(dim?.seconds).toBeCloseTo(1 / 15, 2);
    expect(dim?.iso).toBeCloseTo((100 * (1.8 ** 2 * 15)) / 2 ** evOf(2), -1);
  });
  test('a stop more light is half the exposure value, and lighter', () => {
    const [usual, more] = [exposeScene(even(500)), exposeScene(even(500), 1.4, 1)];
    expect(usual.ev100 - more.ev100).toBeCloseTo(1, 1);
    expect(pixel(more, 3, 3)[0]).toBeGreaterThan((pixel(usual, 3, 3)[0] ?? 255) + 20);
    expect(pixel(exposeScene(even(500), 1.4, -1), 3, 3)[0]).toBeLessThan(pixel(usual, 3, 3)[0] ?? 0);
  });
});

describe('the picture', () => {
  const WIDTH = 20;
  /** Grey all over but for one point, so many times lighter; its red, green and blue. */
  const withPoint = (times: Rgb, slope: number) => {
    const scene = picture(WIDTH, 15, (col, row) =>
      col === 4 && row === 6 ? [100 * times[0], 100 * times[1], 100 * times[2]] : [100, 100, 100]
    );
    const shot = exposeScene(scene, slope);
    // what reads as grey at that exposure
    const grey = (2 ** shot.ev100 * K_REFLECTED) / 100;
    return { shot, grey, point: pixel(shot, 4, 6) };
  };
  test('a plain curve is sRGB itself, and white is white', () => {
    const { point, grey } = withPoint([0.5, 2, 4], 1);
    const expected = [0.5, 2, 4].map((t) => srgb(Math.min(1, (0.18 * t * 100) / grey)));
    point.slice(0, 3).forEach((code, i) => expect(Math.abs(code - (expected[i] ?? 0))).toBeLessThan(2));
    expect(withPoint([8, 0, 1], 1).point).toEqual([255, 0, withPoint([8, 0, 1], 1).point[2], 255]);
  });
  test('a steep curve goes through the same grey and never quite reaches white', () => {
    const { point, grey } = withPoint([0.5, 2, 4], 1.4);
    const curve = (h: number): number => {
      const odds = h ** 1.4 * (0.18 / 0.82);
      return odds / (1 + odds);
    };
    const expected = [0.5, 2, 4].map((t) => srgb(curve((t * 100) / grey)));
    point.slice(0, 3).forEach((code, i) => expect(Math.abs(code - (expected[i] ?? 0))).toBeLessThan(2));
    expect(withPoint([20, 20, 20], 1.4).point[0]).toBeLessThan(255);
    expect(withPoint([1e6, 1e-6, 1], 1.4).point.slice(0, 2)).toEqual([254, 0]);
  });
  test('every pixel stands where it was, and none is seen through', () => {
    const scene = picture(9, 7, (col, row) => [10 * (col + 1), 10 * (row + 1), 60]);
    const shot = exposeScene(scene);
    expect(shot.pixels).toMatchObject({ width: 9, height: 7 });
    for (let row = 0; row < 7; row++)
      for (let col = 0; col < 9; col++) {
        const [red = 0, green = 0, , alpha] = pixel(shot, col, row);
        expect(alpha).toBe(255);
        if (col > 0) expect(red).toBeGreaterThan(pixel(shot, col - 1, row)[0] ?? 255);
        if (row > 0) expect(green).toBeGreaterThan(pixel(shot, col, row - 1)[1] ?? 255);
      }
  });
});
