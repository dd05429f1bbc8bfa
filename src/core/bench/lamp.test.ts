// Lamps by hand sums: inverse square, mired.
import { describe, expect, test } from 'vitest';
import { mono } from '../error/panel.test.fixtures.ts';
import { cameraWith, fixed } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { fittingSpeeds } from '../advice/film-speeds.ts';
import { bestPlace, lampDistance, lampLv, lampPlaces, miredShift } from './lamp.ts';

const READ = { lv: 8, distanceM: 2 };

describe('a lamp read once', () => {
  test('twice as far it is two stops less, half as far two more', () => {
    expect(lampLv(READ, 4)).toBe(6);
    expect(lampLv(READ, 1)).toBe(10);
    expect(lampLv(READ, 2, 1.5)).toBe(6.5);
    expect(lampDistance(READ, 6)).toBe(4);
    expect(lampDistance(READ, lampLv(READ, 3.3))).toBeCloseTo(3.3, 9);
    expect(lampDistance(READ, 8, 2)).toBe(1);
    expect(() => lampLv(READ, 0)).toThrow(RangeError);
    expect(() => lampLv({ lv: 8, distanceM: -1 }, 1)).toThrow(RangeError);
  });
});

describe('a camera of one setting, f/8 and 1/100 on ISO 400, in a studio', () => {
  const camera = cameraWith([fixed('aperture', '8', 8), fixed('time', '1/100', 1 / 100)], {
    handHeldSeconds: null
  });
  const situation: Situation = {
    ...{ camera, film: { ...mono(400), kind: 'instant-bw' as const, belowStops: 2, aboveStops: 2 } },
    ...{ light: { lv: 0, sdStops: 0.2 }, contrast: 'normal', support: 'standing' }
  };
  const places = lampPlaces(situation, {}, READ, 0);
  test('the best place is where the lamp gives what the setting wants', () => {
    // f/8 and 1/100 are EV 12.64; on ISO 400 that is LV 10.64 (ISO 2720:1974): 8 + 2·log2(2/d), so d = 0.80 m
    const best = bestPlace(places);
    expect(best?.distanceM).toBeGreaterThan(0.62);
    expect(best?.distanceM).toBeLessThan(1.05);
    expect(best?.lv).toBeCloseTo(lampLv(READ, best?.distanceM ?? NaN), 9);
  });
  test('places go outwards, each darker than the one before', () => {
    for (const [i, p] of places.entries()) if (i > 0) expect(p.lv).toBeLessThan(places[i - 1]?.lv ?? 0);
    expect(bestPlace([])).toBeNull();
  });
  test('a reading of 1/60 where 1/100 is wanted asks for a faster film', () => {
    // common practice, no source: grid off, softbox closer, or faster film. f/8 1/60 at ISO 400 is LV 9.9: 0.7 stop short
    const short = { ...situation, light: { lv: Math.log2(64 * 60) - 2, sdStops: 0.2 } };
    const right = { ...situation, light: { lv: Math.log2(64 * 100) - 2, sdStops: 0.2 } };
    const [a, b] = [fittingSpeeds(short, {}), fittingSpeeds(right, {})];
    // two thirds of a stop
    expect(Math.log2((a?.centred ?? 0) / (b?.centred ?? 1))).toBeCloseTo(2 / 3, 1);
  });
});

test('daylight film under a 3200 K lamp wants −131 mired; tungsten film by daylight +131', () => {
  // 10⁶/5500 = 182, 10⁶/3200 = 312.5 (handbooks of the trade: 80A is −131, 85B is +131; from memory)
  expect(miredShift('daylight', 3200)).toBeCloseTo(-131, 0);
  expect(miredShift('tungsten', 5500)).toBeCloseTo(131, 0);
  expect(miredShift('daylight', 5500)).toBeCloseTo(0, 9);
  expect(miredShift('panchromatic', 3200)).toBeNull();
});
