import { describe, expect, test } from 'vitest';
import { framesLeft, nextFrameNumber, type Side } from './load.ts';

const frames = (...numbers: number[]) => numbers.map((number) => ({ number }));
const film = (framesTotal: number, side: Side = null, firstNumber = 1) => ({
  framesTotal,
  side,
  firstNumber
});

test.each([
  ['an empty roll starts at 1', film(12), [], 1],
  ['counting on after the highest', film(12), [1, 2, 5], 6],
  ['the end is taken: the first gap', film(4), [1, 3, 4], 2],
  [
    'a roll holds a frame more than its counter says',
    film(36),
    Array.from({ length: 36 }, (_, i) => i + 1),
    37
  ],
  ['and another', film(2), [1, 2, 3], 4],
  ['numbers that run on over all packs', film(8, null, 81), [], 81],
  ['and count on', film(8, null, 81), [81, 82, 83], 84],
  ['a number of the person’s own on a pack that began at 1', film(8), [1, 84], 85],
  ['side one is full: it is turned over', film(2, 1), [1], null]
])('%s', (_why, load, taken, next) => expect(nextFrameNumber(load, frames(...taken))).toBe(next));

test('side two of double-run film counts on from the middle, and its frames are its own', () => {
  expect(nextFrameNumber(film(30, 1), frames(1, 2, 3))).toBe(4);
  expect(nextFrameNumber(film(30, 2), frames(1, 2, 15))).toBe(16);
  expect(framesLeft(film(30, 1), frames(1, 2, 15))).toBe(12);
  expect(framesLeft(film(30, 2), frames(1, 2, 16))).toBe(14);
  expect(framesLeft(film(30, 2, 31), frames(31, 32, 46))).toBe(14);
});

test('frames left never fall below zero', () => {
  expect(framesLeft(film(8), frames(1, 2, 3))).toBe(5);
  expect(framesLeft(film(1), frames(1, 2))).toBe(0);
});

describe('numbers of the person’s own, and the other side', () => {
  const film = (side: 1 | 2 | null) => ({ framesTotal: 8, firstNumber: 1, side });
  const frames = (...numbers: readonly number[]) => numbers.map((number) => ({ number }));
  test('on a film of one side every frame counts, also one beyond its numbers', () =>
    expect(framesLeft(film(null), frames(1, 40))).toBe(6));
  test('on double-run film those of this side count', () => {
    expect(framesLeft(film(1), frames(1, 4, 5))).toBe(2);
    expect(framesLeft(film(2), frames(4, 5, 8))).toBe(2);
  });
  test('side one counts on from its own numbers alone, and is full when all are taken', () => {
    expect(nextFrameNumber(film(1), frames(1, 5, 6))).toBe(2);
    expect(nextFrameNumber(film(1), frames(0, 1))).toBe(2);
    expect(nextFrameNumber(film(1), frames(1, 2, 3, 4))).toBeNull();
  });
  test('a gap is filled when the end is taken; beyond the film it counts on', () => {
    expect(nextFrameNumber(film(null), frames(1, 2, 4, 8))).toBe(3);
    expect(nextFrameNumber(film(null), frames(1, 2, 40))).toBe(41);
    expect(nextFrameNumber(film(null), frames(1, 2, 3, 4, 5, 6, 7, 8))).toBe(9);
  });
});
