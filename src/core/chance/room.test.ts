// How far the light may go: to where the chance passes a half.
import { describe, expect, test } from 'vitest';
import { BOX, filmWith, SCALES } from '../error/pairs.test.fixtures.ts';
import { settingOf, type Choice } from '../camera/setting.ts';
import type { Situation } from '../error/situation.ts';
import { roomOf } from './room.ts';
import { judge } from './verdict.ts';

const at = (camera: typeof BOX, lv: number, more: Partial<Situation> = {}): Situation => ({
  ...{ camera, film: filmWith({ iso: 100 }), light: { lv, sdStops: 0.35 }, contrast: 'normal' },
  support: 'standing',
  ...more
});
const verdictOf = (s: Situation, choice: Choice = {}) => {
  const setting = settingOf(s.camera, choice);
  if (!setting) throw new Error('no setting');
  return judge(s, setting);
};
const chanceAt = (s: Situation, by: number, choice: Choice = {}): number =>
  verdictOf({ ...s, light: { ...s.light, lv: s.light.lv + by } }, choice).pUsable;

describe('room', () => {
  test.each([11.2, 13, 14.5])('ends where the chance is a half: from LV %d', (lv) => {
    const s = at(BOX, lv);
    const { fallStops, riseStops } = roomOf(s, verdictOf(s)) ?? { fallStops: null, riseStops: null };
    if (fallStops === null || riseStops === null) throw new Error('no end');
    expect(chanceAt(s, -fallStops)).toBeCloseTo(0.5, 5);
    expect(chanceAt(s, riseStops)).toBeCloseTo(0.5, 5);
    expect(chanceAt(s, -fallStops - 0.01)).toBeLessThan(0.5);
    expect(chanceAt(s, riseStops + 0.01)).toBeLessThan(0.5);
    expect(fallStops).toBeGreaterThan(0);
    expect(riseStops).toBeGreaterThan(0);
  });
  test('what falls on one side is left on the other', () => {
    const [a, b] = [12, 13].map((lv) => roomOf(at(BOX, lv), verdictOf(at(BOX, lv))));
    expect((b?.fallStops ?? 0) - (a?.fallStops ?? 0)).toBeCloseTo(1, 5);
    expect((a?.riseStops ?? 0) - (b?.riseStops ?? 0)).toBeCloseTo(1, 5);
  });
  test('it is the room of the setting that was judged', () => {
    const s = at(SCALES, 12);
    const fall = (aperture: number, time: number): number | null | undefined => {
      const room = roomOf(s, verdictOf(s, { aperture, time }));
      return room === null ? undefined : room.fallStops;
    };
    // a stop smaller, or a stop shorter, leaves a stop less
    expect((fall(0, 2) ?? 0) - (fall(1, 2) ?? 0)).toBeCloseTo(1, 5);
    expect((fall(0, 2) ?? 0) - (fall(0, 1) ?? 0)).toBeCloseTo(1, 5);
    expect(fall(0, 2)).toBeGreaterThan(2);
    // four stops smaller it does not come out
    expect(fall(4, 2)).toBeUndefined();
  });
  test('none where the frame does not come out as it stands', () => {
    for (const lv of [2, 19]) expect(roomOf(at(BOX, lv), verdictOf(at(BOX, lv)))).toBeNull();
  });
  test('no end where more light than there is does no harm', () => {
    const timed: typeof BOX = {
      ...BOX,
      controls: BOX.controls.filter((c) => c.acts === 'aperture'),
      program: {
        ...{ kind: 'automatic-time', shortestSeconds: 1e-9, longestSeconds: 1 / 30, inLowLight: 'closes' },
        eye: { place: 'outside', believesIso: 100, angleDegrees: null }
      }
    };
    const s = at(timed, 14);
    const room = roomOf(s, verdictOf(s));
    expect(room?.riseStops).toBeNull();
    expect(chanceAt(s, -(room?.fallStops ?? 0))).toBeCloseTo(0.5, 5);
  });
});
