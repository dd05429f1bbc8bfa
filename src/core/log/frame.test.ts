import { expect, test } from 'vitest';
import { framesLeft, nextFrameNumber } from './frame.ts';

const frames = (...numbers: number[]) => numbers.map((number) => ({ number }));

test.each([
  ['an empty roll starts at 1', 12, [], 1],
  ['counting on after the highest', 12, [1, 2, 5], 6],
  ['the end is taken: the first gap', 4, [1, 3, 4], 2],
  ['nothing is free', 2, [1, 2], null]
])('%s', (_why, total, taken, next) => expect(nextFrameNumber(total, frames(...taken))).toBe(next));

test('side two of double-run film counts on from the middle, and its frames are its own', () => {
  expect(nextFrameNumber(30, frames(1, 2, 3), 1)).toBe(4);
  expect(nextFrameNumber(30, frames(1, 2, 15), 2)).toBe(16);
  expect(framesLeft(30, frames(1, 2, 15), 1)).toBe(12);
  expect(framesLeft(30, frames(1, 2, 16), 2)).toBe(14);
});

test('frames left never fall below zero', () => {
  expect(framesLeft(8, frames(1, 2, 3))).toBe(5);
  expect(framesLeft(1, frames(1, 2))).toBe(0);
});
