// What holds a frame back, by name.
import { describe, expect, test } from 'vitest';
import { settingOf } from '../camera/setting.ts';
import type { Failure } from '../chance/conditions.ts';
import { judge, type Verdict } from '../chance/verdict.ts';
import { BOX, filmWith } from '../error/pairs.test.fixtures.ts';
import { troublesOf } from './troubles.ts';

const setting = settingOf(BOX, {});
if (!setting) throw new Error('no setting');
const plain = judge(
  { camera: BOX, film: filmWith(), light: { lv: 12.6, sdStops: 0.3 }, contrast: 'normal' },
  setting
);
const window = { ...plain.window, usable: { lo: -1, hi: 2 } };
/** Troubles of a verdict of which only what is given matters. */
const troubles = (more: Partial<Verdict>): readonly string[] =>
  troublesOf({ ...plain, window, sdStops: 0.4, ...more }).map((t) => t.trouble);
const exposure = (chance: number) => ({ kind: 'exposure', chance }) as const;

describe('troubles', () => {
  test('each condition has its own', () => {
    for (const [kind, trouble] of [
      ['lock', 'under'],
      ['hand', 'shake'],
      ['counted', 'shake'],
      ['subject', 'motion'],
      ['sync', 'sync'],
      ['focus', 'too-near']
    ] as const)
      expect(troubles({ pExposure: 1, factors: [exposure(1), { kind, chance: 0.2 }] })).toEqual([trouble]);
  });
  test('the worst first; what is likely to hold is left out, unless nothing else is wrong', () => {
    const factors = [
      exposure(0.9),
      { kind: 'hand', chance: 0.5 },
      { kind: 'subject', chance: 0.3 },
      { kind: 'focus', chance: 0.76 }
    ] as const;
    expect(troubles({ factors })).toEqual(['motion', 'shake']);
    expect(troublesOf({ ...plain, factors }).map((t) => t.chance)).toEqual([0.3, 0.5]);
    expect(troubles({ pExposure: 0.99, factors: [exposure(0.99), { kind: 'hand', chance: 0.95 }] })).toEqual([
      'shake'
    ]);
  });
  test('over and under by the aim, where a better aim would gain a tenth', () => {
    const at = (deltaStops: number, pExposure: number, aimStops = 0.5) =>
      troubles({ deltaStops, aimStops, pExposure, factors: [exposure(pExposure)] });
    // in the middle of −1…2 an error of 0.4 stop stays inside in 99.98 of a hundred
    expect([at(2, 0.5), at(-1, 0.5)]).toEqual([['over'], ['under']]);
    expect([at(2, 0.89), at(2, 0.91)]).toEqual([['over'], ['unsure']]);
    expect([at(0, 0.5, -0.5), at(0, 0.5)]).toEqual([['over'], ['under']]);
    // an error as wide as the window is not cured by its middle
    expect(
      troubles({ sdStops: 3, deltaStops: 0.5, aimStops: 0.4, pExposure: 0.35, factors: [exposure(0.35)] })
    ).toEqual(['unsure']);
  });
  test('too near or too far, as it was found', () => {
    const focus = (failures: readonly Failure[]) =>
      troubles({ pExposure: 1, failures, factors: [exposure(1), { kind: 'focus', chance: 0.2 }] });
    const shaken: Failure = { condition: 'hold', chance: 0.1, seconds: 1, limitSeconds: 0.1 };
    const far: Failure = { condition: 'too-far', chance: 0.2, subjectM: 9, farM: 5, focusMark: null };
    const near: Failure = { condition: 'too-near', chance: 0.2, subjectM: 1, nearM: 2, focusMark: null };
    expect([focus([shaken, far]), focus([shaken, near]), focus([])]).toEqual([
      ['too-far'],
      ['too-near'],
      ['too-near']
    ]);
  });
});
