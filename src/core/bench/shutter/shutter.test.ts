// Shutter tests on releases that are known: simulated sound, light and slow motion; sums by hand.
import { describe, expect, test } from 'vitest';
import { fromFrames } from './slow-motion.ts';
import { highPassed, onsetsOf } from './onsets.ts';
import { pulsesOf } from './light-trace.ts';
import { byItself, byMark, isTooShort, proposalsFor, releasesOf } from './proposals.ts';
import { evenFrom, normalFrom, simulatedRelease, type SimulatedRelease } from './simulated.ts';
import { readTimes, summaryOf } from './summary.ts';

const TAKES = 20;
type How = Omit<SimulatedRelease, 'seconds' | 'seed' | 'kind'> & { readonly kind?: 'leaf' | 'focal-plane' };

/** In how many of a hundred takes the true pair is among the proposals. */
function amongThree(mark: number, how: How, isMarkKnown = true): number {
  let found = 0;
  for (let seed = 1; seed <= TAKES; seed++) {
    // shutters lie a quarter stop from their marks
    const seconds = mark * 2 ** (0.25 * normalFrom(evenFrom(seed))());
    const { samples, rate, openSeconds, closeSeconds } = simulatedRelease({
      ...{ kind: 'leaf', ...how, seconds, seed: seed * 7919 }
    });
    const proposals = proposalsFor(onsetsOf(samples, rate), isMarkKnown ? byMark(mark) : null);
    const isTrue = proposals.some(
      (p) => Math.abs(p.openSeconds - openSeconds) < 0.006 && Math.abs(p.closeSeconds - closeSeconds) < 0.006
    );
    if (isTrue) found += 1;
  }
  return (100 * found) / TAKES;
}
const SOUND_MARKS = [1 / 16, 1 / 8, 1 / 4, 1, 4];
const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

describe('the sound of simulated seeds', () => {
  test.each([
    ['a quiet room', {}, 95],
    ['focal plane', { kind: 'focal-plane' }, 95],
    ['noise at 20 dB', { signalDb: 20 }, 95],
    ['wind', { wind: 3, signalDb: 30 }, 90],
    ['a second, louder click after the closing', { reboundDb: 3 }, 95],
    ['a hard room with knocks', { room: 'hard', knocksPerSecond: 0.5 }, 80]
  ] as const)('%s: the true pair is among three', (_, how, least) => {
    const found = SOUND_MARKS.map((mark) => amongThree(mark, how));
    expect(mean(found), found.join()).toBeGreaterThanOrEqual(least);
  });
  test('a hard room, without knowing the mark', () => {
    const found = SOUND_MARKS.map((mark) => amongThree(mark, { room: 'hard', knocksPerSecond: 0.5 }, false));
    expect(mean(found), found.join()).toBeGreaterThanOrEqual(60);
  });
  test('closing and rebound are never the first proposal', () => {
    for (const seconds of [1 / 16, 1 / 4, 1])
      for (let seed = 1; seed <= TAKES; seed++) {
        const { samples, rate, closeSeconds } = simulatedRelease({
          seconds,
          kind: 'leaf',
          seed,
          reboundDb: 3
        });
        const [first] = proposalsFor(onsetsOf(samples, rate), byMark(seconds));
        expect(Math.abs((first?.openSeconds ?? 0) - closeSeconds)).toBeGreaterThan(0.02);
      }
  });
  test('a mark of 1/250 or faster is never told as a time', () => {
    for (const mark of [1 / 1000, 1 / 500, 1 / 250, 1 / 125])
      for (let seed = 1; seed <= 6; seed++) {
        const { samples, rate } = simulatedRelease({ seconds: mark, kind: 'focal-plane', seed });
        expect(proposalsFor(onsetsOf(samples, rate), byMark(mark))).toEqual([]);
      }
  });
  test.each([8000, 44_100, 96_000])('at %d samples a second', (rate) => {
    const { samples, openSeconds, closeSeconds } = simulatedRelease({
      seconds: 1 / 8,
      kind: 'leaf',
      seed: 5,
      rate
    });
    const [first] = proposalsFor(onsetsOf(samples, rate), byMark(1 / 8));
    expect(first?.openSeconds).toBeCloseTo(openSeconds, 2);
    expect(first?.closeSeconds).toBeCloseTo(closeSeconds, 2);
  });
});

describe('a camera that times itself, heard', () => {
  const found = (seconds: number, expected: number, seed: number) => {
    const { samples, rate } = simulatedRelease({ seconds, kind: 'leaf', seed, signalDb: 30 });
    return proposalsFor(onsetsOf(samples, rate), byItself(expected));
  };
  test.each([
    [1 / 15, 1 / 15],
    [1 / 4, 1 / 2],
    [2, 1 / 2],
    [1 / 2, 4]
  ])('%d s where %d s was due is proposed', (seconds, expected) => {
    for (let seed = 1; seed <= 8; seed++) {
      const near = found(seconds, expected, seed).some(
        (p) => Math.abs(Math.log2(p.seconds / seconds)) < 0.15
      );
      expect(near, `seed ${seed}`).toBe(true);
    }
  });
  test('nothing shorter than sound can tell is proposed, and in bright light it is not asked', () => {
    for (let seed = 1; seed <= 8; seed++)
      expect(found(1 / 250, 1 / 60, seed).filter((p) => p.seconds < 1 / 70)).toEqual([]);
    expect(isTooShort(byItself(1 / 300))).toBe(true);
    expect(isTooShort(byItself(1 / 250))).toBe(false);
    expect(isTooShort(byMark(1 / 60))).toBe(false);
    expect(isTooShort(byMark(1 / 125))).toBe(true);
    expect(isTooShort(null)).toBe(false);
  });
});

describe('sound that says nothing', () => {
  test('silence and steady noise click nowhere', () => {
    expect(onsetsOf(new Float32Array(48_000), 48_000)).toEqual([]);
    const normal = normalFrom(evenFrom(3));
    expect(
      onsetsOf(
        Float32Array.from({ length: 48_000 }, () => 0.1 * normal()),
        48_000
      )
    ).toEqual([]);
    expect(onsetsOf(new Float32Array(0), 48_000)).toEqual([]);
  });
  test('one click is no pair', () => {
    const one = new Float32Array(48_000);
    for (let i = 0; i < 100; i++) one[24_000 + i] = Math.sin(i) * Math.exp(-i / 30);
    const onsets = onsetsOf(one, 48_000);
    expect(onsets).toHaveLength(1);
    expect(proposalsFor(onsets, byMark(1 / 8))).toEqual([]);
  });
  test('a low hum is filtered out, a high tone is not', () => {
    const tone = (hz: number) =>
      Float32Array.from({ length: 4800 }, (_, i) => Math.sin((2 * Math.PI * hz * i) / 48_000));
    const rms = (s: Float32Array) => Math.sqrt(s.slice(2400).reduce((sum, v) => sum + v * v, 0) / 2400);
    // fourth order: 24 dB an octave, so four octaves down less than a thousandth
    expect(rms(highPassed(tone(125), 48_000))).toBeLessThan(1e-3);
    // half the power at the corner, and all of it far above
    expect(rms(highPassed(tone(2000), 48_000))).toBeCloseTo(0.5, 2);
    expect(rms(highPassed(tone(9000), 48_000))).toBeCloseTo(Math.SQRT1_2, 2);
  });
});

test('releases are parted by long pauses', () => {
  const at = (...seconds: readonly number[]) => seconds.map((atSeconds) => ({ atSeconds, levelDb: 30 }));
  expect(releasesOf(at(1, 1.1, 3, 3.1, 6, 6.2), 1 / 8).map((r) => r.length)).toEqual([2, 2, 2]);
  // a second between opening and closing is no pause
  expect(releasesOf(at(1, 2, 6, 7), 1).map((r) => r.length)).toEqual([2, 2]);
  expect(releasesOf([], null)).toEqual([]);
});

describe('a light sensor', () => {
  /** Flanks that rise and fall within a share of the time, and noise. */
  function trace(seconds: number, rate: number, seed: number, sign = 1, noise = 0.01) {
    const normal = normalFrom(evenFrom(seed));
    const offset = evenFrom(seed + 99)() / rate;
    const flank = Math.min(0.002, seconds / 4);
    const count = Math.ceil((3 * seconds + 0.05) * rate);
    const times = Float64Array.from({ length: count }, (_, i) => i / rate);
    const [open, close] = [seconds + offset, 2 * seconds + offset];
    const light = times.map((t) => {
      const rise = Math.min(1, Math.max(0, (t - open) / flank + 0.5));
      const fall = Math.min(1, Math.max(0, (t - close) / flank + 0.5));
      return 0.3 + sign * (rise - fall) + noise * normal();
    });
    return { times, light };
  }
  test.each([1 / 1000, 1 / 250, 1 / 60, 1 / 8, 1])(
    'seeds of %d s: within two sd, and the sd is under a tenth',
    (seconds) => {
      let inside = 0;
      const rate = seconds < 0.1 ? 20_000 : 10_000;
      for (let seed = 1; seed <= 40; seed++) {
        const { times, light } = trace(seconds, rate, seed);
        const [pulse] = pulsesOf(times, light);
        expect(pulse?.sdStops ?? 1).toBeLessThan(0.1);
        if (Math.abs(Math.log2((pulse?.seconds ?? 1) / seconds)) <= 2 * (pulse?.sdStops ?? 0)) inside += 1;
      }
      expect(inside).toBeGreaterThanOrEqual(38);
    }
  );
  test('one that gives less when it is lit, and one that sees nothing', () => {
    const { times, light } = trace(1 / 30, 10_000, 4, -1);
    expect(pulsesOf(times, light)[0]?.seconds).toBeCloseTo(1 / 30, 3);
    expect(
      pulsesOf(
        times,
        light.map(() => 0.3)
      )
    ).toEqual([]);
    expect(pulsesOf(new Float64Array(3), new Float64Array(3))).toEqual([]);
  });
});

describe('slow motion', () => {
  test('240 frames a second, 29 bright and two dim are 1/8 s', () => {
    const { seconds, sdStops } = fromFrames(29, 2, 240);
    expect(seconds).toBeCloseTo(1 / 8, 9);
    expect(sdStops).toBeCloseTo(Math.sqrt(2 / 12) / (30 * Math.LN2), 9);
  });
  test('one dim frame counts half, and none leaves both ends within a frame', () => {
    const [one, none] = [fromFrames(10, 1, 100), fromFrames(10, 0, 100)];
    expect(one.seconds).toBeCloseTo(0.105, 9);
    expect(one.sdStops).toBeCloseTo(Math.sqrt(1 / 12) / (10.5 * Math.LN2), 9);
    expect(none.seconds).toBeCloseTo(0.1, 9);
    expect(none.sdStops).toBeCloseTo(Math.sqrt(2 / 12) / (10 * Math.LN2), 9);
  });
  test('from four frames on the truth lies within two sd in ninety-five of a hundred', () => {
    const even = evenFrom(8);
    let inside = 0;
    for (let n = 0; n < 400; n++) {
      const length = 4 + 20 * even();
      const start = even();
      // frames that are touched, and of them those that are lit all through
      const [first, last] = [Math.floor(start), Math.ceil(start + length) - 1];
      const dim = (start > 0 ? 1 : 0) + (start + length < last + 1 ? 1 : 0);
      const { seconds, sdStops } = fromFrames(last - first + 1 - dim, dim, 1);
      if (Math.abs(Math.log2(seconds / length)) <= 2 * sdStops) inside += 1;
    }
    expect(inside / 400).toBeGreaterThanOrEqual(0.95);
  });
});

describe('several releases', () => {
  test('are taken together in stops, against the mark', () => {
    const { count, seconds, spreadStops, errorStops } = summaryOf([1 / 20, 1 / 40], 1 / 32);
    expect(count).toBe(2);
    expect(seconds).toBeCloseTo(1 / Math.sqrt(800), 9);
    expect(spreadStops).toBeCloseTo(Math.SQRT1_2, 9);
    expect(errorStops).toBeCloseTo(Math.log2(32 / Math.sqrt(800)), 9);
    expect(summaryOf([1 / 30], null)).toMatchObject({ spreadStops: null, errorStops: null });
    expect(() => summaryOf([], null)).toThrow(RangeError);
  });
  test.each([
    ['40 ms', [0.04]],
    ['40ms, 38 ms', [0.04, 0.038]],
    ['1/38 1/41', [1 / 38, 1 / 41]],
    ['0.5s; 2s', [0.5, 2]],
    ['about ¼', [0.25]]
  ])('“%s”', (text, seconds) => {
    const read = readTimes(text);
    expect(read.ok && read.value.map((s) => Number(s.toFixed(9)))).toEqual(
      seconds.map((s) => Number(s.toFixed(9)))
    );
  });
  test('what is no time is told by itself', () =>
    expect(readTimes('1/30 quick')).toEqual({
      ok: false,
      error: { quantity: 'time', problem: 'unreadable', text: 'quick' }
    }));
});
