// What is expected of a judged frame, by its camera's bias: a camera that gives EV 8 to 14 and nothing beyond, by hand.
import { describe, expect, test } from 'vitest';
import { clippedAt, expectedAt, KNOTS, predictedAt, SPREAD, spreadsOf, type Clipped } from './expected.ts';
import { framesToSettle, learnBias, type Observation, type Prior } from './bias.ts';
import { normalBetween } from '../numeric/normal.ts';

const PIECES = [
  { from: -Infinity, to: 8, alpha: 8, beta: 0 },
  { from: 8, to: 14, alpha: 0, beta: 1 },
  { from: 14, to: Infinity, alpha: 14, beta: 0 }
];
/** Light 0.6, eye 0.8 stop unsure: together 1, of which the light's own share is 0.36. */
const camera = (wanted: number, more: Partial<Clipped> = {}): Clipped => ({
  ...{ kind: 'clipped', fixed: 11, wanted, lightSd: 0.6, eyeSd: 0.8, pieces: PIECES, ...more }
});

describe('the error of a camera that is clipped', () => {
  test.each([
    // what it wants falls with its bias: a stop of bias is a stop of light
    [11, 0, 0, 0],
    [11, 1, 0, 1],
    [11, -2, 0, -2],
    // of a reading a stop too high 0.36 is the light's own: 0.64 stop less than meant
    [11, 0, 1, -0.64],
    [11, 1, -1, 1.64],
    // past a limit it gives what it can, and a bias says nothing
    [20, 0, 0, -3],
    [20, 3, 0, -3],
    [5, 0, 0, 3],
    [14, 0, 0, -3],
    [8, 0, 0, 3]
  ])('wants EV %d, bias %d, read %d off: %d', (wanted, bias, off, error) =>
    expect(clippedAt(camera(wanted), bias, off)).toBeCloseTo(error, 9)
  );
  test('the last piece goes on where it ends; without any there is no answer', () => {
    const open = camera(16, { pieces: [{ from: 0, to: 10, alpha: 1, beta: 0.5 }] });
    expect(clippedAt(open, 0, 0)).toBeCloseTo(11 - (1 + 8), 9);
    expect(clippedAt(camera(11, { pieces: [] }), 0, 0)).toBeNaN();
  });
  test('reading and light apart: 0.6 and 0.8 are 1 together, and 0.48 is left of the light', () => {
    expect(spreadsOf(camera(11))).toEqual({ reading: 1, given: expect.closeTo(0.48, 9) as number });
    expect(spreadsOf(camera(11, { lightSd: 0, eyeSd: 0 }))).toEqual({ reading: 0, given: 0 });
    expect(clippedAt(camera(11, { lightSd: 0, eyeSd: 0 }), 0, 1)).toBeCloseTo(-1, 9);
  });
  test('inside its limits the light cancels and the eye is left; past them the eye cancels', () => {
    const inside = predictedAt(camera(11), 0, 9);
    expect(inside.mean).toBeCloseTo(0, 6);
    expect(inside.sd).toBeCloseTo(0.8, 2);
    const past = predictedAt(camera(40), 0, 9);
    expect(past.mean).toBeCloseTo(-3, 6);
    expect(past.sd).toBeCloseTo(0.6, 2);
  });
  test('at a limit the mean is not what it is at the means', () => {
    // half of the readings ask beyond EV 14: E max(0, r) of a unit normal is 1/√(2π)
    const { mean } = predictedAt(camera(14, { fixed: 14, lightSd: 0, eyeSd: 1 }), 0, 0);
    expect(mean).toBeCloseTo(1 / Math.sqrt(2 * Math.PI), 2);
  });
});

describe('the error elsewhere', () => {
  test('straight: a stop for each stop', () => {
    expect(expectedAt({ kind: 'straight', atZero: 0.3 }, 1.2)).toBeCloseTo(1.5, 9);
    expect(predictedAt({ kind: 'straight', atZero: 0.3 }, 1.2, 0.4)).toEqual({
      mean: expect.closeTo(1.5, 9) as number,
      sd: 0.4
    });
  });
  test.each([
    [0, 0],
    [0.25, 0.0625],
    // half way between 0.0625 and 0.25
    [0.375, 0.15625],
    [-5.875, (36 + 5.75 ** 2) / 2],
    [-6, 36],
    [-9, 36],
    [6, 36],
    [9, 36]
  ])('knots, straight between them: at %d %d', (bias, value) =>
    expect(expectedAt({ kind: 'knots', values: KNOTS.map((k) => k * k) }, bias)).toBeCloseTo(value, 9)
  );
  test('the points of a sum weigh one together, with the variance of a unit normal', () => {
    const sum = (of: (z: number) => number) => SPREAD.reduce((all, { z, weight }) => all + weight * of(z), 0);
    expect([sum(() => 1), sum((z) => z), sum((z) => z * z)].map((v) => Math.round(v * 1e3) / 1e3)).toEqual([
      1, 0, 0.999
    ]);
  });
});

describe('a clipped camera learns as one that is not, inside its limits', () => {
  const PRIOR: Prior = { camera: [{ weight: 1, sd: 0.7 }], batchSd: () => 0.2 };
  const wide = camera(11, {
    pieces: [{ from: -Infinity, to: Infinity, alpha: 0, beta: 1 }]
  });
  const frame = (seen: Observation['seen'], clipped: boolean, readingId: string): Observation => ({
    ...{ frameId: 'f', batchId: 'a', readingId, seen, frameSd: 0.15, readingSd: 0.8 },
    expected: clipped ? wide : { kind: 'straight', atZero: 0 }
  });
  const near = (stops: number): Observation['seen'] => ({ kind: 'near', stops, sd: 0.4 });
  const word: Observation['seen'] = { kind: 'between', lo: 0.6, hi: Infinity, edgeSd: 0.3 };
  test.each([
    ['a tone', [near(1)], ['r']],
    ['a word', [word], ['r']],
    ['two tones of one reading', [near(1), near(0.4)], ['r', 'r']],
    ['a tone and a word of one reading, a tone of another', [near(1), word, near(-0.3)], ['r', 'r', 's']]
  ] as const)('%s', (_, seen, readings) => {
    const learned = (clipped: boolean) =>
      learnBias(
        seen.map((s, i) => frame(s, clipped, readings[i] ?? '')),
        PRIOR
      );
    const [a, b] = [learned(true), learned(false)];
    expect(a.camera.stops).toBeCloseTo(b.camera.stops, 3);
    expect(a.camera.sd).toBeCloseTo(b.camera.sd, 3);
    expect(a.withBatch.get('a')?.stops).toBeCloseTo(b.withBatch.get('a')?.stops ?? 99, 3);
  });
  test('past its limits it learns nothing, alone or together', () => {
    for (const readings of [['r'], ['r', 'r']]) {
      const { camera: found } = learnBias(
        readings.map((r) => ({ ...frame(near(-3), true, r), expected: camera(40) })),
        PRIOR
      );
      expect(found.stops).toBeCloseTo(0, 6);
      expect(found.sd).toBeCloseTo(0.7, 3);
    }
  });
});

describe('what was believed before', () => {
  test('several normals mixed: their variances weigh as they do', () => {
    const prior: Prior = {
      camera: [
        { weight: 0.7, sd: 0.3 },
        { weight: 0.3, sd: 1 }
      ],
      batchSd: () => 0.2
    };
    // 0.7·0.09 + 0.3·1 = 0.363
    expect(learnBias([], prior).camera.sd).toBeCloseTo(Math.sqrt(0.363), 3);
  });
  test('a word against the sum over the camera alone', () => {
    const seen = { kind: 'between', lo: 0.6, hi: 2, edgeSd: 0.1 } as const;
    let [total, mean] = [0, 0];
    for (let c = -6; c <= 6 + 1e-9; c += 0.05) {
      const p = Math.exp(-((c / 0.7) ** 2) / 2) * normalBetween(c + 0.013, Math.hypot(0.1, 0.05), 0.6, 2);
      [total, mean] = [total + p, mean + p * c];
    }
    const { camera: found } = learnBias(
      [
        {
          ...{ frameId: 'f', batchId: 'a', readingId: 'r', seen, frameSd: 0.05, readingSd: 0 },
          expected: { kind: 'straight', atZero: 0.013 }
        }
      ],
      { camera: [{ weight: 1, sd: 0.7 }], batchSd: () => 1e-6 }
    );
    expect(found.stops).toBeCloseTo(mean / total, 3);
  });
  test('known as well as is wanted: no frame more', () => {
    expect(framesToSettle({ stops: 0, sd: 0.15 }, 0.5, 0.15)).toBe(0);
    expect(framesToSettle({ stops: 0, sd: 0.16 }, 0.5, 0.15)).toBe(2);
  });
});
