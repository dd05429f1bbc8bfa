import { describe, expect, test } from 'vitest';
import type { Window } from '#core/plan/windows.ts';
import { sayCountdown, sayFits, saySpread, sayTaken, sayTonight, sayWhen } from './say-plan.ts';

const ZONE = 'Europe/Lisbon';
const at = (time: string): number => Date.parse(`2026-09-12T${time}:00+01:00`);
const edge = (time: string, from = time, to = time) => ({
  earliestMs: at(from),
  likelyMs: at(time),
  latestMs: at(to)
});
const window = (more: Partial<Window> = {}): Window => ({
  ...{ from: edge('18:43'), to: edge('18:47'), openAtStart: false, openAtEnd: false },
  ...{ notUnder: [], parts: [] },
  ...more
});

describe('windows in words', () => {
  test.each([
    [{}, false, '18:43–18:47'],
    [{ openAtStart: true }, true, 'now until 18:47'],
    [{ openAtStart: true }, false, 'until 18:47'],
    [{ openAtEnd: true }, false, 'from 18:43 on'],
    [{ openAtStart: true, openAtEnd: true }, true, 'from now on, all night'],
    [{ openAtStart: true, openAtEnd: true }, false, 'all day and night']
  ])('%j, now %s: %s', (more, isNow, words) => {
    expect(sayWhen(window(more), ZONE, isNow)).toBe(words);
  });

  test('how far the edges move with the sky, and under which there is none', () => {
    expect(saySpread(window(), ZONE)).toBe('');
    const spread = window({ to: edge('18:47', '18:40', '18:59'), notUnder: ['cloudy'] });
    expect(saySpread(spread, ZONE)).toBe('As the sky is, it ends 18:40–18:59. Not under full cloud.');
  });

  test('what fits', () => {
    const fits = { frames: 8, lastPressMs: at('18:46'), cost: 16 };
    expect(sayFits(fits, 8, ZONE)).toBe('All 8 frames left fit (16.00 of film). Last press at 18:46.');
    expect(sayFits({ ...fits, frames: 3, cost: null }, 8, ZONE)).toBe(
      '3 of 8 frames left fit. Last press at 18:46.'
    );
    expect(sayFits({ ...fits, frames: 0, lastPressMs: null }, 8, ZONE)).toBe('Too short for one frame.');
    expect(sayFits(fits, 0, ZONE)).toBe('No frame is left on this film.');
  });

  test('the rest of a day in a line', () => {
    const hand = { support: 'hand' as const, windows: [] };
    const standing = { support: 'standing' as const, windows: [window({ openAtStart: true })] };
    expect(sayTonight([hand, standing], ZONE)).toBe('in the hand at no time; set down now until 18:47');
  });
});

test.each([
  [at('18:00'), 'opens in 43:00'],
  [at('16:42'), 'opens in 2:01:00'],
  [at('18:43'), 'open, shuts in 4:00'],
  [at('18:47'), 'shut']
])('counted down: %s', (nowMs, words) => {
  expect(sayCountdown(nowMs, at('18:43'), at('18:47'))).toBe(words);
});

test.each([
  [[], [], ''],
  [[at('18:44')], [], 'Taken: 1 frame, inside the windows.'],
  [[at('18:44'), at('18:45')], [], 'Taken: 2 frames, all inside the windows.'],
  [[at('18:44')], [at('19:10')], 'Taken: 2 frames, 1 inside the windows; 19:10 outside.']
])('frames taken: %j and %j', (inside, outside, words) => {
  expect(sayTaken({ inside, outside }, ZONE)).toBe(words);
});
