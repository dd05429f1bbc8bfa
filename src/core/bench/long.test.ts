// Long exposures and settings that give as much, against sums by hand.
import { describe, expect, test } from 'vitest';
import {
  FOLDING_REFLEX,
  INSTANT_160,
  INSTANT_800,
  METERLESS,
  mono,
  TWIN
} from '../error/panel.test.fixtures.ts';
import { cameraWith, filmWith, fixed, marked, SCALES } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { sameExposure } from './same-exposure.ts';
import { longTable, timerLimitSeconds, waysToLength } from './long-table.ts';
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

describe('the table of long exposures', () => {
  const film = { ...mono(100), reciprocity: { kind: 'none' } as const };
  test('stacks through which nothing is long are left out', () => {
    const stops = longTable(at(13, { film }), {}, [nd(3), nd(10)]).rows.map((r) => r.stack.stops);
    expect(stops).not.toContain(0);
    expect(stops).toContain(10);
  });
  test('widest first, each aperture once, by the first place that is counted', () => {
    const camera = cameraWith(
      [
        marked('aperture', [16, 8, 4]),
        {
          ...{ kind: 'marked', id: 'time', label: 'time', acts: 'time', shape: 'ring' },
          positions: [
            { mark: '60', symbol: null, value: 1 / 60 },
            ...[2, 8, 30].map((value) => ({ mark: `B ${value}`, symbol: null, value, byHand: true as const }))
          ]
        }
      ],
      { formats: ['135'] }
    );
    const { fNumbers, rows } = longTable(at(4, { camera, film }), {}, []);
    expect(fNumbers).toEqual([4, 8, 16]);
    for (const cell of rows.flatMap((r) => r.cells)) expect(cell?.choice['time'] ?? 1).toBe(1);
  });
  test('a camera that times itself stands in its middle, and gives nothing two stops off', () => {
    const s = (lv: number) => at(lv, { camera: FOLDING_REFLEX, film: INSTANT_160 });
    const cells = (lv: number) => longTable(s(lv), {}, []).rows.flatMap((r) => r.cells);
    expect(cells(3)[0]?.choice['compensation']).toBe(3);
    expect(cells(-8)).toEqual([]);
    expect(Math.abs(cells(3)[0]?.offStops ?? 9)).toBeLessThan(2);
  });
  test('nobody waits an hour, and half a second counts as one where that is right', () => {
    expect(longTable(at(-14, { film }), {}, []).rows).toEqual([]);
    // of each light the aperture whose exact time is 0.6 to 0.9 s is told with a whole second
    const cells = [3, 3.5, 4, 4.5].flatMap((lv) =>
      longTable(at(lv, { film }), {}, []).rows.flatMap((r) => r.cells)
    );
    const short = cells.filter((c) => c?.seconds === 1).map((c) => c?.offStops ?? 0);
    expect(Math.max(...short)).toBeGreaterThan(0.2);
    // twice half a second is a stop, and a little as the aim moves with the count
    expect(Math.max(...short)).toBeLessThan(1.1);
  });
  test('how long a camera times by itself before it closes', () => {
    expect(timerLimitSeconds(FOLDING_REFLEX, {})).toBeCloseTo(20, 9);
    expect(timerLimitSeconds(TWIN, {})).toBeCloseTo(4, 9);
    expect(timerLimitSeconds(METERLESS, {})).toBeNull();
  });
  test('ways to a length: the nearest to right, a tenth of a stop for each glass', () => {
    const ways = waysToLength(at(11, { film }), {}, [nd(1), nd(2), nd(3), nd(6), nd(10)], 45);
    const keys = ways.map(({ cell, stack }) => Math.abs(cell.offStops) + stack.filters.length / 10);
    expect(keys).toEqual([...keys].sort((a, b) => a - b));
    expect(new Set(ways.map((w) => w.stack.filters.length)).size).toBeGreaterThan(1);
    for (const { cell } of ways) expect(Math.abs(cell.offStops)).toBeLessThan(1);
  });
  test('a camera that times itself has a way only where it comes near the length', () => {
    const s = at(4, { camera: FOLDING_REFLEX, film: INSTANT_160 });
    const lengths = (seconds: number) =>
      waysToLength(s, {}, [nd(1), nd(2), nd(3)], seconds).map((w) =>
        Math.abs(Math.log2(w.cell.seconds / seconds))
      );
    expect(lengths(8).length).toBeGreaterThan(0);
    for (const far of [...lengths(8), ...lengths(3)]) expect(far).toBeLessThan(0.5);
    expect(lengths(200)).toEqual([]);
  });
});

describe('of each aperture one', () => {
  const of = (
    times: readonly number[],
    apertures: readonly number[],
    kept: { aperture: number; time: number }
  ) =>
    sameExposure(
      at(13, {
        camera: cameraWith([marked('aperture', apertures), marked('time', times)]),
        film: filmWith()
      }),
      kept
    ).map(({ verdict: { exposure } }) => [exposure.fNumber, Math.round(1 / exposure.seconds)]);
  test('the nearest to as much, whatever their order', () => {
    const times = [1 / 100, 1 / 60, 1 / 55, 1 / 50, 1 / 40];
    const eleven = 8 * Math.SQRT2;
    expect(of(times, [8, eleven], { aperture: 0, time: 0 })).toEqual([
      [8, 100],
      [eleven, 50]
    ]);
    expect(of([...times].reverse(), [eleven, 8], { aperture: 1, time: 4 })).toEqual([
      [8, 100],
      [eleven, 50]
    ]);
  });
  test('the one that is kept stays, though another is as near', () => {
    for (const time of [0, 1, 2])
      expect(of([1 / 100, 1 / 110, 1 / 120], [8], { aperture: 0, time })).toEqual([
        [8, [100, 110, 120][time]]
      ]);
  });
  test('lighten–darken stays where it is', () => {
    const found = sameExposure(at(9, { camera: TWIN, film: INSTANT_800 }), { aperture: 1, compensation: 1 });
    expect(found.length).toBeGreaterThan(2);
    for (const { verdict } of found) expect(verdict.setting.compensationStops).toBe(0);
    const darker = sameExposure(at(9, { camera: TWIN, film: INSTANT_800 }), { aperture: 1, compensation: 0 });
    for (const { verdict } of darker) expect(verdict.setting.compensationStops).toBe(-1);
  });
});
