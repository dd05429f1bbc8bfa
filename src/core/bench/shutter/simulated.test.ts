// The simulated shutter itself: its clicks lie where it says, as loud as it says, in the noise, the room and the wind that was asked for.
import { describe, expect, test } from 'vitest';
import { highPassed } from './onsets.ts';
import {
  evenFrom,
  normalFrom,
  simulatedRelease,
  type Simulated,
  type SimulatedRelease
} from './simulated.ts';

const RATE = 48_000;
const one = (more: Partial<SimulatedRelease> = {}) =>
  simulatedRelease({ seconds: 0.5, kind: 'leaf', seed: 7, signalDb: 60, ...more });
const rms = (samples: Float32Array): number =>
  Math.sqrt(samples.reduce((sum, v) => sum + v * v, 0) / Math.max(1, samples.length));
/** Loudness between two times, seconds. */
const between = (samples: Float32Array, from: number, to: number): number =>
  rms(samples.subarray(Math.round(from * RATE), Math.round(to * RATE)));
const isSame = (a: Simulated, b: Simulated): boolean =>
  a.samples.length === b.samples.length && a.samples.every((v, i) => v === b.samples[i]);
const seeds = Array.from({ length: 8 }, (_, i) => i + 1);

describe('numbers from a seed', () => {
  test('even ones fill 0…1 evenly, normal ones have mean 0 and sd 1', () => {
    const even = evenFrom(42);
    const drawn = Array.from({ length: 20_000 }, even);
    expect(Math.min(...drawn)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...drawn)).toBeLessThan(1);
    for (const tenth of [0, 3, 9])
      expect(drawn.filter((v) => Math.floor(10 * v) === tenth).length / 2000).toBeCloseTo(1, 0.9);
    const normals = Array.from({ length: 20_000 }, normalFrom(evenFrom(43)));
    expect(normals.reduce((sum, v) => sum + v, 0) / normals.length).toBeCloseTo(0, 1);
    expect(normals.reduce((sum, v) => sum + v * v, 0) / normals.length).toBeCloseTo(1, 1);
    // a normal number is within one sd in 68.3 of a hundred, within two in 95.4
    const within = (sd: number): number => normals.filter((v) => Math.abs(v) < sd).length / normals.length;
    expect(within(1)).toBeCloseTo(0.683, 2);
    expect(within(2)).toBeCloseTo(0.954, 2);
  });
  test('the same seed draws the same, another other numbers', () => {
    const three = (seed: number): readonly number[] => Array.from({ length: 3 }, evenFrom(seed));
    expect(three(5)).toEqual(three(5));
    expect(three(5)).not.toEqual(three(6));
    expect(new Set(three(5)).size).toBe(3);
    expect(isSame(one(), one())).toBe(true);
    expect(isSame(one(), one({ seed: 8 }))).toBe(false);
  });
});

describe('a simulated release', () => {
  test('0.4 s before it, so long as was asked, and 0.5 s after it', () => {
    for (const seconds of [1 / 16, 1 / 2, 4]) {
      const { samples, rate, openSeconds, closeSeconds } = one({ seconds });
      expect([openSeconds, closeSeconds - openSeconds]).toEqual([0.4, 0.4 + seconds - 0.4]);
      expect(rate).toBe(RATE);
      expect(samples.length).toBe(Math.ceil((0.9 + seconds) * RATE));
    }
    expect(one({ rate: 8000 }).samples.length).toBe(Math.ceil(1.4 * 8000));
  });
  test('its clicks stand at both ends, and nothing is heard elsewhere', () => {
    for (const seed of seeds) {
      const { samples } = one({ seed });
      const [opening, closing] = [between(samples, 0.395, 0.42), between(samples, 0.895, 0.92)];
      const elsewhere = [
        between(samples, 0, 0.395),
        between(samples, 0.42, 0.895),
        between(samples, 0.92, 1.39)
      ];
      expect(Math.min(opening, closing)).toBeGreaterThan(8 * Math.max(...elsewhere));
      // the closing is softer, by six decibels at most before chance has its say
      expect(closing / opening).toBeLessThan(2);
      expect(closing / opening).toBeGreaterThan(0.2);
    }
  });
  test('what is heard strays from the blades by a millisecond or so, to both sides', () => {
    const strays = seeds.map((seed) => {
      const { samples } = one({ seed, signalDb: 90 });
      const at = samples.findIndex((v, i) => i > 0.3 * RATE && Math.abs(v) > 0.02);
      return at / RATE - 0.4;
    });
    expect(Math.min(...strays)).toBeLessThan(-1e-4);
    expect(Math.max(...strays)).toBeGreaterThan(1e-4);
    expect(Math.max(...strays.map(Math.abs))).toBeLessThan(0.005);
  });
  test('a click dies within twelve milliseconds', () => {
    for (const seed of seeds) {
      const { samples } = one({ seed, signalDb: 90 });
      const at = samples.findIndex((v, i) => i > 0.3 * RATE && Math.abs(v) > 0.02) / RATE;
      const [early, late] = [between(samples, at, at + 0.002), between(samples, at + 0.009, at + 0.0115)];
      expect(late).toBeLessThan(early / 5);
      expect(between(samples, at + 0.0125, at + 0.1)).toBeLessThan(1e-4);
    }
  });
  test('twenty decibels more noise are ten times as much', () => {
    const noise = (signalDb: number): number => between(one({ signalDb }).samples, 0, 0.39);
    expect(noise(20) / noise(40)).toBeCloseTo(10, 1);
    expect(noise(40) / noise(60)).toBeCloseTo(10, 1);
    expect(noise(40) / 0.25).toBeCloseTo(0.01, 1);
    // without a word 40 dB
    const plain = simulatedRelease({ seconds: 0.5, kind: 'leaf', seed: 7 });
    expect(isSame(plain, one({ signalDb: 40 }))).toBe(true);
  });
  test('noise falls with frequency, and wind is far below the clicks', () => {
    const shares = (wind: number): readonly number[] => {
      const quiet = one({ signalDb: 40, wind }).samples.slice(0, Math.round(0.39 * RATE));
      return [rms(quiet), rms(highPassed(quiet, RATE))];
    };
    const [calm = 0, calmHigh = 0] = shares(0);
    const [windy = 0, windyHigh = 0] = shares(3);
    expect(calmHigh).toBeLessThan(calm);
    expect(windy).toBeGreaterThan(4 * calm);
    // above 2 kHz it adds little
    expect(windyHigh).toBeLessThan(6 * calmHigh);
  });
  test('a focal plane clicks twice at either end: each curtain runs 6 to 14 ms, and is stopped', () => {
    for (const seed of seeds) {
      const leaf = one({ seed, signalDb: 90 }).samples;
      const plane = one({ seed, signalDb: 90, kind: 'focal-plane' }).samples;
      for (const at of [0.4, 0.9]) {
        expect(between(leaf, at + 0.0185, at + 0.03)).toBeLessThan(1e-4);
        expect(between(plane, at + 0.0135, at + 0.03)).toBeGreaterThan(5e-4);
        expect(between(plane, at + 0.032, at + 0.1)).toBeLessThan(1e-4);
      }
    }
  });
  test('a rebound comes 8 to 14 ms after the closing, so much louder than it', () => {
    const after = (reboundDb: number | null): number =>
      seeds.reduce(
        (sum, seed) => sum + between(one({ seed, signalDb: 90, reboundDb }).samples, 0.912, 0.93),
        0
      );
    expect(after(0)).toBeGreaterThan(5 * after(null));
    expect(after(6) / after(0)).toBeGreaterThan(1.7);
    expect(after(6) / after(0)).toBeLessThan(2.2);
    for (const seed of seeds) {
      const { samples } = one({ seed, signalDb: 90, reboundDb: 6 });
      expect(between(samples, 0.42, 0.89)).toBeLessThan(1e-4);
      expect(between(samples, 0.931, 1.3)).toBeLessThan(1e-4);
    }
  });
  test('knocks come so many a second, softer than the shutter', () => {
    const knocks = seeds.map((seed) => {
      const { samples } = one({ seed, seconds: 6, signalDb: 90, knocksPerSecond: 2 });
      let [count, lastAt] = [0, -1];
      samples.forEach((v, i) => {
        if (Math.abs(v) < 0.004) return;
        if (i / RATE - lastAt > 0.013) count += 1;
        lastAt = i / RATE;
      });
      // without opening and closing
      return count - 2;
    });
    const mean = knocks.reduce((sum, n) => sum + n, 0) / knocks.length;
    // 6.9 s with two a second are 13.8, some of them on top of each other
    expect(mean).toBeGreaterThan(9);
    expect(mean).toBeLessThan(16);
    const quiet = one({ seconds: 6, signalDb: 90 }).samples;
    expect(between(quiet, 0.5, 6.3)).toBeLessThan(1e-4);
  });
  test('a hard room throws clicks back for half a second, and softens the closing', () => {
    for (const seed of seeds) {
      const { samples } = one({ seed, seconds: 1.5, signalDb: 90, room: 'hard' });
      const [first, early, late] = [
        between(samples, 0.395, 0.41),
        between(samples, 0.45, 0.55),
        between(samples, 0.75, 0.88)
      ];
      expect(early).toBeLessThan(first / 3);
      expect(late).toBeLessThan(early / 3);
      expect(early).toBeGreaterThan(3e-4);
      // the tail ends after half a second
      expect(between(samples, 0.92, 1.8)).toBeLessThan(1e-4);
      expect(between(samples, 0, 0.39)).toBeLessThan(1e-4);
    }
  });
});
