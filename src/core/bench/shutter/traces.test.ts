// Light traces whose times are known to the sample, tables as a logger writes them, and a recording as it is drawn.
import { describe, expect, test } from 'vitest';
import { envelopeOf } from './envelope.ts';
import { pulsesOf } from './light-trace.ts';
import { readTrace } from './read-trace.ts';
import { evenFrom, normalFrom } from './simulated.ts';

const RATE = 10_000;
/** A trace of flanks that rise and fall in `flank` seconds between `dark` and `lit`; times are of the middles of the flanks. */
function trace(
  pulses: readonly (readonly [open: number, close: number])[],
  { dark = 0.2, lit = 1.2, flank = 0.001, length = 0.5, noise = 0.002 } = {}
) {
  const normal = normalFrom(evenFrom(3));
  const times = Float64Array.from({ length: Math.round(length * RATE) }, (_, i) => i / RATE);
  const at = (t: number, middle: number): number => Math.min(1, Math.max(0, (t - middle) / flank + 0.5));
  const light = times.map((t) => {
    const open = pulses.reduce((sum, [from, to]) => sum + at(t, from) - at(t, to), 0);
    return dark + (lit - dark) * open + noise * normal();
  });
  return { times, light };
}
const pulses = (...args: Parameters<typeof trace>) => {
  const { times, light } = trace(...args);
  return pulsesOf(times, light);
};

describe('pulses of light', () => {
  test('run from the middle of one flank to the middle of the other', () => {
    const [only, ...more] = pulses([[0.1, 0.14]]);
    expect(more).toEqual([]);
    expect(only?.openSeconds).toBeCloseTo(0.1, 4);
    expect(only?.closeSeconds).toBeCloseTo(0.14, 4);
    expect(only?.seconds).toBeCloseTo((only?.closeSeconds ?? 0) - (only?.openSeconds ?? 0), 12);
    // each edge lies anywhere between two samples; noise of 0.002 on a flank of 1 per millisecond adds little
    const edges = Math.SQRT2 * Math.hypot(1e-4 / Math.sqrt(12), 2e-6);
    expect(only?.sdStops).toBeCloseTo(edges / (0.04 * Math.LN2), 4);
  });
  test('several, in order, each its own', () => {
    const found = pulses([
      [0.05, 0.06],
      [0.2, 0.23],
      [0.4, 0.41]
    ]);
    expect(found.map((p) => Math.round(p.seconds * 1e4))).toEqual([100, 300, 100]);
    expect(found.map((p) => Math.round(p.openSeconds * 1e4))).toEqual([500, 2000, 4000]);
  });
  test('one that is open at either end is left out', () => {
    expect(pulses([[-1, 0.1]])).toEqual([]);
    expect(pulses([[0.4, 9]])).toEqual([]);
    expect(
      pulses([
        [-1, 0.05],
        [0.2, 0.24],
        [0.45, 9]
      ]).map((p) => Math.round(p.seconds * 1e4))
    ).toEqual([400]);
  });
  test('whatever its unit, and where more light reads less', () => {
    for (const [dark, lit] of [
      [0.2, 1.2],
      [-3, 400],
      [1023, 87],
      [5, 4.9]
    ] as const) {
      const noise = Math.abs(lit - dark) / 500;
      const [only, ...more] = pulses([[0.1, 0.14]], { dark, lit, noise });
      expect(more).toEqual([]);
      expect(only?.seconds).toBeCloseTo(0.04, 4);
    }
  });
  test('slow flanks make an edge less sure, by the noise over their slope', () => {
    const [steep, slow] = [0.0002, 0.02].map((flank) => pulses([[0.1, 0.2]], { flank, noise: 0.02 })[0]);
    expect(slow?.sdStops ?? 0).toBeGreaterThan(3 * (steep?.sdStops ?? 1));
    // noise of 0.02 on a flank of 1 in 20 ms is 0.4 ms at either end, as far as so few samples tell
    const wanted = (Math.SQRT2 * Math.hypot(1e-4 / Math.sqrt(12), 0.02 * 0.02)) / (0.1 * Math.LN2);
    expect((slow?.sdStops ?? 0) / wanted).toBeGreaterThan(1 / 3);
    expect((slow?.sdStops ?? 0) / wanted).toBeLessThan(3);
  });
  test('nothing where the light hardly rises above the noise, or nothing was recorded', () => {
    expect(pulses([[0.1, 0.14]], { dark: 0.2, lit: 0.21, noise: 0.01 })).toEqual([]);
    expect(pulses([[0.1, 0.14]], { dark: 0.2, lit: 0.4, noise: 0.01 })).toHaveLength(1);
    expect(pulses([])).toEqual([]);
    expect(
      pulsesOf(Float64Array.from([0, 1, 2, 3, 4, 5, 6]), Float64Array.from([0, 0, 1, 1, 1, 0, 0]))
    ).toEqual([]);
  });
  test('noise about the half of a flank is no second pulse', () => {
    const { times, light } = trace([[0.1, 0.2]], { flank: 0.02, noise: 0.04 });
    expect(pulsesOf(times, light)).toHaveLength(1);
    // a dip to two thirds is none either, one below a third is
    const dipped = (to: number) =>
      pulsesOf(
        times,
        light.map((v, i) => (times[i] !== undefined && times[i] > 0.14 && times[i] < 0.16 ? 0.2 + to : v))
      ).length;
    expect([dipped(0.66), dipped(0.4), dipped(0.3)]).toEqual([1, 1, 2]);
  });
  test('a flank that wavers opens where it first rose and closes where it last fell', () => {
    // by hand: dark 0, lit 1, half 0.5, and a third to two thirds are neither open nor shut
    const values = [0, 0, 0, 0, 0.6, 0.4, 0.6, 1, 1, 1, 1, 0.4, 0.6, 0.4, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0];
    const [only, ...more] = pulsesOf(
      Float64Array.from(values, (_, i) => i / 10),
      Float64Array.from(values)
    );
    expect(more).toEqual([]);
    // from 0 to 0.6 it passes a half after five sixths of a step, from 0.6 to 0.4 after half of one
    expect(only?.openSeconds).toBeCloseTo((3 + 5 / 6) / 10, 6);
    expect(only?.closeSeconds).toBeCloseTo(1.25, 6);
    const twice = [0, 0, 0, 0, 1, 1, 0, 0, 0, 1, 1, 1, 0, 0, 0, 0, 0, 0, 0, 0];
    const both = pulsesOf(
      Float64Array.from(twice, (_, i) => i / 10),
      Float64Array.from(twice)
    );
    expect(both.map((p) => [p.openSeconds, p.closeSeconds].map((t) => t.toFixed(2)))).toEqual([
      ['0.35', '0.55'],
      ['0.85', '1.15']
    ]);
  });
  test('a first rise that comes to nothing does not lengthen the next', () => {
    const { times, light } = trace([[0.2, 0.24]]);
    const nudged = light.map((v, i) =>
      times[i] !== undefined && times[i] > 0.1 && times[i] < 0.11 ? 0.75 : v
    );
    const [only, ...more] = pulsesOf(times, nudged);
    expect(more).toEqual([]);
    expect(only?.openSeconds).toBeCloseTo(0.2, 3);
  });
});

describe('a table of light', () => {
  const rows = (n: number, cells: (i: number) => readonly string[]) =>
    Array.from({ length: n }, (_, i) => cells(i));
  test('time and light, in seconds, thousandths or millionths', () => {
    for (const [unit, scale] of [
      ['s', 1],
      ['ms', 1e-3],
      ['µs', 1e-6]
    ] as const) {
      const read = readTrace(
        rows(9, (i) => [String(i * 10), String(i % 3)]),
        unit
      );
      if (!read.ok) throw new Error(read.error);
      expect([...read.value.times].map((t) => t / scale).map(Math.round)).toEqual([
        0, 10, 20, 30, 40, 50, 60, 70, 80
      ]);
      expect([...read.value.light]).toEqual([0, 1, 2, 0, 1, 2, 0, 1, 2]);
    }
  });
  test('light alone at an even pace: the last column', () => {
    const read = readTrace(
      rows(8, (i) => ['a', String(100 - i)]),
      { perSecond: 4 }
    );
    if (!read.ok) throw new Error(read.error);
    expect([...read.value.times]).toEqual([0, 0.25, 0.5, 0.75, 1, 1.25, 1.5, 1.75]);
    expect(read.value.light[7]).toBe(93);
    const two = readTrace(
      rows(8, (i) => [String(i), String(50 + i)]),
      { perSecond: 2 }
    );
    expect(two.ok && [...two.value.light]).toEqual([50, 51, 52, 53, 54, 55, 56, 57]);
  });
  test('columns beyond time and light are not looked at', () => {
    const read = readTrace(
      rows(8, (i) => [String(i), String(9 - i), 'x', '7']),
      's'
    );
    expect(read.ok && [...read.value.light]).toEqual([9, 8, 7, 6, 5, 4, 3, 2]);
  });
  test('headings, empty cells and rows of words are passed over', () => {
    const table = [
      ['time', 'light'],
      ...rows(8, (i) => [' ', String(i), '', ` ${2 * i} `]),
      ['', ''],
      ['9', 'x']
    ];
    const read = readTrace(table, 's');
    if (!read.ok) throw new Error(read.error);
    expect([...read.value.light]).toEqual([0, 2, 4, 6, 8, 10, 12, 14]);
  });
  test('what is wrong with it is said', () => {
    const why = (table: readonly (readonly string[])[]) => {
      const read = readTrace(table, 's');
      return read.ok ? 'fine' : read.error;
    };
    expect(why([])).toBe('no-numbers');
    expect(why([['time', 'light']])).toBe('no-numbers');
    expect(why(rows(7, (i) => [String(i), '1']))).toBe('too-short');
    expect(why(rows(8, (i) => [String(i), '1']))).toBe('fine');
    expect(why(rows(9, (i) => [String(i === 5 ? 3 : i), '1']))).toBe('time-runs-back');
    expect(why(rows(9, (i) => [String(i === 5 ? 4 : i), '1']))).toBe('fine');
    // one number a row is no time and light
    expect(why(rows(9, (i) => [String(i)]))).toBe('no-numbers');
  });
  test('five million rows are read, one more is not', () => {
    const one: readonly string[] = ['x'];
    const many = (n: number) =>
      readTrace(
        Array.from({ length: n }, () => one),
        's'
      );
    expect(many(5_000_001)).toEqual({ ok: false, error: 'too-long' });
    expect(many(100)).toEqual({ ok: false, error: 'no-numbers' });
  });
});

describe('a recording as it is drawn', () => {
  const samples = Float32Array.from([0.1, -0.2, 0.3, -0.4, 0.5, 0.25, -0.125, 0.75]);
  const drawn = (from: number, to: number, count: number) =>
    envelopeOf(samples, from, to, count).map(({ least, greatest }) =>
      [least, greatest].map((v) => Number(v.toFixed(4)))
    );
  test('each column holds the least and the greatest of its samples, and no sample is left out', () => {
    expect(drawn(0, 8, 2)).toEqual([
      [-0.4, 0.3],
      [-0.125, 0.75]
    ]);
    expect(drawn(0, 8, 8)[3]).toEqual([-0.4, 0]);
    expect(drawn(2, 6, 2)).toEqual([
      [-0.4, 0.3],
      [0, 0.5]
    ]);
  });
  test('where columns are finer than samples each shows the one it lies in', () => {
    expect(drawn(2, 4, 4)).toEqual([
      [0, 0.3],
      [0, 0.3],
      [-0.4, 0],
      [-0.4, 0]
    ]);
  });
  test('before the beginning and after the end there is silence', () => {
    expect(drawn(-4, 4, 2)).toEqual([
      [0, 0],
      [-0.4, 0.3]
    ]);
    expect(drawn(4, 12, 2)).toEqual([
      [-0.125, 0.75],
      [0, 0]
    ]);
  });
});
