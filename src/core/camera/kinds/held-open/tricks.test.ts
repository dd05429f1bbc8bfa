import { expect, test } from 'vitest';
import { TRICKS } from './tricks.ts';

test('each trick says how it opens and closes and what to mind, in as many letters as a sheet takes', () => {
  expect(new Set(TRICKS.map((t) => t.name)).size).toBe(3);
  for (const { name, steps } of TRICKS) {
    const { opens, closes, after, caution } = steps;
    for (const words of [opens, closes, after, caution])
      expect([name, words.length <= 160]).toEqual([name, true]);
    for (const words of [opens, closes, caution]) expect([name, words.length > 10]).toEqual([name, true]);
  }
});

test('where film lies bare or the camera has to be opened, the dark bag is named', () => {
  for (const { steps } of TRICKS.filter((t) => /door|power/.test(t.name)))
    expect(steps.after.toLowerCase()).toContain('dark bag');
});
