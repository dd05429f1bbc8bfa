import { expect, test } from 'vitest';
import { takenOnPlan } from './taken.ts';
import type { Window } from './windows.ts';

const window = (fromMs: number, toMs: number, spread = 0): Window => ({
  from: { earliestMs: fromMs - spread, likelyMs: fromMs, latestMs: fromMs + spread },
  to: { earliestMs: toMs - spread, likelyMs: toMs, latestMs: toMs + spread },
  ...{ openAtStart: false, openAtEnd: false, notUnder: [], parts: [] }
});

test('frames inside and outside the windows, in the order they were taken', () => {
  expect(takenOnPlan([30, 10, 25, 5], [window(10, 20), window(25, 28)])).toEqual({
    inside: [10, 25],
    outside: [5, 30]
  });
});
test('an edge that hangs on the sky counts as wide as it may be', () => {
  expect(takenOnPlan([8, 22], [window(10, 20, 2)]).inside).toEqual([8, 22]);
  expect(takenOnPlan([7, 23], [window(10, 20, 2)]).outside).toEqual([7, 23]);
});
test('without windows all are outside', () => {
  expect(takenOnPlan([1], [])).toEqual({ inside: [], outside: [1] });
});
