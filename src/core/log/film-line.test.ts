// The strip of a film: a letter for each place.
import { expect, test } from 'vitest';
import { MOST_DRAWN, stripOf } from './film-line.ts';

const roll = { framesTotal: 6, firstNumber: 1 };

test('each place of a film says what is there', () => {
  const frames = [
    { number: 5, verdict: 'light' },
    { number: 1, verdict: 'dark' },
    { number: 2, verdict: null },
    { number: 4, verdict: 'right' }
  ] as const;
  expect(stripOf(roll, frames)).toEqual({
    logged: 4,
    judged: { dark: 1, right: 1, light: 1 },
    strip: 'dn.rl.'
  });
  expect(stripOf(roll, [])).toEqual({ logged: 0, judged: { dark: 0, right: 0, light: 0 }, strip: '......' });
});

test('numbers that run on over all packs begin where the film does', () => {
  expect(stripOf({ framesTotal: 3, firstNumber: 41 }, [{ number: 42, verdict: null }]).strip).toBe('.n.');
});

test('one frame more than the film has is drawn; a reel is cut off, and counted whole', () => {
  const run = (count: number) => Array.from({ length: count }, (_, i) => ({ number: i + 1, verdict: null }));
  expect(stripOf(roll, run(7)).strip).toBe('nnnnnnn');
  const reel = stripOf({ framesTotal: 3600, firstNumber: 1 }, run(900));
  expect([reel.strip, reel.logged]).toEqual(['n'.repeat(MOST_DRAWN), 900]);
});
