import fc from 'fast-check';
import { getTimes } from 'suncalc';
import { describe, expect, test } from 'vitest';
import { lightCourse, skyEvents, whenLightPasses, type SkyEventKind } from './events.ts';
import type { SkyScene } from './sky-scene.ts';

const DAY = 86_400_000;
const clear = (): SkyScene => ({ sky: 'clear', facing: 'front', ground: 'ground' });
const months = Array.from({ length: 12 }, (_, month) => month);

/** Our event of a kind that lies nearest to a moment, within half a day. */
function nearest(kind: SkyEventKind, ms: number, latitude: number, longitude: number): number | null {
  const events = skyEvents(ms - DAY / 2, ms + DAY / 2, { latitude, longitude }).filter(
    (e) => e.kind === kind
  );
  const times = events.map((e) => e.ms).sort((a, b) => Math.abs(a - ms) - Math.abs(b - ms));
  return times[0] ?? null;
}

describe('rising and setting against a second library (suncalc)', () => {
  test.each([-60, -45, -23, 0, 15, 38, 52, 60])('latitude %d: within a minute', (latitude) => {
    for (const month of months) {
      const times = getTimes(new Date(Date.UTC(2026, month, 15, 12)), latitude, -28.5);
      for (const kind of ['sunrise', 'sunset'] as const) {
        const theirs = times[kind]?.getTime() ?? NaN;
        const mine = nearest(kind, theirs, latitude, -28.5);
        expect(Math.abs((mine ?? NaN) - theirs) / 60_000, `${kind} ${month + 1}`).toBeLessThanOrEqual(1);
      }
    }
  });
  test.each([-78, 66, 70, 80])('latitude %d: the same yes or no, and within five minutes', (latitude) => {
    for (const month of months) {
      const noon = Date.UTC(2026, month, 10, 13, 54);
      const times = getTimes(new Date(noon), latitude, -28.5);
      for (const kind of ['sunrise', 'sunset'] as const) {
        const theirs = times[kind]?.getTime() ?? null;
        const mine = nearest(kind, theirs ?? noon, latitude, -28.5);
        expect(mine !== null, `${kind} ${month + 1}`).toBe(theirs !== null);
        if (mine !== null && theirs !== null) {
          expect(Math.abs(mine - theirs) / 60_000, `${kind} ${month + 1}`).toBeLessThanOrEqual(5);
        }
      }
    }
  });
});

describe('a day of light', () => {
  const place = { latitude: 47.5, longitude: -28 };
  const noon = Date.UTC(2026, 8, 21, 13, 50);
  test('events come in the order of a day at the middle latitudes', () =>
    expect(
      skyEvents(noon - DAY / 2, noon + DAY / 2, place)
        .map((e) => e.kind)
        .filter((k) => !k.startsWith('moon'))
    ).toEqual([
      ...['astronomical-dawn', 'nautical-dawn', 'civil-dawn', 'sunrise'],
      ...['sunset', 'civil-dusk', 'nautical-dusk', 'astronomical-dusk']
    ]));
  test('polar day has no sunset, polar night no sunrise', () => {
    const north = { latitude: 80, longitude: 0 };
    const sun = (ms: number) =>
      skyEvents(ms, ms + DAY, north).filter((e) => e.kind === 'sunrise' || e.kind === 'sunset');
    expect(sun(Date.UTC(2026, 5, 21))).toEqual([]);
    expect(sun(Date.UTC(2026, 11, 21))).toEqual([]);
  });
  test('where the course passes a value is where the light has that value', () => {
    const range = { fromMs: noon, toMs: noon + DAY / 2 };
    const at = whenLightPasses(8, range, place, clear);
    expect(at).not.toBeNull();
    const [point] = lightCourse({ fromMs: at ?? 0, toMs: at ?? 0, stepMs: 60_000 }, place, clear);
    expect(point?.lv).toBeCloseTo(8, 1);
    expect(whenLightPasses(17.5, range, place, clear)).toBeNull();
  });
  test('no place, day or sky gives anything but a light on the scale', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.integer({ min: Date.UTC(1900, 0, 1), max: Date.UTC(2100, 11, 31) }),
        fc.constantFrom('clear', 'partly', 'cloudy'),
        fc.constantFrom('front', 'side', 'back', 'shaded-side', 'open-shade'),
        fc.constantFrom('ground', 'sand', 'snow'),
        (latitude, longitude, ms, sky, facing, ground) => {
          const range = { fromMs: ms, toMs: ms, stepMs: 1 };
          const [point] = lightCourse(range, { latitude, longitude }, () => ({ sky, facing, ground }));
          expect(point?.lv).toBeGreaterThanOrEqual(-8);
          expect(point?.lv).toBeLessThanOrEqual(18);
        }
      ),
      { seed: 20260921, numRuns: 300 }
    ));
});
