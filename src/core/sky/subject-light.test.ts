// The light on a subject from beam and sky, worked out by hand from their illuminances; spreads; edges of courses and events.
import { describe, expect, test } from 'vitest';
import { lvFromLux } from '../light/lv.ts';
import { clearMoonLux, clearSunLux, partLight } from './illuminance.ts';
import { lightCourse, skyEvents, whenLightPasses } from './events.ts';
import { moment, sameMoment } from './moment.ts';
import { sunAndMoonAt, type SunAndMoon } from './position.ts';
import { C_DOME, C_FLAT } from '../light/lv.ts';
import { REFLECTANCE, skyLight } from './sky-light.ts';
import type { Facing, SkyScene } from './sky-scene.ts';
import { sunOver } from './sun-course.ts';

const bodies = (sun: number, moon = -40, sunAzimuth = 180): SunAndMoon => ({
  sun: { altitude: sun, azimuth: sunAzimuth },
  moon: { altitude: moon, azimuth: 60 },
  moonPhaseAngle: 0
});
const scene = (facing: Facing, sky: SkyScene['sky'] = 'clear'): SkyScene => ({ sky, facing, ground: 'sand' });
const cos = (degrees: number): number => Math.cos((degrees * Math.PI) / 180);
const sin = (degrees: number): number => Math.sin((degrees * Math.PI) / 180);

describe('a subject under a clear sun at 30°', () => {
  // a dome sees half of (1 + cosine) of a beam, all of the sky, and the ground that throws back what falls on it: sums by hand
  const { beamLux, skyLux } = partLight(clearSunLux(30), 30, 'clear');
  const level = beamLux * sin(30) + skyLux;
  const back = REFLECTANCE.sand;
  const towards = { front: cos(30), side: 0, back: -cos(30) } as const;
  test.each(['front', 'side', 'back'] as const)('%s', (facing) => {
    const lux = (beamLux * (1 + towards[facing])) / 2 + skyLux + back * level;
    expect(skyLight(bodies(30), scene(facing)).lv).toBeCloseTo(lvFromLux(lux, C_DOME), 9);
  });
  test('its shaded side sees half the sky and half of what the ground throws back', () => {
    const lux = skyLux / 2 + (back * level) / 2;
    expect(skyLight(bodies(30), scene('shaded-side')).lv).toBeCloseTo(lvFromLux(lux, C_FLAT), 9);
  });
  test('in open shade half the sky, and what the shaded ground throws back', () =>
    expect(skyLight(bodies(30), scene('open-shade')).lv).toBeCloseTo(
      lvFromLux(skyLux / 2 + back * skyLux, C_DOME),
      9
    ));
  test('on level ground beam and sky', () => {
    const { levelLux, shadowsFrom } = skyLight(bodies(30), scene('front'));
    expect(levelLux).toBeCloseTo(level, 6);
    expect(shadowsFrom).toBe('sun');
  });
});

describe('sun and moon together', () => {
  test('the moon’s beam adds to the sun’s from where it stands', () => {
    const [sun, moon] = [partLight(clearSunLux(1), 1, 'clear'), partLight(clearMoonLux(40, 0), 40, 'clear')];
    const sky = sun.skyLux + moon.skyLux;
    const level = sun.beamLux * sin(1) + moon.beamLux * sin(40) + sky;
    // facing the sun at 180°, the moon stands at 60°
    const beams = (sun.beamLux * (1 + cos(1))) / 2 + (moon.beamLux * (1 + cos(40) * cos(60 - 180))) / 2;
    expect(skyLight(bodies(1, 40), scene('front')).lv).toBeCloseTo(
      lvFromLux(beams + sky + REFLECTANCE.sand * level, C_DOME),
      9
    );
  });
  test('turned to the side is a quarter turn to the right of the body that throws the shadows', () => {
    const { beamLux, skyLux } = partLight(clearMoonLux(40, 0), 40, 'clear');
    const night = partLight(clearSunLux(-40), -40, 'clear');
    const sky = skyLux + night.skyLux;
    const lux = beamLux / 2 + sky + REFLECTANCE.sand * (beamLux * sin(40) + sky);
    expect(skyLight(bodies(-40, 40), scene('side')).lv).toBeCloseTo(lvFromLux(lux, C_DOME), 6);
  });
  test('the shaded side turns from the moon by night, and under cloud there is none', () => {
    expect(skyLight(bodies(-40, 40), scene('shaded-side')).lv).toBeLessThan(
      skyLight(bodies(-40, 40), scene('front')).lv - 1
    );
    expect(skyLight(bodies(30), scene('shaded-side', 'cloudy')).lv).toBeCloseTo(
      skyLight(bodies(30), scene('front', 'cloudy')).lv,
      9
    );
  });
});

describe('how sure it is, one sd in stops', () => {
  const sd = (sun: number, facing: Facing, sky: SkyScene['sky']): number =>
    skyLight(bodies(sun), scene(facing, sky)).sdStops;
  test.each([
    [30, 'front', 'clear', 0.4],
    [30, 'front', 'partly', 1],
    [30, 'front', 'cloudy', 0.7],
    [30, 'open-shade', 'clear', 0.8],
    [30, 'open-shade', 'partly', 1],
    [-0.1, 'front', 'clear', 0.6],
    [0, 'front', 'clear', 0.4],
    [-5, 'front', 'cloudy', 0.7],
    [-5, 'open-shade', 'clear', 0.8]
  ] as const)('sun at %d°, %s, %s: %d', (sun, facing, sky, expected) =>
    expect(sd(sun, facing, sky)).toBe(expected)
  );
  test('of a sky that nobody told: the mean variance and that of the means', () => {
    const all = (['clear', 'partly', 'cloudy'] as const).map((sky) =>
      skyLight(bodies(30), scene('front', sky))
    );
    const mean = all.reduce((sum, l) => sum + l.lv, 0) / 3;
    const variance = all.reduce((sum, l) => sum + l.sdStops ** 2 + (l.lv - mean) ** 2, 0) / 3;
    const any = skyLight(bodies(30), scene('front', 'unsaid'));
    expect(any.lv).toBeCloseTo(mean, 9);
    expect(any.sdStops).toBeCloseTo(Math.sqrt(variance), 9);
    expect(any.levelLux).toBeCloseTo(all.reduce((sum, l) => sum + l.levelLux, 0) / 3, 6);
    expect(any).toMatchObject({ contrast: 'normal', shadowsFrom: 'none' });
  });
});

describe('edges', () => {
  const place = { latitude: 52, longitude: 5 };
  const from = Date.UTC(2026, 5, 1);
  const clear = (): SkyScene => scene('front');
  test('a course has a point at every step, from the first to the last that fits', () => {
    const points = lightCourse({ fromMs: from, toMs: from + 3_600_000, stepMs: 1_500_000 }, place, clear);
    expect(points.map((p) => p.ms - from)).toEqual([0, 1_500_000, 3_000_000]);
    for (const { ms, lv } of points) expect(lv).toBe(skyLight(sunAndMoonAt(ms, place), clear()).lv);
    expect(lightCourse({ fromMs: from, toMs: from - 1, stepMs: 1000 }, place, clear)).toHaveLength(1);
  });
  test('events lie in the stretch that is asked for, its end left out', () => {
    const all = skyEvents(from, from + 86_400_000, place);
    const [first, second] = all;
    if (!first || !second) throw new Error('no events');
    expect(all.map((e) => e.ms)).toEqual([...all.map((e) => e.ms)].sort((a, b) => a - b));
    expect(skyEvents(from, second.ms - 1000, place).map((e) => e.kind)).toEqual([first.kind]);
    for (const e of skyEvents(from, from + 3 * 86_400_000, place)) {
      expect(e.ms).toBeGreaterThanOrEqual(from);
      expect(e.ms).toBeLessThan(from + 3 * 86_400_000);
    }
  });
  test('a value is passed within the stretch alone', () => {
    const noon = Date.UTC(2026, 5, 1, 12);
    const at = whenLightPasses(8, { fromMs: noon, toMs: noon + 43_200_000 }, place, clear) ?? NaN;
    expect(whenLightPasses(8, { fromMs: noon, toMs: at - 900_000 }, place, clear)).toBeNull();
    expect(whenLightPasses(8, { fromMs: at - 1_200_000, toMs: at + 1_200_000 }, place, clear)).toBeCloseTo(
      at,
      -5
    );
  });
  test('the sun may be asked about in any order', () => {
    const sun = sunOver(place);
    const times = [5, 30, 4, 4.5, 29, 5].map((hours) => from + hours * 3_600_000);
    for (const ms of times) expect(sun(ms).altitude).toBeCloseTo(sunAndMoonAt(ms, place).sun.altitude, 1);
  });
  test('moments are the same by instant and by clock', () => {
    const [a, b] = [moment('2026-05-01T10:00Z', 'UTC'), moment('2026-05-01T11:00Z', 'UTC')];
    expect([sameMoment(a, { ...a }), sameMoment(a, b), sameMoment(a, { ...a, zone: 'Europe/Oslo' })]).toEqual(
      [...[true, false, false]]
    );
  });
  test('the phase of the moon: the angle at it between sun and earth', () => {
    // full moon 2026-05-31 08:45 UTC, new moon 2026-06-15 02:54 UTC, first quarter 2026-06-21 21:55 UTC
    // (Meeus, Astronomical Algorithms, ch. 49; from memory)
    const angle = (ms: number) => sunAndMoonAt(ms, place).moonPhaseAngle;
    expect(angle(Date.UTC(2026, 4, 31, 8, 45))).toBeLessThan(8);
    expect(angle(Date.UTC(2026, 5, 15, 2, 54))).toBeGreaterThan(172);
    expect(Math.abs(angle(Date.UTC(2026, 5, 21, 21, 55)) - 90)).toBeLessThan(2);
  });
});
