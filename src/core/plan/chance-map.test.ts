import { describe, expect, test } from 'vitest';
import { INSTANT_160, INSTANT_800, METERLESS, TWIN, mono } from '../error/panel.test.fixtures.ts';
import { atHandFrom } from '../advice/at-hand.ts';
import type { Camera } from '../camera/camera.ts';
import type { Film } from '../film/film.ts';
import { SKIES } from '../sky/sky-scene.ts';
import { chanceMap, EVEN_SKIES, filmWorth, type ChanceMap, type MapDays } from './chance-map.ts';
import { lightUnderSky, type PlanDay } from './day-light.ts';
import { servingAt, type PlanPair } from './serving.ts';

const pairOf = (camera: Camera, film: Film): PlanPair => ({
  situation: { camera, film, light: { lv: 0, sdStops: 0 }, contrast: 'normal' },
  ...{ present: {}, atHand: { ...atHandFrom([], []), filters: [] }, leastChance: 0.5 }
});
const LISBON = { name: 'Quay', latitude: 38.72, longitude: -9.14, zone: 'Europe/Lisbon' };
const span = (more: Partial<MapDays> = {}): MapDays => ({
  ...{ place: LISBON, from: '2026-09-01', days: 3, facing: 'front', ground: 'ground', lamps: null },
  ...{ skies: EVEN_SKIES, support: 'hand' },
  ...more
});
function mapOf(pairs: readonly PlanPair[], days: MapDays): ChanceMap {
  const steps = chanceMap(pairs, days);
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
  }
}

describe('the chance by day and hour', () => {
  test('agrees with the engine asked quarter by quarter', () => {
    const pair = pairOf(METERLESS, mono(100));
    const days = span({ days: 1 });
    const [chances] = mapOf([pair], days).chances;
    const day: PlanDay = {
      ...{ place: LISBON, fromMs: 0, toMs: 1, sky: 'unsaid', facing: 'front', ground: 'ground' },
      ...{ lamps: null, shadeFromMs: null }
    };
    for (const hour of [0, 6, 7, 9, 13, 19, 20]) {
      let sum = 0;
      for (let q = 0; q < 4; q++)
        for (const sky of SKIES) {
          // summer time in Lisbon is UTC + 1
          const ms = Date.parse('2026-08-31T23:00:00Z') + (hour * 4 + q) * 15 * 60_000;
          sum += servingAt(pair, lightUnderSky(day, sky)(ms), 'hand')?.verdict.pUsable ?? 0;
        }
      expect(Math.abs((chances?.[hour] ?? NaN) - sum / 12), `${hour} h`).toBeLessThan(0.03);
    }
  });

  test('an hour that the clocks skip has no chance, one that they show twice has one', () => {
    const pair = pairOf(TWIN, INSTANT_800);
    const [spring] = mapOf([pair], span({ from: '2026-03-29', days: 1 })).chances;
    expect([...(spring ?? [])].map((c) => Number.isNaN(c)).indexOf(true)).toBe(1);
    const [autumn] = mapOf([pair], span({ from: '2026-10-25', days: 1 })).chances;
    expect([...(autumn ?? [])].some((c) => Number.isNaN(c))).toBe(false);
  });

  test('where the sun does not rise nothing comes out in the hand; where it does not set, at midnight too', () => {
    const north = { ...LISBON, latitude: 78.2, longitude: 15.6, zone: 'Arctic/Longyearbyen' };
    const pair = pairOf(TWIN, INSTANT_800);
    const [winter] = mapOf([pair], span({ place: north, from: '2026-12-20', days: 1 })).chances;
    expect(Math.max(...(winter ?? [1]))).toBeLessThan(0.05);
    const [summer] = mapOf([pair], span({ place: north, from: '2026-06-20', days: 1 })).chances;
    expect(Math.min(...(summer ?? [0]))).toBeGreaterThan(0.5);
  });

  test('lamps hold the night up, and a sky that is not to be expected counts for nothing', () => {
    const pair = pairOf(TWIN, INSTANT_800);
    const lamps = { lv: 7, contrast: 'hard' } as const;
    const dark = mapOf([pair], span({ days: 1 })).chances[0]?.[1] ?? NaN;
    const lit = mapOf([pair], span({ days: 1, lamps })).chances[0]?.[1] ?? NaN;
    expect(lit).toBeGreaterThan(dark + 0.3);
    const full = pairOf(METERLESS, mono(100));
    const noon = (skies: MapDays['skies']) => mapOf([full], span({ days: 1, skies })).chances[0]?.[18] ?? NaN;
    const [clear, cloudy] = [
      noon({ clear: 1, partly: 0, cloudy: 0 }),
      noon({ clear: 0, partly: 0, cloudy: 1 })
    ];
    const half = noon({ clear: 0.5, partly: 0, cloudy: 0.5 });
    expect(half).toBeCloseTo((clear + cloudy) / 2, 5);
  });

  test('dates go on over the end of a month', () => {
    const { dates } = mapOf([pairOf(TWIN, INSTANT_160)], span({ from: '2026-10-24', days: 9 }));
    expect(dates).toEqual([
      ...['2026-10-24', '2026-10-25', '2026-10-26', '2026-10-27', '2026-10-28', '2026-10-29'],
      ...['2026-10-30', '2026-10-31', '2026-11-01']
    ]);
  });
});

describe('what a film brings', () => {
  const chances = new Float32Array(48).map((_, i) => (i % 24 >= 8 && i % 24 < 16 ? 0.8 : 0.2));
  test('keepers and their cost over the hours one is out', () => {
    const worth = filmWorth(chances, [8, 20], { frames: 10, price: 12 }, 0.5);
    expect(worth.chance).toBeCloseTo(0.6, 6);
    expect(worth.hoursThatWork).toBeCloseTo(2 / 3, 6);
    expect(worth.keepers).toBeCloseTo(6, 5);
    expect(worth.costPerKeeper).toBeCloseTo(2, 5);
  });
  test('over midnight, without a price, and with nothing that comes out', () => {
    expect(filmWorth(chances, [20, 4], { frames: 8, price: null }, 0.5)).toMatchObject({
      hoursThatWork: 0,
      costPerKeeper: null
    });
    expect(filmWorth(new Float32Array(24), [0, 24], { frames: 8, price: 9 }, 0.5).costPerKeeper).toBeNull();
    expect(filmWorth(new Float32Array(0), [0, 24], { frames: 8, price: 9 }, 0.5).chance).toBe(0);
  });
});

describe('what a film brings', () => {
  /** Two days: by day a half, at night a tenth, and one hour that the clocks skipped. */
  const chances = Float32Array.from({ length: 48 }, (_, i) =>
    i === 2 ? NaN : i % 24 >= 8 && i % 24 < 20 ? 0.5 : 0.1
  );
  const film = { frames: 8, price: 16 };
  test('by day', () => {
    expect(filmWorth(chances, [8, 20], film, 0.4)).toMatchObject({
      chance: 0.5,
      hoursThatWork: 1,
      keepers: 4,
      costPerKeeper: 4
    });
    expect(filmWorth(chances, [7, 21], film, 0.4).hoursThatWork).toBeCloseTo(12 / 14, 9);
    expect(filmWorth(chances, [0, 24], film, 0.4).hoursThatWork).toBeCloseTo(24 / 47, 9);
  });
  test('over midnight', () => {
    const night = filmWorth(chances, [20, 8], film, 0.4);
    expect(night.chance).toBeCloseTo(0.1, 6);
    expect(night.hoursThatWork).toBe(0);
    expect(filmWorth(chances, [19, 1], film, 0.4).hoursThatWork).toBeCloseTo(2 / 12, 9);
    // from one hour to the same one is round the clock
    expect(filmWorth(chances, [5, 5], film, 0.4).hoursThatWork).toBeCloseTo(24 / 47, 9);
  });
  test('without a price, without a frame that comes out, without an hour', () => {
    expect(filmWorth(chances, [8, 20], { frames: 8, price: null }, 0.4).costPerKeeper).toBeNull();
    expect(filmWorth(new Float32Array(24), [8, 20], film, 0.4)).toMatchObject({
      chance: 0,
      keepers: 0,
      costPerKeeper: null
    });
    expect(filmWorth(new Float32Array(24).fill(NaN), [8, 20], film, 0.4)).toEqual({
      chance: 0,
      keepers: 0,
      hoursThatWork: 0,
      costPerKeeper: null
    });
  });
});

describe('several days', () => {
  const pair = pairOf(METERLESS, mono(100));
  test('each day has its own hours, and is the same as asked alone', () => {
    const [all] = mapOf([pair], span({ days: 3 })).chances;
    const alone = ['2026-09-01', '2026-09-02', '2026-09-03'].flatMap((from) => [
      ...(mapOf([pair], span({ from, days: 1 })).chances[0] ?? [])
    ]);
    expect([...(all ?? [])]).toEqual(alone);
    expect(alone).toHaveLength(72);
  });
  test('what is done is told week by week', () => {
    const told: number[] = [];
    const steps = chanceMap([pair], span({ days: 14, skies: { clear: 1, partly: 0, cloudy: 0 } }));
    for (let step = steps.next(); step.done !== true; step = steps.next()) told.push(step.value);
    expect(told).toEqual([0.5, 1]);
  });
  test('lamps rule where they are brighter, and add to the daylight where they are not', () => {
    const lamps = { lv: 7, contrast: 'hard' } as const;
    const night: PlanDay = {
      ...{ place: LISBON, fromMs: 0, toMs: 1, sky: 'clear', facing: 'front', ground: 'ground' },
      ...{ lamps, shadeFromMs: null }
    };
    const twin = pairOf(TWIN, INSTANT_800);
    const skies = { clear: 1, partly: 0, cloudy: 0 };
    const [chances] = mapOf([twin], span({ days: 1, lamps, skies })).chances;
    for (const hour of [1, 6, 7, 12, 19, 20, 22]) {
      let sum = 0;
      for (let q = 0; q < 4; q++) {
        const ms = Date.parse('2026-08-31T23:00:00Z') + (hour * 4 + q) * 15 * 60_000;
        sum += servingAt(twin, lightUnderSky(night, 'clear')(ms), 'hand')?.verdict.pUsable ?? 0;
      }
      expect(Math.abs((chances?.[hour] ?? NaN) - sum / 4), `${hour} h`).toBeLessThan(0.03);
    }
  });
  test('a chance that is just enough is worth pressing for, and a keeper in a thousand frames has no price', () => {
    const even = new Float32Array(24).fill(0.5);
    expect(filmWorth(even, [0, 24], { frames: 10, price: 10 }, 0.5).hoursThatWork).toBe(1);
    const none = new Float32Array(24).fill(0.0005);
    expect(filmWorth(none, [0, 24], { frames: 1, price: 10 }, 0.5).costPerKeeper).toBeNull();
  });
});
