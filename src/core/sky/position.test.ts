import { julian, planetposition, sidereal, solar } from 'astronomia';
import astronomiaData from 'astronomia/data';
import { describe, expect, test } from 'vitest';
import { sunAndMoonAt, type Direction, type Place } from './position.ts';

const RADIANS = Math.PI / 180;
const earth = new planetposition.Planet(astronomiaData.vsop87Bearth);

/** The sun by J. Meeus, Astronomical Algorithms (2nd ed. 1998), ch. 25, 12 and 13, as in the library astronomia. */
function meeusSun(date: Date, { latitude, longitude }: Place): Direction {
  const { ra, dec } = solar.apparentEquatorialVSOP87(earth, julian.DateToJDE(date));
  const siderealRadians = (sidereal.apparent(julian.DateToJD(date)) / 240) * RADIANS;
  const hour = siderealRadians + longitude * RADIANS - ra;
  const lat = latitude * RADIANS;
  const altitude = Math.asin(Math.sin(lat) * Math.sin(dec) + Math.cos(lat) * Math.cos(dec) * Math.cos(hour));
  const azimuth = Math.atan2(Math.sin(hour), Math.cos(hour) * Math.sin(lat) - Math.tan(dec) * Math.cos(lat));
  return { altitude: altitude / RADIANS, azimuth: (azimuth / RADIANS + 540) % 360 };
}

const apart = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);

describe('the sun against a second library, airless, over a year', () => {
  test.each([-68, -33, 0, 41, 60])('latitude %d: within 0.02°', (latitude) => {
    const place = { latitude, longitude: -28.5 };
    let worst = 0;
    let seen = 0;
    for (let hour = 0; hour < 8760; hour += 37) {
      const date = new Date(Date.UTC(2026, 0, 1, hour, 11));
      const mine = sunAndMoonAt(date.getTime(), place).sun;
      const theirs = meeusSun(date, place);
      if (theirs.altitude < 0) continue;
      seen += 1;
      const sideways = apart(mine.azimuth, theirs.azimuth) * Math.cos(theirs.altitude * RADIANS);
      worst = Math.max(worst, Math.abs(mine.altitude - theirs.altitude), sideways);
    }
    expect(seen).toBeGreaterThan(80);
    expect(worst).toBeLessThanOrEqual(0.02);
  });
  test.each([1900, 1950, 2050, 2100])('the year %d too', (year) => {
    const date = new Date(Date.UTC(year, 5, 20, 14, 0));
    const place = { latitude: 45, longitude: 10 };
    expect(sunAndMoonAt(date.getTime(), place).sun.altitude).toBeCloseTo(meeusSun(date, place).altitude, 1);
  });
});

// Total solar eclipse of 2026 August 12, greatest at 17:46 UT near 65.2° N 25.2° W; total lunar eclipse of 2026 March 3,
// greatest at 11:34 UT. F. Espenak, NASA eclipse predictions. From memory.
test('sun and moon cover each other when they are known to, and the eclipsed moon is full', () => {
  const eclipse = sunAndMoonAt(Date.UTC(2026, 7, 12, 17, 46), { latitude: 65.2, longitude: -25.2 });
  expect(Math.abs(eclipse.sun.altitude - eclipse.moon.altitude)).toBeLessThan(0.2);
  expect(eclipse.moonPhaseAngle).toBeGreaterThan(178);
  const lunar = sunAndMoonAt(Date.UTC(2026, 2, 3, 11, 34), { latitude: 0, longitude: -170 });
  expect(lunar.moonPhaseAngle).toBeLessThan(1.5);
});

test.each([
  [{ latitude: 91, longitude: 0 }, 'latitude must be −90…90 degrees, got 91'],
  [{ latitude: NaN, longitude: 0 }, 'latitude must be'],
  [{ latitude: 0, longitude: 181 }, 'longitude must be −180…180 degrees, got 181']
])('%o is not on the earth', (place, words) => expect(() => sunAndMoonAt(0, place)).toThrow(words));
