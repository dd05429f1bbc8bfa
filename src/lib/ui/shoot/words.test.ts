import { describe, expect, test } from 'vitest';
import { PURPOSES } from '#core/error/situation.ts';
import type { PressCheck } from '#core/log/before-press.ts';
import { MOTIONS, PURPOSE_WORDS, sayAimOff, sayCheck, sayEnough } from './words.ts';

const clock = (ms: number): string => `t${ms}`;

describe('words of Shoot', () => {
  test('where to aim, and silence where it is near enough', () => {
    expect(sayAimOff({ rightShare: 0, upShare: -0.2 })).toBe(
      'The picture lies lower by 20 % of the frame than the finder shows.'
    );
    expect(sayAimOff({ rightShare: 0.1, upShare: 0.05 })).toContain(
      'higher by 5 % of the frame and further right'
    );
    expect(sayAimOff({ rightShare: 0.01, upShare: -0.02 })).toBe('');
  });
  const checks: readonly (readonly [PressCheck, string])[] = [
    [{ check: 'compensation-left', mark: 'light', wanted: 'mid' }, 'still stands at light: turn it to mid'],
    [{ check: 'dial-left', mark: '100', wanted: '400' }, 'speed dial still stands at 100'],
    [{ check: 'filter-on', name: '', stops: 2 }, 'the grey filter of 2 stops'],
    [{ check: 'filter-gone', name: 'Smoke', stops: 2 }, 'Smoke goes on'],
    [{ check: 'too-near', nearM: 1.2 }, 'sharp from 1.2 m'],
    [{ check: 'eye-elsewhere', stops: -2 }, '2 stops less light'],
    [{ check: 'flash-ready' }, 'ready light'],
    [{ check: 'own', words: 'cap off' }, 'Cap off']
  ];
  test.each(checks)('%o', (check, words) => expect(sayCheck(check)).toContain(words));
  test('what the evening holds', () => {
    expect(sayEnough({ kind: 'works', untilMs: 5 }, clock)).toBe('This pair works until about t5.');
    expect(sayEnough({ kind: 'works', untilMs: null }, clock)).toBe('');
    expect(sayEnough({ kind: 'stop', chance: 0.3, againMs: null }, clock)).toBe(
      'Stop here: 30 in 100 is less than you set.'
    );
    expect(sayEnough({ kind: 'stop', chance: 0.3, againMs: 9 }, clock)).toContain('again about t9');
  });
  test('every purpose has its words, and no two motions are alike', () => {
    expect(Object.keys(PURPOSE_WORDS).sort()).toEqual([...PURPOSES].sort());
    expect(new Set(MOTIONS.map((m) => JSON.stringify(m.motion))).size).toBe(MOTIONS.length);
  });
});
