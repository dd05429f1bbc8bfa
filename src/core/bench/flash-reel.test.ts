// Flash at its powers and guide-number tests; reels. Against worked sums.
import { describe, expect, test } from 'vitest';
import { METERLESS, mono } from '../error/panel.test.fixtures.ts';
import { allSettings } from '../camera/setting.ts';
import type { FlashUnit } from '../camera/traits.ts';
import type { Situation } from '../error/situation.ts';
import { behindStops, fired, guideNumberFrom, powerRows, powersFor } from './flash-table.ts';
import {
  counterProblem,
  feetOf,
  pictureSeconds,
  reelPlan,
  secondsOf,
  secondsRun,
  type Reel
} from './reel.ts';

const UNIT: FlashUnit = {
  name: 'small',
  guideNumber: 16,
  powers: [3, 0, 1, 2, 4],
  seconds: 1 / 1000,
  angleDegrees: null
};
const room: Situation = {
  ...{ camera: METERLESS, film: mono(400), light: { lv: 4, sdStops: 0.5 }, contrast: 'normal' },
  support: 'hand'
};

describe('a flash at its powers', () => {
  // f/8 and 1/60 in the dark: what there is, is the flash
  const dark = { ...room, light: { lv: -2, sdStops: 0.5 } };
  const setting = allSettings(METERLESS, {}).find(
    (s) => Math.abs((s.fNumber ?? 0) - 8) < 0.1 && Math.abs(Math.log2((s.seconds ?? 1) * 64)) < 0.1
  );
  if (!setting) throw new Error('no setting');
  test('each power less reaches less far, full first, by the square root', () => {
    const rows = powerRows(dark, setting, UNIT, 0);
    expect(rows.map((r) => r.use.powerStops)).toEqual([0, 1, 2, 3, 4]);
    const far = rows.map((r) => r.range?.toM ?? 0);
    // steps of a sixth of an octave: two powers lie two to four of them apart
    far.slice(1).forEach((m, i) => expect(Math.abs(Math.log2((far[i] ?? 0) / m) - 0.5)).toBeLessThan(0.18));
    // GN 16 at f/8 on ISO 400 is right at 4 m: it reaches further than that, and a negative nearer too
    expect(rows[0]?.range?.fromM).toBeLessThan(4);
    expect(rows[0]?.range?.toM).toBeGreaterThan(4);
  });
  test('a diffuser of two stops halves the reach', () => {
    // inverse square: two stops are half the distance
    const [bare] = powerRows(dark, setting, UNIT, 0);
    const [soft] = powerRows(dark, setting, UNIT, 2);
    expect(Math.abs(Math.log2((bare?.range?.toM ?? 0) / (soft?.range?.toM ?? 1)) - 1)).toBeLessThan(0.18);
  });
  test('near by the best power is a weak one, far away the full one', () => {
    const best = (m: number) => powersFor(room, {}, UNIT, 0, m)[0]?.use.powerStops;
    expect(best(9)).toBe(0);
    const near = powersFor(room, {}, UNIT, 0, 1);
    expect(near).toHaveLength(5);
    const chances = near.map((w) => w.verdict.pUsable);
    expect(chances).toEqual([...chances].sort((a, b) => b - a));
    expect(fired(room, { unit: UNIT, powerStops: 1, lossStops: 0 }, 3).circumstances).toMatchObject({
      subjectM: 3,
      flash: { kind: 'fired', powerStops: 1 }
    });
  });
});

describe('the wall behind', () => {
  test.each([
    // in the dark two stops for every doubling
    [{ stops: 0, ambientStops: -20 }, 2, 4, -2],
    [{ stops: 0, ambientStops: -20 }, 2, 8, -4],
    [{ stops: 1, ambientStops: -20 }, 2, 2, 0],
    // as much of either light: half of it stays, and a quarter of the other half: log2(5/8)
    [{ stops: 0, ambientStops: 0 }, 2, 4, Math.log2(5 / 8)],
    // lamps that outshine the flash light the wall as they light the subject
    [{ stops: -9, ambientStops: 0 }, 2, 4, 0]
  ])('%o at %d m, the wall at %d m', (flash, subjectM, wallM, stops) =>
    expect(behindStops(flash, subjectM, wallM)).toBeCloseTo(stops, 2)
  );
});

describe('a guide-number test', () => {
  test('f/8 at 2 m on ISO 100, right: guide number 16', () => {
    expect(guideNumberFrom([{ distanceM: 2, fNumber: 8, outStops: 0 }], 100)).toEqual({
      guideNumber: 16,
      spreadStops: null
    });
  });
  test('two stops light says twice the number; ISO 400 halves what it comes to', () => {
    expect(guideNumberFrom([{ distanceM: 2, fNumber: 8, outStops: 2 }], 100).guideNumber).toBeCloseTo(32, 9);
    expect(guideNumberFrom([{ distanceM: 2, fNumber: 8, outStops: 0 }], 400).guideNumber).toBeCloseTo(8, 9);
  });
  test('three frames are taken together', () => {
    const frames = [-1, 0, 1].map((outStops) => ({ distanceM: 2, fNumber: 8, outStops }));
    const { guideNumber, spreadStops } = guideNumberFrom(frames, 100);
    expect(guideNumber).toBeCloseTo(16, 9);
    expect(spreadStops).toBeCloseTo(1, 9);
    expect(() => guideNumberFrom([], 100)).toThrow(RangeError);
  });
});

describe('a reel', () => {
  const reel: Reel = { gauge: 'double-run-8', feet: 25, framesPerSecond: 16 };
  test('25 feet of 8 mm at 16 pictures a second run 125 s a side', () => {
    // common practice, no source: two minutes and five seconds a side
    expect(secondsOf(25, reel)).toBe(125);
    // 50 feet of super 8 at 18 run 200 s; 100 feet of 16 mm at 24 run 2 min 47 s
    expect(secondsOf(50, { gauge: 'super-8', framesPerSecond: 18 })).toBe(200);
    expect(secondsOf(100, { gauge: '16', framesPerSecond: 24 })).toBeCloseTo(166.7, 1);
    expect(feetOf(125, reel)).toBe(25);
  });
  test('half a turn open at 16 a second is 1/32 s', () =>
    expect(pictureSeconds(180, 16)).toBeCloseTo(1 / 32, 9));
  test('shots run the counter down, with what is run off between them', () => {
    const plan = reelPlan(reel, 10, [10, 20], 1);
    expect(plan.leftSeconds).toBe(50);
    expect(plan.leftFrames).toBe(800);
    expect(plan.shots.map((s) => s.counterFeet)).toEqual([8, 3]);
    expect(plan.overSeconds).toBe(15);
    expect(reelPlan(reel, 2, [20]).overSeconds).toBe(-10);
  });
  test('what each shot ran, by the counter after it', () => {
    // from 25 feet: 2 feet are 10 s, 5 are 25, nothing is nothing
    expect(secondsRun(reel, [23, 18, 18])).toEqual([10, 25, 0]);
    expect(secondsRun(reel, [])).toEqual([]);
  });
  test('a counter stands between full and empty', () => {
    expect(counterProblem(reel, 25)).toBeNull();
    expect(counterProblem(reel, 0)).toBeNull();
    expect(counterProblem(reel, 26)).toBe('above-full');
    expect(counterProblem(reel, -1)).toBe('below-empty');
  });
});
