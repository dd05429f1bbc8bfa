import { describe, expect, test } from 'vitest';
import { outdoorsAt } from '#core/ways/choice-from-sun.ts';
import { cameraWith, filmWith, fixed, marked } from '#core/error/pairs.test.fixtures.ts';
import type { Pair } from '#core/log/pair.ts';
import { reachOfPair } from '../current-judge.ts';
import { guideRows, isNow } from './light-guide.ts';

const TOY = cameraWith([marked('aperture', [13, 9]), fixed('time', 'N', 1 / 90)]);
const pair: Pair = {
  ...{
    loadId: 'l',
    camera: TOY,
    film: filmWith({ iso: 200 }),
    framesTotal: 12,
    framesLeft: 7,
    nextNumber: 6
  },
  ...{ finished: false, present: {}, side: null, lastConditions: null, lastRemark: '', loadRevision: 1 },
  ...{ cameraRevision: 1, filmRevision: 1, firstNumber: 1, packFilter: null }
};
const reached = reachOfPair(pair, { sdStops: 0.35, contrast: 'normal' }, {}, {});
const rows = (school: 'shadow' | 'sky', outdoors: Parameters<typeof guideRows>[1]['outdoors'] = null) =>
  guideRows(reached, { school, outdoors, leftAt: {} });
const NOON = Date.UTC(2026, 5, 21, 12);
const WINTERLEY = { name: 'Winterley', latitude: 47.5, longitude: 0, zone: 'UTC' };

describe('the answer while nobody has told the light', () => {
  test('every clue of the school and two rooms, each with what to set in it', () => {
    expect(rows('shadow').map((r) => r.name)).toEqual([
      ...['Sharp edge', 'Soft edge', 'Barely there', 'No shadow', 'Under leaves', 'Deep shade'],
      ...['Beside a big window by day', 'Living room in the evening']
    ]);
    expect(rows('sky')[0]?.name).toBe('Clear sky');
  });
  // common practice, no source: a box or toy camera is an outdoor camera, its small hole for sun and its large one for cloud
  test('the small hole in sun, the large one under cloud, and little hope in a room', () => {
    const [sun, , , cloud] = rows('shadow');
    expect(sun?.verdict.setting.fNumber).toBe(13);
    expect(cloud?.verdict.setting.fNumber).toBe(9);
    expect(sun?.verdict.pUsable).toBeGreaterThan(0.9);
    expect(rows('shadow').at(-1)?.verdict.pUsable).toBeLessThan(0.1);
  });
  test('where a place is known, the light by the clock under any sky comes first', () => {
    const [first] = rows('shadow', outdoorsAt(WINTERLEY, NOON));
    expect(first?.name).toBe('Outdoors now at Winterley');
    expect(first?.light.lv).toBeGreaterThan(12);
    expect(first?.light.sdStops).toBeGreaterThan(0.8);
  });
  test('a light by the clock is of its place and its minutes', () => {
    const light = outdoorsAt(WINTERLEY, NOON);
    expect(isNow(light, WINTERLEY, NOON + 240_000)).toBe(true);
    expect(isNow(light, WINTERLEY, NOON + 360_000)).toBe(false);
    expect(isNow(light, { ...WINTERLEY, longitude: 9 }, NOON)).toBe(false);
    expect(isNow(light, null, NOON)).toBe(false);
    expect(isNow(null, WINTERLEY, NOON)).toBe(false);
  });
});
