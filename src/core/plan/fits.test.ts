import { expect, test } from 'vitest';
import type { Verdict } from '../chance/verdict.ts';
import { fitsIn, secondsAt } from './fits.ts';
import type { Part, Stretch } from './windows.ts';

const FILM = { price: 16, frames: 8 };
const minutes = (count: number): Stretch => ({ fromMs: 0, toMs: count * 60_000 });
const always = (seconds: number) => (): number => seconds;
const part = (fromMs: number, toMs: number, from: number, to: number): Part => {
  const verdict = (seconds: number) => ({ exposure: { seconds } }) as unknown as Verdict;
  return { fromMs, toMs, choice: {}, steps: [], first: verdict(from), last: verdict(to) };
};

test('frames of ten seconds with half a minute between: four minutes hold six', () => {
  // pressed at 0:00, 0:40, 1:20, 2:00, 2:40 and 3:20; the last ends at 3:30, the next would end at 4:10
  expect(fitsIn(minutes(4), always(10), 30, 8, FILM)).toEqual({ frames: 6, lastPressMs: 230_000, cost: 12 });
});

test('no more than are left, none where the window is shorter than a frame', () => {
  expect(fitsIn(minutes(60), always(1), 30, 3, FILM).frames).toBe(3);
  expect(fitsIn(minutes(0.1), always(10), 30, 8, FILM)).toEqual({ frames: 0, lastPressMs: null, cost: 0 });
  expect(fitsIn(minutes(60), always(1), 30, 0, FILM).frames).toBe(0);
});

test('without a price nothing is said of the cost', () =>
  expect(fitsIn(minutes(4), always(10), 30, 8, { price: null, frames: 8 }).cost).toBeNull());

test('as the light falls the frames of a part take longer, evenly in stops', () => {
  const parts = [part(0, 60_000, 1, 4), part(60_000, 120_000, 8, 8)];
  expect(secondsAt(parts, 0)).toBe(1);
  expect(secondsAt(parts, 30_000)).toBeCloseTo(2, 12);
  expect(secondsAt(parts, 60_000)).toBe(4);
  expect(secondsAt(parts, 61_000)).toBe(8);
  expect(secondsAt(parts, 500_000)).toBe(8);
  expect(secondsAt([], 0)).toBe(0);
});

test('before the first part it takes as long as at its beginning, after the last as at its end', () => {
  const parts = [part(60_000, 120_000, 1, 4), part(120_000, 120_000, 5, 9), part(120_001, 180_000, 8, 16)];
  expect([secondsAt(parts, 0), secondsAt(parts, 60_000), secondsAt(parts, 90_000)]).toEqual([1, 1, 2]);
  expect([secondsAt(parts, 180_000), secondsAt(parts, 900_000)]).toEqual([16, 16]);
  // a part that is a moment long is its beginning
  expect(secondsAt([part(0, 0, 5, 9), part(1, 10, 2, 2)], 0)).toBe(5);
  // in a long part, seconds after the hour: the share counts from its own beginning
  expect(secondsAt([part(1_000_000, 1_060_000, 1, 4)], 1_030_000)).toBeCloseTo(2, 12);
});

test('a frame that ends with the window fits, and a film of no frames costs nothing to say', () => {
  // pressed at 0:00 and 0:40, ends at 0:50
  expect(fitsIn({ fromMs: 0, toMs: 50_000 }, always(10), 30, 8, FILM).frames).toBe(2);
  expect(fitsIn({ fromMs: 0, toMs: 10_000 }, always(10), 30, 8, FILM)).toMatchObject({
    frames: 1,
    lastPressMs: 0
  });
  expect(fitsIn(minutes(4), always(10), 30, 8, { price: 16, frames: 0 }).cost).toBeNull();
});
