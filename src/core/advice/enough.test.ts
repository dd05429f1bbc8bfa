import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import { enoughForToday } from './enough.ts';
import { bestSetting } from './rank.ts';
import { flashRange } from './flash-range.ts';
import { BOX, cameraWith, filmWith, fixed, SLIDE } from '../error/pairs.test.fixtures.ts';
import { PLAIN } from '../error/circumstances.ts';
import type { Situation } from '../error/situation.ts';

const HOUR = 3_600_000;
const evening = [12, 10, 8, 6].map((lv, i) => ({ ms: (i + 1) * HOUR, lv, sdStops: 0.3 }));
const at = (lv: number): Situation => ({
  camera: BOX,
  film: SLIDE,
  light: { lv, sdStops: 0.3 },
  contrast: 'normal'
});

describe('enough for today', () => {
  // the box gives f/16 at 1/25: ISO 100 slide film is right at about LV 12.6
  test('it works until the light has fallen too far, to the minute', () => {
    const enough = enoughForToday(at(12.6), {}, evening, 0.5);
    const untilMs = enough?.kind === 'works' ? (enough.untilMs ?? 0) : 0;
    expect(untilMs).toBeGreaterThan(HOUR);
    expect(untilMs).toBeLessThan(2 * HOUR);
    // between the first two points the light falls two stops in an hour
    const chanceAt = (ms: number) => bestSetting(at(12 - (2 * (ms - HOUR)) / HOUR), {})?.pUsable ?? 0;
    expect(chanceAt(untilMs)).toBeGreaterThanOrEqual(0.5);
    expect(chanceAt(untilMs + 60_000)).toBeLessThan(0.5);
  });
  test('below the wanted chance it says stop, and when it would be good again', () => {
    expect(enoughForToday(at(9), {}, evening.slice(1), 0.5)).toMatchObject({ kind: 'stop', againMs: null });
    expect(enoughForToday(at(15.5), {}, evening, 0.5)).toMatchObject({ kind: 'stop', againMs: HOUR });
  });
  test('where nothing is known of what comes, it only tells about now', () =>
    expect(enoughForToday(at(12.6), {}, [], 0.5)).toEqual({ kind: 'works', untilMs: null }));
});

// ISO 1230: guide number = aperture × distance. Guide number 16 in metres at ISO 100 on ISO 400 film at f/8 centres at 4 m.
test('a flash works around guide number over aperture, and nowhere without one that reaches', () => {
  const camera: Camera = {
    ...cameraWith([fixed('aperture', 'f/8', 8), fixed('time', '1/60', 1 / 60)]),
    focusing: { kind: 'fixed', atM: null, sharpFromM: 1 }
  };
  const unit = { name: '', guideNumber: 16, powers: [0], seconds: 1 / 1000, angleDegrees: null };
  const flash = { kind: 'fired', unit, powerStops: 0, lossStops: 0 } as const;
  const dark: Situation = {
    ...{ camera, film: filmWith({ iso: 400, kind: 'reversal', belowStops: 3, aboveStops: 2.5 }) },
    ...{ light: { lv: 2, sdStops: 0.3 }, contrast: 'normal', support: 'standing' },
    circumstances: { ...PLAIN, flash }
  };
  const range = flashRange(dark, {});
  expect(range?.fromM).toBeLessThan(4);
  expect(range?.toM).toBeGreaterThan(4);
  expect(range?.toM).toBeLessThan(7);
  expect(flashRange({ ...dark, circumstances: PLAIN }, {})).toBeNull();
});
