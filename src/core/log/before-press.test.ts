import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import { PLAIN } from '../error/circumstances.ts';
import { cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { bestSetting } from '../advice/rank.ts';
import type { Conditions } from '../error/situation.ts';
import { pressChecks } from './before-press.ts';

const camera: Camera = {
  ...cameraWith([fixed('aperture', 'f/10', 10), marked('compensation', [-1, 0, 1])]),
  program: {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 1000, longestSeconds: 8, inLowLight: 'closes' },
    eye: { place: 'outside', believesIso: 400, angleDegrees: null }
  },
  checks: ['cock the shutter']
};
const verdict = bestSetting(
  { camera, film: filmWith({ iso: 400 }), light: { lv: 12, sdStops: 0.3 }, contrast: 'normal' },
  {}
);
const checks = (
  present: Record<string, number>,
  now: Conditions = {},
  last: Conditions | null = null,
  of = camera
) => {
  if (!verdict) throw new Error('no verdict');
  return pressChecks(of, verdict, present, now, last).map((c) => c.check);
};
const wanted = verdict?.setting.choice['compensation'] ?? 0;
const grey = { name: 'Smoke', stops: 2, place: 'lens' } as const;

// common practice, no source: the usual ways to lose a frame on a camera that sets itself
describe('before each press', () => {
  test('nothing but the owner’s own words when all stands as it should', () =>
    expect(checks({ compensation: wanted })).toEqual(['own']));
  test('a filter that belongs on the pack comes first, and what was noticed on the last film', () => {
    if (!verdict) throw new Error('no verdict');
    const load = { packFilter: { name: 'Smoke', stops: 2, on: false }, lastRemark: 'a noise while winding' };
    const kinds = pressChecks(camera, verdict, {}, {}, null, load).map((c) => c.check);
    expect(kinds).toEqual(['pack-filter', 'remark', 'own']);
    const laid = { ...load, packFilter: { ...load.packFilter, on: true } };
    expect(pressChecks(camera, verdict, {}, {}, null, laid).map((c) => c.check)).toEqual(['remark', 'own']);
  });
  test('lighten–darken left by the last frame', () =>
    expect(checks({ compensation: (wanted + 1) % 3 })).toEqual(['compensation-left', 'own']));
  test('where nothing is known of the controls, nothing is claimed', () =>
    expect(checks({})).toEqual(['own']));
  test('a filter of the last frame that should come off, and one that should go on', () => {
    const on: Conditions = { circumstances: { ...PLAIN, filters: [grey] } };
    expect(checks({ compensation: wanted }, {}, on)).toEqual(['filter-on', 'own']);
    expect(checks({ compensation: wanted }, on, {})).toEqual(['filter-gone', 'own']);
    expect(checks({ compensation: wanted }, on, on)).toEqual(['own']);
  });
  test('two alike are one line, and what lies on the pack is none', () => {
    const two: Conditions = { circumstances: { ...PLAIN, filters: [grey, grey] } };
    expect(checks({ compensation: wanted }, two, {})).toEqual(['filter-gone', 'own']);
    const pack: Conditions = { circumstances: { ...PLAIN, filters: [{ ...grey, place: 'pack' }] } };
    expect(checks({ compensation: wanted }, pack, {})).toEqual(['own']);
    expect(checks({ compensation: wanted }, {}, pack)).toEqual(['own']);
  });
  test('the eye in other light, and a flash to wait for', () => {
    const now: Conditions = {
      circumstances: {
        ...{ ...PLAIN, eyeOffsetStops: -1.5 },
        flash: {
          ...{ kind: 'fired', powerStops: 0, lossStops: 0 },
          unit: { name: '', guideNumber: 10, powers: [0], seconds: 0.001, angleDegrees: null }
        }
      }
    };
    expect(checks({ compensation: wanted }, now)).toEqual(['eye-elsewhere', 'flash-ready', 'own']);
  });
  test('what the log tells comes first, then all of the owner’s own in their order', () => {
    const many = { ...camera, checks: ['a', 'b', 'c', 'd', 'e'] };
    expect(checks({ compensation: (wanted + 1) % 3 }, {}, null, many)).toEqual([
      ...['compensation-left', 'own', 'own', 'own', 'own', 'own']
    ]);
  });
});

describe('filters are told apart by name and strength', () => {
  const strong = { ...grey, stops: 3 };
  const other = { ...grey, name: 'Dusk' };
  const withFilters = (...filters: readonly (typeof grey | typeof strong | typeof other)[]): Conditions => ({
    circumstances: { ...PLAIN, filters }
  });
  const told = (now: Conditions, last: Conditions | null): readonly string[] =>
    verdict
      ? pressChecks(camera, verdict, { compensation: wanted }, now, last).flatMap((c) =>
          c.check === 'filter-on' || c.check === 'filter-gone' ? [`${c.check} ${c.name} ${c.stops}`] : []
        )
      : [];
  test('the same one left on is no news', () =>
    expect(told(withFilters(grey), withFilters(grey))).toEqual([]));
  test('another strength of the same name comes off and goes on', () =>
    expect(told(withFilters(strong), withFilters(grey))).toEqual([
      'filter-on Smoke 2',
      'filter-gone Smoke 3'
    ]));
  test('another name of the same strength comes off and goes on', () =>
    expect(told(withFilters(other), withFilters(grey))).toEqual(['filter-on Smoke 2', 'filter-gone Dusk 2']));
  test('one that is noted twice is told once, two that differ are both told', () => {
    expect(told({}, withFilters(grey, grey))).toEqual(['filter-on Smoke 2']);
    expect(told({}, withFilters(grey, strong))).toEqual(['filter-on Smoke 2', 'filter-on Smoke 3']);
    expect(told({}, withFilters(grey, other))).toEqual(['filter-on Smoke 2', 'filter-on Dusk 2']);
  });
  test('an eye three quarters of a stop off the subject is worth a line, less is not', () => {
    const eyeOff = (eyeOffsetStops: number): Conditions => ({ circumstances: { ...PLAIN, eyeOffsetStops } });
    expect(checks({ compensation: wanted }, eyeOff(0.75))).toContain('eye-elsewhere');
    expect(checks({ compensation: wanted }, eyeOff(-0.74))).not.toContain('eye-elsewhere');
  });
});
