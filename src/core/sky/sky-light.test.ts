import { describe, expect, test } from 'vitest';
import { lvFromLux } from '../light/lv.ts';
import { airMass, clearMoonLux, clearSunLux, NIGHT_LUX, partLight } from './illuminance.ts';
import { type Facing, type Ground, SKIES } from './sky-scene.ts';
import { skyLight } from './sky-light.ts';
import type { SunAndMoon } from './position.ts';

describe('light on level ground', () => {
  // Janiczek and DeYoung, USNO Circular 171 (1987); anchors from memory
  test.each([
    ['the zenith', 90, 128_825, 0.001],
    ['the end of civil twilight', -6, 3.4, 0.02],
    ['the end of astronomical twilight', -18, 6.5e-4, 0.1]
  ])('sun at %s: %d° gives %d lux', (_what, altitude, lux, share) =>
    expect(Math.abs(clearSunLux(altitude) / lux - 1)).toBeLessThan(share)
  );
  test.each([20, 5, -0.8, -5, -12])('the stretches meet at %d° within 0.02 stop', (altitude) => {
    const stops = Math.log2(clearSunLux(altitude + 1e-9) / clearSunLux(altitude - 1e-9));
    expect(Math.abs(stops)).toBeLessThanOrEqual(0.02);
  });
  test('full moon at 45° gives 0.164 lux, −3.9 on a flat receptor; half moon 0.12 of it', () => {
    expect(clearMoonLux(45, 0)).toBeCloseTo(0.164, 3);
    expect(lvFromLux(clearMoonLux(45, 0))).toBeCloseTo(-3.9, 1);
    expect(clearMoonLux(45, 90) / clearMoonLux(45, 0)).toBeCloseTo(0.12, 2);
  });
  test('nothing is darker than a moonless night, a moon that has set gives nothing', () => {
    expect(clearSunLux(-40)).toBe(NIGHT_LUX);
    expect(clearMoonLux(-5, 0)).toBe(0);
  });
  // Kasten and Young (1989), table: air mass 1 at the zenith, 38 at the horizon, 5.6 at 10°, 2 at 30°
  test.each([
    [90, 1, 0.001],
    [30, 1.994, 0.002],
    [10, 5.58, 0.02],
    [0, 37.9, 0.2]
  ])('air mass at %d° is %d', (altitude, mass, within) =>
    expect(Math.abs(airMass(altitude) - mass)).toBeLessThanOrEqual(within)
  );
  test.each(SKIES)('beam and sky of a %s sky add up to its total; clouds take light', (sky) => {
    for (const altitude of [1, 10, 30, 60]) {
      const { beamLux, skyLux } = partLight(50_000, altitude, sky);
      const total = beamLux * Math.sin((altitude * Math.PI) / 180) + skyLux;
      if (sky === 'clear') expect(total).toBeCloseTo(50_000, 6);
      else expect(total).toBeLessThan(50_000);
    }
  });
});

const sky = (sunAltitude: number): SunAndMoon => ({
  sun: { altitude: sunAltitude, azimuth: 180 },
  moon: { altitude: -40, azimuth: 0 },
  moonPhaseAngle: 90
});
const lv = (altitude: number, facing: Facing, ground: Ground = 'ground', weather = SKIES[0]): number =>
  skyLight(sky(altitude), { sky: weather, facing, ground }).lv;

// common practice, no source: sunny sixteen and its cousins, LV = log2(100·N²)
describe('the clear day against sunny sixteen', () => {
  test.each([50, 60])('sun at %d°: f/16 from the front, within half a stop', (altitude) =>
    expect(Math.abs(lv(altitude, 'front') - 14.64)).toBeLessThan(0.5)
  );
  test('lit from behind about a stop less, the shaded side f/8', () => {
    expect(lv(55, 'front') - lv(55, 'back')).toBeCloseTo(1, 0);
    expect(Math.abs(lv(55, 'shaded-side') - 12.64)).toBeLessThan(0.35);
  });
  test('open shade lies between what the two schools say: f/4 to f/8', () => {
    expect(lv(55, 'open-shade')).toBeGreaterThan(10.64);
    expect(lv(55, 'open-shade')).toBeLessThan(12.64);
  });
  test('a full overcast is about f/5.6, within a stop', () =>
    expect(
      Math.abs(skyLight(sky(45), { sky: 'cloudy', facing: 'front', ground: 'ground' }).lv - 11.64)
    ).toBeLessThan(1.4));
  test('snow adds, and cloud takes the shadows away', () => {
    expect(lv(40, 'front', 'snow')).toBeGreaterThan(lv(40, 'front') + 0.3);
    expect(skyLight(sky(40), { sky: 'cloudy', facing: 'back', ground: 'ground' }).contrast).toBe('flat');
  });
  test('under cloud and in twilight it makes no difference where the camera looks from', () => {
    const at = (facing: Facing) => skyLight(sky(-3), { sky: 'clear', facing, ground: 'ground' }).lv;
    expect(at('back')).toBeCloseTo(at('front'), 9);
  });
});

test('by night the moon throws the shadows, and the subject turns to it', () => {
  const moonlit: SunAndMoon = {
    sun: { altitude: -40, azimuth: 20 },
    moon: { altitude: 45, azimuth: 120 },
    moonPhaseAngle: 0
  };
  const scene = { sky: 'clear', ground: 'ground' } as const;
  const front = skyLight(moonlit, { ...scene, facing: 'front' });
  expect(front.shadowsFrom).toBe('moon');
  expect(front.lv).toBeGreaterThan(skyLight(moonlit, { ...scene, facing: 'back' }).lv + 0.5);
  expect(front.lv).toBeGreaterThan(-5);
  expect(front.lv).toBeLessThan(-3);
});

describe('a sky that nobody told', () => {
  const at = (altitude: number) => ({
    sun: { altitude, azimuth: 180 },
    moon: { altitude: -20, azimuth: 20 },
    moonPhaseAngle: 90
  });
  const scene = { facing: 'front', ground: 'ground' } as const;
  test('lies between clear and full cloud, and is as unsure as these are apart', () => {
    for (const altitude of [5, 20, 45, 60]) {
      const [clear, cloudy] = (['clear', 'cloudy'] as const).map((sky) =>
        skyLight(at(altitude), { ...scene, sky })
      );
      const any = skyLight(at(altitude), { ...scene, sky: 'unsaid' });
      expect(any.lv).toBeLessThan(clear?.lv ?? NaN);
      expect(any.lv).toBeGreaterThan(cloudy?.lv ?? NaN);
      expect(any.sdStops).toBeGreaterThan(Math.max(clear?.sdStops ?? 9, cloudy?.sdStops ?? 9));
    }
  });
  test('by night it is flat, and the light of a day never leaps from hour to hour', () => {
    expect(skyLight(at(-12), { ...scene, sky: 'unsaid' }).contrast).toBe('flat');
    const lvs = Array.from({ length: 60 }, (_, i) => skyLight(at(i), { ...scene, sky: 'unsaid' }).lv);
    for (const [i, lv] of lvs.entries()) if (i > 0) expect(lv - (lvs[i - 1] ?? lv)).toBeGreaterThan(0);
  });
});
