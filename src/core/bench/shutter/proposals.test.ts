// Which two clicks are proposed: clicks at times and levels that are given, told apart by hand.
import { describe, expect, test } from 'vitest';
import type { Onset } from './onsets.ts';
import { byItself, byMark, proposalsFor, releasesOf, type Expectation } from './proposals.ts';

/** Clicks as [seconds, dB]; 30 dB where nothing is said. */
const clicks = (...all: readonly (readonly [number, number?])[]): readonly Onset[] =>
  all.map(([atSeconds, levelDb = 30]) => ({ atSeconds, levelDb }));
/** The proposed pairs as [opening, closing] in milliseconds. */
const pairs = (onsets: readonly Onset[], expected: Expectation | null): readonly (readonly number[])[] =>
  proposalsFor(onsets, expected).map((p) => [p.openSeconds, p.closeSeconds].map((s) => Math.round(s * 1000)));

describe('two clicks', () => {
  test('are opening and closing, so far apart, as sure as blades are heard', () => {
    const [only, ...more] = proposalsFor(clicks([0.5], [0.54]), byMark(1 / 30));
    expect(more).toEqual([]);
    expect(only?.openSeconds).toBe(0.5);
    expect(only?.closeSeconds).toBe(0.54);
    expect(only?.seconds).toBeCloseTo(0.04, 12);
    // 1.5 ms of 40 ms, in stops
    expect(only?.sdStops).toBeCloseTo(0.0015 / (0.04 * Math.LN2), 9);
  });
  test('up to two stops off the mark, with a camera that times itself up to six', () => {
    expect(pairs(clicks([0.5], [0.5 + 0.124]), byMark(1 / 32))).toHaveLength(1);
    expect(pairs(clicks([0.5], [0.5 + 0.126]), byMark(1 / 32))).toEqual([]);
    expect(pairs(clicks([0.5], [0.5 + 0.0635]), byMark(1 / 4))).toHaveLength(1);
    expect(pairs(clicks([0.5], [0.5 + 0.0615]), byMark(1 / 4))).toEqual([]);
    expect(pairs(clicks([0.5], [0.5 + 1.9]), byItself(1 / 32))).toHaveLength(1);
    expect(pairs(clicks([0.5], [0.5 + 2.1]), byItself(1 / 32))).toEqual([]);
    // nothing is known: any length will do
    expect(pairs(clicks([0.5], [30.5]), null)).toHaveLength(1);
  });
  test('not nearer than twelve milliseconds, with a camera that times itself not than 1/70 s', () => {
    expect(pairs(clicks([0.5], [0.513]), byMark(1 / 60))).toHaveLength(1);
    expect(pairs(clicks([0.5], [0.511]), byMark(1 / 60))).toEqual([]);
    expect(pairs(clicks([0.5], [0.513]), null)).toHaveLength(1);
    expect(pairs(clicks([0.5], [0.511]), null)).toEqual([]);
    expect(pairs(clicks([0.5], [0.515]), byItself(1 / 60))).toHaveLength(1);
    expect(pairs(clicks([0.5], [0.514]), byItself(1 / 60))).toEqual([]);
  });
  test('about as loud: up to 16 dB apart', () => {
    expect(pairs(clicks([0.5, 40], [0.54, 24.5]), byMark(1 / 30))).toHaveLength(1);
    expect(pairs(clicks([0.5, 40], [0.54, 23.5]), byMark(1 / 30))).toEqual([]);
    expect(pairs(clicks([0.5, 24.5], [0.54, 40]), byMark(1 / 30))).toHaveLength(1);
    expect(pairs(clicks([0.5, 23.5], [0.54, 40]), byMark(1 / 30))).toEqual([]);
  });
  test('a mark that sound cannot tell is not asked for, and one click is no pair', () => {
    expect(pairs(clicks([0.5], [0.512]), byMark(1 / 125))).toEqual([]);
    expect(pairs(clicks([0.5]), byMark(1 / 30))).toEqual([]);
    expect(pairs([], null)).toEqual([]);
  });
});

describe('more clicks than two', () => {
  test('the pair nearest to the mark is first, and there are three at most', () => {
    const four = clicks([0.5], [0.53], [0.57], [0.6]);
    expect(pairs(four, byMark(1 / 30))[0]).toEqual([500, 530]);
    // two clicks between cost more than half a stop off the mark, and one before as much as one between and more
    expect(pairs(four, byMark(1 / 10))).toEqual([
      [500, 570],
      [500, 600],
      [530, 600]
    ]);
  });
  test('what is much softer than the loudest is not looked at', () => {
    const with20 = clicks([0.5, 30], [0.533, 15], [0.55, 9]);
    expect(pairs(with20, byMark(1 / 30))).toContainEqual([500, 533]);
    // 23 dB below the loudest
    expect(pairs(clicks([0.5, 38], [0.52, 15], [0.533, 30]), byMark(1 / 30))).toEqual([[500, 533]]);
    expect(pairs(clicks([0.5, 36], [0.52, 15], [0.533, 30]), byMark(1 / 30)).length).toBeGreaterThan(1);
  });
  test('a click after the closing counts against a pair less than one before the opening, and that less than one between', () => {
    // all three pairs are 0.7 stop off a mark of 30 ms or right on it; who explains the loud click best is first
    const rebound = clicks([0.5], [0.53], [0.56]);
    expect(pairs(rebound, byMark(0.03))[0]).toEqual([500, 530]);
    // the later two are as long: the earlier are first, as a click after them may be the rebound
    expect(pairs(rebound, byMark(0.03))[1]).toEqual([530, 560]);
    // 42.4 ms lie as far from 30 as from 60: of all three, the whole leaves one between
    expect(pairs(rebound, byMark(Math.sqrt(0.03 * 0.06)))).toEqual([
      [500, 530],
      [530, 560],
      [500, 560]
    ]);
  });
  test('of pairs as long the louder and the evener is first', () => {
    const two = (a: number, b: number): readonly Onset[] =>
      clicks([0.5, a], [0.53, b], [0.8, 30], [0.83, 30]);
    expect(pairs(two(30, 24), byMark(0.03))[0]).toEqual([800, 830]);
    expect(pairs(two(24, 24), byMark(0.03))[0]).toEqual([800, 830]);
    expect(pairs(two(36, 36), byMark(0.03))[0]).toEqual([500, 530]);
  });
  test('a click between them counts for less the softer it is', () => {
    // by hand, on a mark of 30 ms: the whole is 0.74 stop off, the first two 0.58 and leave the last unexplained
    const between = (db: number): readonly number[] | undefined =>
      pairs(clicks([0.5], [0.52, db], [0.55]), byMark(0.03))[0];
    expect([between(20), between(27)]).toEqual([
      [500, 550],
      [500, 550]
    ]);
    expect([between(28), between(30)]).toEqual([
      [500, 520],
      [500, 520]
    ]);
  });
  test('two that lie within 4 ms of each other at both ends are one', () => {
    const near = pairs(clicks([0.5], [0.503], [0.54], [0.543]), byMark(1 / 25));
    expect(near).toEqual([[503, 540]]);
    const apart = pairs(clicks([0.5], [0.505], [0.54], [0.543]), byMark(1 / 25));
    expect(apart.length).toBe(2);
  });
});

describe('times over a tenth of a second', () => {
  test('clicks within 35 ms are one burst, which begins with its first click and is as unsure as it is long', () => {
    const [first, ...more] = proposalsFor(clicks([0.5], [0.51], [0.53], [1], [1.02]), byMark(1 / 2));
    expect(more).toEqual([]);
    expect(first?.openSeconds).toBe(0.5);
    expect(first?.closeSeconds).toBe(1);
    // three tenths of bursts of 30 and 20 ms beside 1.5 ms
    const sd = Math.hypot(0.0015, 0.3 * 0.03, 0.3 * 0.02);
    expect(first?.sdStops).toBeCloseTo(sd / (0.5 * Math.LN2), 9);
  });
  test('clicks 36 ms apart are two', () => {
    const found = pairs(clicks([0.5], [0.536], [1]), byMark(1 / 2));
    expect(found).toContainEqual([536, 1000]);
    expect(found).toContainEqual([500, 1000]);
    expect(pairs(clicks([0.5], [0.534], [1]), byMark(1 / 2))).toEqual([[500, 1000]]);
  });
  test('a burst begins with what is no more than 16 dB softer than its loudest', () => {
    expect(pairs(clicks([0.5, 15], [0.52, 30], [1, 30]), byMark(1 / 2))).toEqual([[500, 1000]]);
    expect(pairs(clicks([0.5, 13], [0.52, 30], [1, 30]), byMark(1 / 2))).toEqual([[520, 1000]]);
    // its loudness is that of its loudest: 27 dB and 30 are even
    const [found] = proposalsFor(clicks([0.5, 15], [0.52, 27], [1, 30]), byMark(1 / 2));
    expect(found?.openSeconds).toBe(0.5);
    const sd = Math.hypot(0.0015, 0.3 * 0.02);
    expect(found?.sdStops).toBeCloseTo(sd / (0.5 * Math.LN2), 9);
  });
  test('a tenth of a second itself is heard click by click', () => {
    expect(pairs(clicks([0.5], [0.52], [0.6]), byMark(1 / 10))).toContainEqual([520, 600]);
    expect(pairs(clicks([0.5], [0.52], [0.63]), byMark(1 / 8))).toEqual([[500, 630]]);
  });
});

describe('what to listen for', () => {
  test('a mark is kept to within 0.7 stop, a time of the camera’s own to 1.5', () => {
    expect(byMark(1 / 30)).toEqual({
      ...{ seconds: 1 / 30, sdStops: 0.7, mostStops: 2, leastSeconds: 0.012, askedFromSeconds: 1 / 70 }
    });
    expect(byItself(1 / 30)).toEqual({
      ...{ seconds: 1 / 30, sdStops: 1.5, mostStops: 6, leastSeconds: 1 / 70, askedFromSeconds: 1 / 280 }
    });
  });
  test('releases lie 0.8 s apart, or 2.8 times the mark; without one 11.2 s', () => {
    const parts = (apart: number, mark: number | null): number =>
      releasesOf(clicks([1], [1 + apart]), mark).length;
    expect([parts(0.79, 1 / 30), parts(0.81, 1 / 30)]).toEqual([1, 2]);
    expect([parts(2.7, 1), parts(2.9, 1)]).toEqual([1, 2]);
    expect([parts(11.1, null), parts(11.3, null)]).toEqual([1, 2]);
  });
});
