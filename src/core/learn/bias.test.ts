import { describe, expect, test } from 'vitest';
import { KNOTS } from './expected.ts';
import {
  framesToSettle,
  giveLine,
  learnBias,
  lineOf,
  readingsOf,
  type Observation,
  type Prior
} from './bias.ts';

const PRIOR: Prior = { camera: [{ weight: 1, sd: 0.5 }], batchSd: () => 0.2 };
const near = (stops: number, more: Partial<Observation> = {}): Observation => ({
  ...{ frameId: 'f', batchId: 'a', readingId: String(Math.random()) },
  expected: { kind: 'straight', atZero: 0 },
  ...{ seen: { kind: 'near', stops, sd: 0.4 }, readingSd: 0, frameSd: 0.15 },
  ...more
});

/** Solves A x = y by elimination: a way of its own to the same posterior. */
function solve(matrix: readonly (readonly number[])[], y: readonly number[]): readonly number[] {
  const rows = matrix.map((row, i) => [...row, y[i] ?? 0]);
  for (let i = 0; i < rows.length; i++) {
    const pivot = rows[i]?.[i] ?? 1;
    for (let r = i + 1; r < rows.length; r++) {
      const factor = (rows[r]?.[i] ?? 0) / pivot;
      rows[r] = (rows[r] ?? []).map((v, c) => v - factor * (rows[i]?.[c] ?? 0));
    }
  }
  const x: number[] = Array.from({ length: rows.length }, () => 0);
  for (let i = rows.length - 1; i >= 0; i--) {
    const row = rows[i] ?? [];
    const known = x.reduce((sum, v, c) => (c > i ? sum + v * (row[c] ?? 0) : sum), 0);
    x[i] = ((row[rows.length] ?? 0) - known) / (row[i] ?? 1);
  }
  return x;
}

/** A linear congruential generator and Box and Muller's transform: the same numbers on every run. */
function gaussians(seed: number): () => number {
  let state = seed;
  const uniform = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 2 ** 32;
  };
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}

describe('what frames say of a camera', () => {
  test('nothing judged: what was believed before', () => {
    const { camera, withBatch } = learnBias([], PRIOR);
    expect(camera.stops).toBeCloseTo(0, 9);
    expect(camera.sd).toBeCloseTo(0.5, 3);
    expect(withBatch.size).toBe(0);
  });

  // Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, eq. 2.12 (from memory): n values of known variance s² with mean y
  // around a mean with prior N(0, t²) give the mean (n·y/s²)/(1/t² + n/s²) and the variance 1/(1/t² + n/s²)
  test('by hand: four frames, each one stop over, batch known exactly', () => {
    const variance = 0.4 ** 2 + 0.15 ** 2;
    const precision = 1 / 0.5 ** 2 + 4 / variance;
    const { camera } = learnBias([near(1), near(1), near(1), near(1)], {
      camera: [{ weight: 1, sd: 0.5 }],
      batchSd: () => 1e-6
    });
    expect(camera.stops).toBeCloseTo(4 / variance / precision, 3);
    expect(camera.sd).toBeCloseTo(Math.sqrt(1 / precision), 3);
  });

  test('frames of one reading, and two batches, against the whole matrix', () => {
    const seen = [0.9, 1.3, 0.2, 0.6];
    const batch = ['a', 'a', 'a', 'b'];
    const reading = ['r', 'r', 's', 't'];
    const frames = seen.map((y, i) =>
      near(y, { batchId: batch[i] ?? '', readingId: reading[i] ?? '', readingSd: 0.5 })
    );
    const { camera, withBatch } = learnBias(frames, PRIOR);
    // covariance of what was seen: camera, batch, reading, and each frame's own
    const matrix = seen.map((_, i) =>
      seen.map(
        (_, j) =>
          0.25 +
          (batch[i] === batch[j] ? 0.04 : 0) +
          (reading[i] === reading[j] ? 0.25 : 0) +
          (i === j ? 0.4 ** 2 + 0.15 ** 2 : 0)
      )
    );
    const weights = solve(matrix, seen);
    const mean = weights.reduce((sum, w) => sum + 0.25 * w, 0);
    const variance =
      0.25 -
      solve(
        matrix,
        seen.map(() => 0.25)
      ).reduce((sum, w) => sum + 0.25 * w, 0);
    expect(camera.stops).toBeCloseTo(mean, 4);
    expect(camera.sd).toBeCloseTo(Math.sqrt(variance), 4);
    const cov = batch.map((b) => 0.25 + (b === 'a' ? 0.04 : 0));
    expect(withBatch.get('a')?.stops).toBeCloseTo(
      weights.reduce((sum, w, i) => sum + w * (cov[i] ?? 0), 0),
      4
    );
    const varA = 0.29 - solve(matrix, cov).reduce((sum, w, i) => sum + w * (cov[i] ?? 0), 0);
    expect(withBatch.get('a')?.sd).toBeCloseTo(Math.sqrt(varA), 4);
  });

  test('forty frames of one reading tell less than ten of their own', () => {
    const one = Array.from({ length: 40 }, () => near(1, { readingId: 'same', readingSd: 0.6 }));
    const many = Array.from({ length: 10 }, () => near(1, { readingSd: 0.6 }));
    expect(learnBias(one, PRIOR).camera.sd).toBeGreaterThan(learnBias(many, PRIOR).camera.sd);
  });

  test('past a limit of the camera a frame says nothing', () => {
    const { camera } = learnBias(
      [near(2, { expected: { kind: 'knots', values: KNOTS.map(() => 2) } })],
      PRIOR
    );
    expect(camera.stops).toBeCloseTo(0, 6);
    expect(camera.sd).toBeCloseTo(0.5, 3);
  });

  test('words say less than tones: “right” draws in, “too dark” draws down, blank draws far', () => {
    const word = (lo: number, hi: number) =>
      learnBias([near(0, { seen: { kind: 'between', lo, hi, edgeSd: 0.3 } })], PRIOR).camera;
    const right = word(-0.7, 0.6);
    expect(Math.abs(right.stops)).toBeLessThan(0.05);
    expect(right.sd).toBeLessThan(0.5);
    expect(word(-Infinity, -0.7).stops).toBeLessThan(-0.3);
    expect(word(3, Infinity).stops).toBeGreaterThan(word(0.6, Infinity).stops);
  });

  // brute force: the same sum taken point by point over camera, batch and reading
  test('a word on frames of one reading, against a sum over everything', () => {
    const frames = [
      near(0, {
        readingId: 'r',
        readingSd: 0.5,
        seen: { kind: 'between', lo: 0.6, hi: Infinity, edgeSd: 0.3 }
      }),
      near(0.4, { readingId: 'r', readingSd: 0.5 })
    ];
    const cdf = (z: number): number => 1 / (1 + Math.exp(-1.5976 * z - 0.07056 * z ** 3));
    let [total, mean] = [0, 0];
    for (let c = -3; c <= 3; c += 0.05)
      for (let b = -1; b <= 1; b += 0.05)
        for (let e = -2.5; e <= 2.5; e += 0.05) {
          const delta = c + b + e;
          const p =
            Math.exp(-((c / 0.5) ** 2) / 2 - (b / 0.2) ** 2 / 2 - (e / 0.5) ** 2 / 2) *
            (1 - cdf((0.6 - delta) / Math.hypot(0.3, 0.15))) *
            Math.exp(-((0.4 - delta) ** 2) / 2 / (0.4 ** 2 + 0.15 ** 2));
          total += p;
          mean += p * c;
        }
    expect(learnBias(frames, PRIOR).camera.stops).toBeCloseTo(mean / total, 3);
  });

  test('simulated cameras are recovered within two sd in about 95 of 100, frames sharing a reading included', () => {
    let within = 0;
    for (let seed = 1; seed <= 100; seed++) {
      const gauss = gaussians(seed * 7919);
      const truth = 0.5 * gauss();
      const batch = 0.2 * gauss();
      const frames = Array.from({ length: 8 }, (_, r) => {
        const reading = 0.5 * gauss();
        return Array.from({ length: 1 + (r % 3) }, () =>
          near(truth + batch + reading + 0.15 * gauss() + 0.4 * gauss(), {
            readingId: `r${r}`,
            readingSd: 0.5
          })
        );
      }).flat();
      const { camera } = learnBias(frames, PRIOR);
      if (Math.abs(camera.stops - truth) <= 1.96 * camera.sd) within += 1;
    }
    // 95 expected; a binomial of 100 stays above 89 in 99 of 100 such hundreds
    expect(within).toBeGreaterThanOrEqual(90);
  }, 60_000);

  test('frames still needed: none when it is known well enough, more the surer one wants to be', () => {
    expect(framesToSettle({ stops: 1, sd: 0.1 }, 0.5, 0.15)).toBe(0);
    expect(framesToSettle({ stops: 1, sd: 0.3 }, 0.5, 0.15)).toBe(9);
  });

  test('a word that no frame of the camera could earn says nothing, however far off it is', () => {
    const seen = { kind: 'between', lo: -0.7, hi: 0.6, edgeSd: 0.3 } as const;
    for (const atZero of [20, -20]) {
      const { camera } = learnBias([near(0, { expected: { kind: 'straight', atZero }, seen })], PRIOR);
      expect(camera.stops).toBeCloseTo(0, 6);
      expect(camera.sd).toBeCloseTo(0.5, 3);
    }
  });
});

describe('a camera that sets itself, near its limit', () => {
  const [LIGHT_SD, EYE_SD, CAMERA_SD, FRAME_SD, TONE_SD] = [0.35, 0.3, 0.33, 0.15, 0.4];
  const [DARK, BRIGHT] = [6, 14];
  const pieces = [
    { from: -Infinity, to: DARK, alpha: DARK, beta: 0 },
    { from: DARK, to: BRIGHT, alpha: 0, beta: 1 },
    { from: BRIGHT, to: Infinity, alpha: BRIGHT, beta: 0 }
  ];
  const at = (lv: number, seen: Observation['seen']): Observation => ({
    ...{ frameId: 'f', batchId: 'a', readingId: 'r', seen },
    expected: { kind: 'clipped', fixed: lv, wanted: lv, lightSd: LIGHT_SD, eyeSd: EYE_SD, pieces },
    ...{ readingSd: 0, frameSd: FRAME_SD }
  });
  const density = (x: number, sd: number): number => Math.exp(-((x / sd) ** 2) / 2) / sd;
  // Abramowitz & Stegun 7.1.26, error under 1.5e-7
  const cdf = (z: number): number => {
    const t = 1 / (1 + (0.3275911 * Math.abs(z)) / Math.SQRT2);
    const poly =
      ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
    const upper = (poly * Math.exp((-z * z) / 2)) / 2;
    return z < 0 ? upper : 1 - upper;
  };

  /** Point by point over bias, light and eye: what is left after the frames. */
  function pointByPoint(lvs: readonly number[], says: (i: number, error: number) => number) {
    let [total, mean, square] = [0, 0, 0];
    for (let bias = -1.8; bias <= 1.8; bias += 0.1)
      for (let light = -1.6; light <= 1.6; light += 0.08)
        for (let eye = -1.4; eye <= 1.4; eye += 0.08) {
          const p = lvs.reduce(
            (product, lv, i) => {
              const wanted = lv + light + eye - bias;
              return product * says(i, lv + light - Math.min(BRIGHT, Math.max(DARK, wanted)));
            },
            density(bias, CAMERA_SD) * density(light, LIGHT_SD) * density(eye, EYE_SD)
          );
          total += p;
          mean += p * bias;
          square += p * bias * bias;
        }
    return { stops: mean / total, sd: Math.sqrt(square / total - (mean / total) ** 2) };
  }
  const prior: Prior = { camera: [{ weight: 1, sd: CAMERA_SD }], batchSd: () => 1e-6 };

  test.each([
    [[13.9], [0.8]],
    [[6.2], [-0.9]],
    [
      [13.9, 13.8],
      [0.8, 1.1]
    ],
    [
      [14.3, 14.3, 14.6],
      [0.2, 0.5, 0.1]
    ]
  ])('tones at LV %j, seen %j, against all points of light and eye', (lvs, tones) => {
    const frames = lvs.map((lv, i) => at(lv, { kind: 'near', stops: tones[i] ?? 0, sd: TONE_SD }));
    const { camera } = learnBias(frames, prior);
    const all = pointByPoint(lvs, (i, error) =>
      density((tones[i] ?? 0) - error, Math.hypot(TONE_SD, FRAME_SD))
    );
    expect(camera.stops).toBeCloseTo(all.stops, 3);
    expect(camera.sd).toBeCloseTo(all.sd, 3);
  });

  test.each([[[13.9]], [[13.9, 14.2]]])('the word “too light” at LV %j', (lvs) => {
    const frames = lvs.map((lv) => at(lv, { kind: 'between', lo: 0.6, hi: Infinity, edgeSd: 0.3 }));
    const { camera } = learnBias(frames, prior);
    const all = pointByPoint(lvs, (_, error) => 1 - cdf((0.6 - error) / Math.hypot(0.3, FRAME_SD)));
    expect(camera.stops).toBeCloseTo(all.stops, 3);
    expect(camera.sd).toBeCloseTo(all.sd, 3);
  });
});

describe('lines that were worked out before', () => {
  const frames = [near(1, { readingId: 'r' }), near(0.4, { readingId: 'r' }), near(2, { readingId: 's' })];
  const [first = near(0), second = near(0)] = frames;

  test('frames fall into readings of their batch', () => {
    const other = near(0, { readingId: 'r', batchId: 'b' });
    expect(readingsOf([...frames, other]).map((g) => g.length)).toEqual([2, 1, 1]);
  });

  test('are remembered for the same frames, and for these alone', () => {
    const line = lineOf([first, second]);
    expect(lineOf([first, second])).toBe(line);
    const alone = lineOf([first]);
    expect(alone).not.toEqual(line);
    const third = near(-2, { readingId: 'r' });
    expect(lineOf([first, third])).not.toEqual(line);
    expect(lineOf([first, second])).toEqual(line);
  });

  test('are taken up where they are whole', () => {
    const [a, b] = [near(1, { readingId: 'r' }), near(1, { readingId: 's' })];
    const line = lineOf([a]).map(() => 0);
    giveLine([b], line.slice(1));
    expect(lineOf([b])).not.toEqual(line);
    giveLine([b], line);
    expect(lineOf([b])).toBe(line);
    // a line that says the same of every bias leaves what was believed
    expect(learnBias([b], PRIOR).camera.stops).toBeCloseTo(0, 9);
  });
});
