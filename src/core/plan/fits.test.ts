import { expect, test } from 'vitest';
import { fitsIn } from './fits.ts';

const FILM = { price: 16, frames: 8 };
const at = (minutes: number): { readonly fromMs: number; readonly toMs: number } => ({
  fromMs: 0,
  toMs: minutes * 60_000
});

test('frames of ten seconds with half a minute between: four minutes hold six', () => {
  // pressed at 0:00, 0:40, 1:20, 2:00, 2:40 and 3:20; the last ends at 3:30, the next would end at 4:10
  expect(fitsIn(at(4), 10, 30, 8, FILM)).toEqual({ frames: 6, lastPressMs: 230_000, cost: 12 });
});

test('no more than are left, none where the window is shorter than a frame', () => {
  expect(fitsIn(at(60), 1, 30, 3, FILM).frames).toBe(3);
  expect(fitsIn(at(0.1), 10, 30, 8, FILM)).toMatchObject({ frames: 0, cost: 0 });
  expect(fitsIn(at(60), 1, 30, 0, FILM).frames).toBe(0);
});

test('without a price nothing is said of the cost', () =>
  expect(fitsIn(at(4), 10, 30, 8, { price: null, frames: 8 }).cost).toBeNull());
