import { describe, expect, test } from 'vitest';
import { cameraWith, filmWith, fixed } from '../error/pairs.test.fixtures.ts';
import { readMarks } from '../camera/marks.ts';
import type { Control } from '../camera/kinds/controls.ts';
import type { ControlActs } from '../camera/position.ts';
import type { Situation } from '../error/situation.ts';
import type { AtHand } from './at-hand.ts';
import { purposeServed } from './purpose-served.ts';

const ring = (acts: ControlActs, text: string): Control => {
  const read = readMarks(acts, text);
  if (!read.ok) throw new Error(text);
  return { kind: 'marked', id: acts, label: acts, acts, shape: 'ring', positions: read.value };
};
const CAMERA = cameraWith([ring('aperture', '2.8 4 5.6 8 11 16'), ring('time', '1/30 1/60 1/125 1/500 B')]);
const BAG: AtHand = {
  ...{ films: [], flashes: [], course: [] },
  filters: [
    { name: 'Smoke 3', stops: 3 },
    { name: 'Smoke 6', stops: 6 },
    { name: 'Smoke 10', stops: 10 }
  ]
};
const served = (more: Partial<Situation>, atHand = BAG) => {
  const answer = purposeServed(
    {
      ...{ camera: CAMERA, film: { ...filmWith(), iso: 100 }, light: { lv: 14.64, sdStops: 0.35 } },
      ...{ contrast: 'normal', support: 'standing', ...more }
    },
    {},
    atHand
  );
  if (!answer) throw new Error('no answer');
  return answer;
};
const stopsOf = (answer: ReturnType<typeof served>): number =>
  answer.remedy.steps.reduce((sum, s) => sum + (s.kind === 'filter' ? s.filter.stops : 0), 0);

describe('a purpose with the filters of the bag', () => {
  // the trade's way to flowing water at noon: a strong grey filter and a counted time
  test('whole seconds in full sun: a strong filter, counted from four seconds to a minute', () => {
    const answer = served({ purpose: 'whole-seconds' });
    expect(stopsOf(answer)).toBeGreaterThanOrEqual(9);
    expect(answer.missing).toBeNull();
    const { setting, exposure } = answer.remedy.verdict;
    expect(setting.timedByHand).toBe(true);
    expect(exposure.seconds).toBeGreaterThanOrEqual(4);
    expect(exposure.seconds).toBeLessThanOrEqual(60);
  });
  test('two filters together where one is not enough', () => {
    const two = served({ purpose: 'whole-seconds' }, { ...BAG, filters: BAG.filters.slice(0, 2) });
    expect(two.remedy.steps).toHaveLength(2);
    expect(stopsOf(two)).toBe(9);
  });
  test('with no filter strong enough: how many stops are missing', () => {
    const { missing } = served({ purpose: 'light-trails' }, { ...BAG, filters: BAG.filters.slice(0, 1) });
    expect(missing?.missing).toBe('filter');
    expect(missing?.missing === 'filter' && missing.stops).toBeCloseTo(2, 1);
  });
  test('by hand: something to stand it on, whatever is in the bag', () => {
    expect(served({ purpose: 'whole-seconds', support: 'hand' }).missing).toEqual({ missing: 'support' });
  });
  test('a shutter without long times says so', () => {
    const camera = cameraWith([fixed('aperture', '8', 8), ring('time', '1/30 1/60 1/125')]);
    expect(served({ camera, purpose: 'light-trails' }).missing).toEqual({ missing: 'long-times' });
  });
  test('a blurred background in sun: a filter lets the lens be opened; where it is open already, none', () => {
    const sun = served({ purpose: 'blurred-background', film: { ...filmWith(), iso: 400 } });
    expect(stopsOf(sun)).toBeGreaterThan(0);
    expect(sun.remedy.verdict.exposure.fNumber).toBeCloseTo(2 ** 1.5, 2);
    const shade = served({ purpose: 'blurred-background', light: { lv: 10, sdStops: 0.3 } });
    expect(stopsOf(shade)).toBe(0);
  });
  test('a good frame and a stopped motion are not served by taking light away', () => {
    const ask = (purpose: 'good-frame' | 'stop-motion') =>
      purposeServed(
        {
          ...{ camera: CAMERA, film: filmWith(), light: { lv: 14, sdStops: 0.3 }, contrast: 'normal' },
          purpose
        },
        {},
        BAG
      );
    expect(ask('good-frame')).toBeNull();
    expect(ask('stop-motion')).toBeNull();
  });
});
