// Long exposures and settings that give as much, against sums by hand.
import { describe, expect, test } from 'vitest';
import { FOLDING_REFLEX, INSTANT_160, METERLESS, mono } from '../error/panel.test.fixtures.ts';
import { cameraWith, filmWith, fixed, SCALES } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { sameExposure } from './same-exposure.ts';
import { longTable, waysToLength } from './long-table.ts';
import { stacksOf } from './stacks.ts';

const at = (lv: number, more: Partial<Situation> = {}): Situation => ({
  ...{
    camera: METERLESS,
    film: mono(100),
    light: { lv, sdStops: 0.3 },
    contrast: 'normal',
    support: 'standing'
  },
  ...more
});
const nd = (stops: number) => ({ name: `ND ${stops}`, stops });

test('every stack of what is owned, none twice, at most three glasses', () => {
  expect(stacksOf([nd(3), nd(6)]).map((s) => s.stops)).toEqual([0, 3, 6, 9]);
  // 3 + 3 is as strong as 6: one glass is better than two
  const stacks = stacksOf([nd(3), nd(3), nd(6)]);
  expect(stacks.map((s) => [s.stops, s.filters.length])).toEqual([
    [0, 0],
    [3, 1],
    [6, 1],
    [9, 2],
    [12, 3]
  ]);
  expect(stacksOf([1, 2, 4, 8].map(nd)).every((s) => s.filters.length <= 3)).toBe(true);
  expect(stacksOf([])).toHaveLength(1);
});

describe('long exposures', () => {
  test('f/16 on ISO 100 at LV 12 through ten stops is 64 s, before reciprocity', () => {
    // EV 12 at f/16 is 1/16 s (ISO 2720:1974, EV = log2 N²/t); ten stops are 1024 times as long
    const film = { ...mono(100), reciprocity: { kind: 'none' } as const };
    const { fNumbers, rows } = longTable(at(12, { film }), {}, [nd(10)]);
    const column = fNumbers.findIndex((n) => Math.abs(n - 16) < 0.1);
    const cell = rows.find((r) => r.stack.stops === 10)?.cells[column];
    // the film is better a little over: what is aimed for is told apart
    const plain = (cell?.seconds ?? 0) / 64;
    expect(Math.abs(Math.log2(plain))).toBeLessThan(1);
    expect(Math.abs(cell?.offStops ?? 1)).toBeLessThan(0.02);
    expect(cell?.counted).toBe(true);
    expect(Number.isInteger(cell?.seconds)).toBe(true);
    // a quarter second either way in a minute is nothing
    expect(cell?.countSdStops).toBeLessThan(0.01);
  });
  test('each second that is told is the best whole one', () => {
    const { rows } = longTable(at(10), {}, [nd(3), nd(6)]);
    for (const { cells } of rows)
      for (const cell of cells)
        if (cell?.counted) {
          expect(Number.isInteger(cell.seconds)).toBe(true);
          expect(cell.seconds).toBeGreaterThanOrEqual(1);
          // half a second at one second is 0.58 stop at most
          expect(Math.abs(cell.offStops)).toBeLessThan(Math.log2(1 + 0.5 / cell.seconds) + 0.02);
        }
  });
  test('a film that fails in long exposures takes longer', () => {
    const film = (p: number) => ({
      ...mono(100),
      reciprocity: p === 1 ? ({ kind: 'none' } as const) : ({ kind: 'exponent', p, startSeconds: 1 } as const)
    });
    const seconds = (p: number) =>
      longTable(at(12, { film: film(p) }), {}, [nd(10)])
        .rows.at(-1)
        ?.cells.at(-1)?.seconds ?? 0;
    expect(seconds(1.3)).toBeGreaterThan(2 * seconds(1));
  });
  test('a camera that times itself gives what its eye makes of the filter over both', () => {
    const situation = at(7, { camera: FOLDING_REFLEX, film: INSTANT_160 });
    const { rows } = longTable(situation, {}, [nd(3), nd(6)]);
    const cells = rows.flatMap((r) => r.cells);
    expect(cells.some((c) => c !== null && !c.counted)).toBe(true);
    for (const cell of cells) if (cell) expect(cell.seconds).toBeGreaterThanOrEqual(1);
  });
  test('a camera of one time has none', () => {
    const camera = cameraWith([fixed('aperture', '11', 11), fixed('time', '1/100', 1 / 100)]);
    expect(longTable(at(4, { camera }), {}, [nd(6)])).toEqual({ fNumbers: [], rows: [] });
    expect(waysToLength(at(4, { camera }), {}, [nd(6)], 10)).toEqual([]);
  });
  test('a length that is wanted: every way is that long and right to a stop, the best first', () => {
    const ways = waysToLength(at(11), {}, [nd(3), nd(6), nd(10)], 45);
    expect(ways.length).toBeGreaterThan(2);
    for (const { cell } of ways) {
      expect(cell.seconds).toBe(45);
      expect(Math.abs(cell.offStops)).toBeLessThan(1);
    }
    const [best] = ways;
    expect(Math.abs(best?.cell.offStops ?? 1)).toBeLessThan(0.4);
  });
});

describe('settings that give as much', () => {
  test('f/16 1/60 is f/5.6 1/500 and f/4 1/1000', () => {
    // common practice, no source: the pairs every owner of a meterless camera knows
    const found = sameExposure(at(13, { camera: SCALES, film: filmWith() }), { aperture: 4, time: 3 });
    const pairs = found.map(({ verdict: { exposure } }) => [
      Math.round(10 * exposure.fNumber) / 10,
      Math.round(1 / exposure.seconds)
    ]);
    expect(pairs).toEqual([
      [5.7, 512],
      [8, 256],
      [11.3, 128],
      [16, 64]
    ]);
    for (const { offStops } of found) expect(offStops).toBeCloseTo(0, 6);
  });
  test('the smaller the aperture, the deeper it is sharp', () => {
    const found = sameExposure(at(13, { camera: SCALES, film: filmWith() }), { aperture: 4, time: 3 });
    const nears = found.map((e) => e.sharp.nearM);
    expect(nears).toEqual([...nears].sort((a, b) => b - a));
  });
  test('on a camera that times itself every aperture gives as much, as long as its times reach', () => {
    const found = sameExposure(at(10, { camera: FOLDING_REFLEX, film: INSTANT_160 }), {});
    expect(found.length).toBeGreaterThan(0);
  });
  test('a place that the camera lacks keeps nothing', () =>
    expect(sameExposure(at(13, { camera: SCALES }), { aperture: 99 })).toEqual([]));
});
