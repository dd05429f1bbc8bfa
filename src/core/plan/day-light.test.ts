import fc from 'fast-check';
import { expect, test } from 'vitest';
import {
  dayBand,
  dayCourse,
  likelySky,
  lightUnderSky,
  lvOfBoth,
  skiesOf,
  type PlanDay
} from './day-light.ts';

const lux = (lv: number): number => 2.5 * 2 ** lv;
const DAY: PlanDay = {
  ...{
    place: { latitude: 52, longitude: 5 },
    fromMs: Date.UTC(2026, 8, 12, 12),
    toMs: Date.UTC(2026, 8, 13, 12)
  },
  ...{ sky: 'clear', facing: 'front', ground: 'ground', lamps: null, shadeFromMs: null }
};

test('two lights add up in lux', () => {
  expect(lvOfBoth(5, 5)).toBeCloseTo(6, 12);
  const any = fc.double({ min: -8, max: 18, noNaN: true });
  fc.assert(
    fc.property(any, any, (a, b) => {
      expect(lux(lvOfBoth(a, b)) / (lux(a) + lux(b))).toBeCloseTo(1, 9);
      expect(lvOfBoth(a, b)).toBe(lvOfBoth(b, a));
    })
  );
});

test('at night lamps are the light, by day they do not count', () => {
  const lamps = { lv: 4, contrast: 'hard' } as const;
  const light = lightUnderSky({ ...DAY, lamps }, 'clear');
  const bare = lightUnderSky(DAY, 'clear');
  const [noon, night] = [Date.UTC(2026, 8, 12, 12), Date.UTC(2026, 8, 12, 23)];
  expect(light(night).lv).toBeCloseTo(4, 1);
  expect(light(night)).toMatchObject({ contrast: 'hard', lightKind: 'lamps' });
  expect(light(noon).lv - bare(noon).lv).toBeLessThan(0.01);
  expect(light(noon).lightKind).toBe('daylight');
});

test('from a moment on the subject lies in the shade', () => {
  const shadeFromMs = Date.UTC(2026, 8, 12, 14);
  const light = lightUnderSky({ ...DAY, shadeFromMs }, 'clear');
  const [before, then] = [light(shadeFromMs - 1), light(shadeFromMs)];
  expect(before.lv - then.lv).toBeGreaterThan(1.5);
  expect(then.contrast).toBe('flat');
});

test('the band holds the light under every sky', () => {
  for (const point of dayBand({ ...DAY, sky: 'unsaid' }, 3_600_000))
    for (const sky of ['clear', 'partly', 'cloudy'] as const) {
      const { lv } = lightUnderSky(DAY, sky)(point.ms);
      expect(lv).toBeGreaterThan(point.lowLv);
      expect(lv).toBeLessThan(point.highLv);
    }
});

test('the course of a day is the light of each minute, to two hundredths of a stop', () => {
  // at the turn from night to twilight, which the sun passes at any pace, a line between far moments was 0.4 off
  fc.assert(
    fc.property(
      fc.record({
        latitude: fc.integer({ min: -75, max: 75 }),
        startMs: fc.integer({ min: 0, max: 365 * 24 }).map((hours) => Date.UTC(2026, 0, 1, hours)),
        sky: fc.constantFrom('clear', 'partly', 'cloudy'),
        lamps: fc.constantFrom(null, { lv: 3, contrast: 'normal' } as const)
      }),
      ({ latitude, startMs, sky, lamps }) => {
        const place = { latitude, longitude: -9 };
        const day = { ...DAY, place, fromMs: startMs, toMs: startMs + 86_400_000, lamps };
        const light = lightUnderSky(day, sky);
        const worst = dayCourse(day, sky, 60_000).map(({ ms, lv }) => Math.abs(lv - light(ms).lv));
        expect(Math.max(...worst)).toBeLessThan(0.02);
      }
    ),
    {
      ...{ seed: 20261130, numRuns: 20 },
      // the turn from night to twilight in the middle of a day, in its last five minutes, and in its first
      examples: [
        [{ latitude: 0, startMs: Date.UTC(2026, 1, 25, 12), sky: 'cloudy', lamps: null }],
        [{ latitude: 25, startMs: Date.UTC(2026, 10, 19, 2), sky: 'clear', lamps: null }],
        [{ latitude: -26, startMs: Date.UTC(2026, 3, 6, 6), sky: 'clear', lamps: null }]
      ]
    }
  );
});

test('a course has every step of the day once, its first and last moments too', () => {
  const stepMs = 600_000;
  for (const minutes of [240, 245, 10, 5, 0]) {
    const day = {
      ...DAY,
      fromMs: Date.UTC(2026, 8, 12, 16),
      toMs: Date.UTC(2026, 8, 12, 16) + minutes * 60_000
    };
    const times = dayCourse(day, 'clear', stepMs).map((p) => p.ms);
    const expected = Array.from({ length: Math.ceil(minutes / 10) + 1 }, (_, i) =>
      Math.min(day.toMs, day.fromMs + i * stepMs)
    );
    expect(times).toEqual(expected);
    const light = lightUnderSky(day, 'clear');
    for (const point of dayCourse(day, 'clear', stepMs)) {
      expect(Math.abs(point.lv - light(point.ms).lv)).toBeLessThan(0.02);
      expect(point).toMatchObject({ sdStops: light(point.ms).sdStops, contrast: light(point.ms).contrast });
    }
  }
});

test('where the shade begins, and where lamps take over, each step is what it is', () => {
  const shadeFromMs = Date.UTC(2026, 8, 12, 14, 3);
  for (const more of [{ shadeFromMs }, { lamps: { lv: 8, contrast: 'hard' } as const }]) {
    const day = { ...DAY, ...more };
    const light = lightUnderSky(day, 'clear');
    for (const point of dayCourse(day, 'clear', 300_000)) {
      const own = light(point.ms);
      expect(Math.abs(point.lv - own.lv), new Date(point.ms).toISOString()).toBeLessThan(0.02);
      expect([point.contrast, point.lightKind]).toEqual([own.contrast, own.lightKind]);
    }
  }
});

test('a band has its steps within the day, and one sky alone where it is said', () => {
  const hours = dayBand(DAY, 3_600_000);
  expect(hours.map((p) => p.ms)).toEqual(Array.from({ length: 25 }, (_, i) => DAY.fromMs + i * 3_600_000));
  const light = lightUnderSky(DAY, 'clear');
  for (const { ms, lv, sdStops, lowLv, highLv } of hours) {
    expect(lv).toBe(light(ms).lv);
    expect([lv - lowLv, highLv - lv].map((d) => d.toFixed(9))).toEqual(
      [sdStops, sdStops].map((d) => d.toFixed(9))
    );
  }
  expect(dayBand({ ...DAY, toMs: DAY.fromMs - 1 }, 3_600_000)).toHaveLength(1);
  expect(skiesOf(DAY)).toEqual(['clear']);
  expect(skiesOf({ sky: 'unsaid' })).toEqual(['clear', 'partly', 'cloudy']);
  expect([likelySky(DAY), likelySky({ sky: 'unsaid' })]).toEqual(['clear', 'partly']);
});
