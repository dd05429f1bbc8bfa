import { describe, expect, test } from 'vitest';
import { sunAndMoonAt } from './position.ts';
import { sunOver } from './sun-course.ts';

describe('the sun through many days', () => {
  test.each([
    ['Lisbon', 38.72, -9.14],
    ['Tromsø', 69.65, 18.96],
    ['Sydney', -33.87, 151.21],
    ['the pole', 90, 0]
  ])('stands where it stands one by one, to a hundredth of a degree: %s', (_, latitude, longitude) => {
    const sun = sunOver({ latitude, longitude });
    const start = Date.parse('2026-01-01T00:00:00Z');
    // 7 h 13 min apart: every hour of the day, and the turn of right ascension at the March equinox
    for (let ms = start; ms < start + 370 * 86_400_000; ms += 433 * 60_000) {
      const exact = sunAndMoonAt(ms, { latitude, longitude }).sun;
      const quick = sun(ms);
      expect(Math.abs(quick.altitude - exact.altitude)).toBeLessThan(0.01);
      const turn = Math.abs(quick.azimuth - exact.azimuth);
      const near = Math.min(turn, 360 - turn) * Math.cos((exact.altitude * Math.PI) / 180);
      expect(near).toBeLessThan(0.01);
    }
  });
});

test('asked in any order it answers as one that was asked nothing before', () => {
  const place = { latitude: 51.5, longitude: 7.5 };
  const sun = sunOver(place);
  const start = Date.parse('2026-03-20T00:00:00Z');
  // to and fro over two days, from one stretch of six hours into others, and at their ends
  const hours = [3, 30, 6, 5.9, 12, 0, 47, 18, 17.99, 24, 1];
  for (const hour of hours) {
    const ms = start + hour * 3_600_000;
    const [told, fresh] = [sun(ms), sunOver(place)(ms)];
    expect(told.altitude, `${hour} h`).toBeCloseTo(fresh.altitude, 6);
    expect(told.azimuth, `${hour} h`).toBeCloseTo(fresh.azimuth, 6);
  }
});
