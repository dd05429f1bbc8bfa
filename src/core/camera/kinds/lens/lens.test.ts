import { describe, expect, test } from 'vitest';
import { bestSetting } from '../../../advice/rank.ts';
import { judge } from '../../../chance/verdict.ts';
import { cameraWith, filmWith, marked } from '../../../error/pairs.test.fixtures.ts';
import type { Situation } from '../../../error/situation.ts';
import { cameraFaults } from '../../faults.ts';
import { allSettings, settingOf } from '../../setting.ts';
import type { LensControl } from './control.ts';

const LENSES: LensControl = {
  ...{ kind: 'lens', id: 'lens', label: 'lens', acts: 'lens' },
  lenses: [
    { mark: '50 mm', focalMm: 50, opens: null },
    { mark: '90 mm', focalMm: 90, opens: { widest: 5.6, smallest: 16 } }
  ]
};
const BODY = cameraWith([marked('aperture', [2.8, 5.6, 11, 22]), marked('time', [1 / 60, 1 / 250]), LENSES], {
  focalMm: 50,
  handHeldSeconds: null
});
const at = (lens: number, aperture: number, time = 0) => {
  const setting = settingOf(BODY, { aperture, time, lens });
  if (!setting) throw new Error('no setting');
  return setting;
};
const situation = (lv: number): Situation => ({
  ...{ camera: BODY, film: filmWith({}), light: { lv, sdStops: 0.3 }, contrast: 'normal' }
});

describe('several lenses on one body', () => {
  test('a lens opens no wider and closes no further than it can', () => {
    expect([0, 1, 2, 3].map((a) => at(1, a).fNumber)).toEqual([5.6, 5.6, 11, 16]);
    expect([0, 1, 2, 3].map((a) => at(0, a).fNumber)).toEqual([2.8, 5.6, 11, 22]);
  });
  test('advice leaves the lens that is on', () => {
    expect(allSettings(BODY, { lens: 1 })).toHaveLength(8);
    expect(allSettings(BODY, { lens: 1 }).every((s) => s.choice['lens'] === 1 && s.focalMm === 90)).toBe(
      true
    );
    expect(bestSetting(situation(11), { lens: 1 })?.setting.choice['lens']).toBe(1);
    expect(bestSetting(situation(11), {})?.setting.choice['lens']).toBe(0);
  });
  // the rule of one over the focal length (common practice, no source): a longer lens shakes more at one time
  test('the longer lens is harder to hold, and its rule is its own', () => {
    const hand = (lens: number) => {
      const { factors } = judge(situation(9), at(lens, 1, 0));
      return factors.find((f) => f.kind === 'hand')?.chance ?? 1;
    };
    expect(hand(1)).toBeLessThan(hand(0) - 0.05);
    const owned = { ...situation(9), camera: { ...BODY, handHeldSeconds: 1 / 30 } };
    const shakes = (lens: number) =>
      judge(owned, at(lens, 1)).factors.find((f) => f.kind === 'hand')?.chance ?? 1;
    expect(shakes(1)).toBeLessThan(shakes(0) - 0.01);
    const alone = { ...situation(9), camera: { ...BODY, focalMm: 90 } };
    expect(judge(situation(9), at(1, 1)).pUsable).toBeCloseTo(judge(alone, at(1, 1)).pUsable, 12);
  });
  test('a lens without a length, or that opens wider than it closes, is at fault', () => {
    const bad = (opens: { widest: number; smallest: number } | null, focalMm = 90) =>
      cameraFaults({
        ...BODY,
        controls: [...BODY.controls.slice(0, 2), { ...LENSES, lenses: [{ mark: 'x', focalMm, opens }] }]
      });
    expect(bad({ widest: 16, smallest: 5.6 })).toEqual([{ fault: 'bad-value', control: 'lens', mark: 'x' }]);
    expect(bad(null, 0)).toHaveLength(1);
    expect(bad({ widest: 5.6, smallest: 16 })).toEqual([]);
    expect(cameraFaults(BODY)).toEqual([]);
  });
});
