// Which of the settings that come out a purpose takes.
import { describe, expect, test } from 'vitest';
import { PLAIN_TRAITS } from '../camera/traits.ts';
import { PLAIN } from '../error/circumstances.ts';
import { cameraWith, filmWith, marked, SCALES } from '../error/pairs.test.fixtures.ts';
import type { Purpose, Situation } from '../error/situation.ts';
import { bestSetting } from './rank.ts';

const sunny: Situation = {
  camera: SCALES,
  film: filmWith({ iso: 100 }),
  light: { lv: 14.64, sdStops: 0.35 },
  contrast: 'normal'
};

describe('what a frame is for', () => {
  const camera = cameraWith(
    [
      marked(
        'aperture',
        [2, 2.8, 4, 5.6, 8, 11, 16].map((n) => 2 ** (Math.round(2 * Math.log2(n)) / 2))
      ),
      marked('time', [1 / 1024, 1 / 512, 1 / 256, 1 / 128, 1 / 64])
    ],
    {
      ...{ ...PLAIN_TRAITS, formats: ['135'], focalMm: 50, handHeldSeconds: 1 / 50 },
      focusing: { kind: 'rangefinder' }
    }
  );
  const film = filmWith({ formats: ['135'], iso: 100, kind: 'reversal', belowStops: 3, aboveStops: 2.5 });
  const best = (purpose: Purpose, subjectM: number | null = 4) =>
    bestSetting({ ...sunny, camera, film, purpose, circumstances: { ...PLAIN, subjectM } }, {})?.exposure;
  // The sunny-sixteen table: f/16 at 1/ISO is f/5.6 at 1/500 and f/4 at 1/1000 on ISO 64. Common practice, no source.
  test('a blurred background takes the widest opening of the equivalent pairs', () => {
    const wide = best('blurred-background');
    expect(wide?.seconds).toBe(1 / 1024);
    expect(wide?.fNumber).toBeLessThan(5.7);
  });
  test('stopping motion takes the shortest time, most in focus the smallest opening', () => {
    expect(best('stop-motion')?.seconds).toBe(1 / 1024);
    expect(best('most-in-focus')?.fNumber).toBeGreaterThan(11);
    expect(best('most-in-focus')?.seconds).toBeGreaterThanOrEqual(1 / 128);
  });
  test('a purpose never talks the answer into a frame that does not come out', () => {
    for (const purpose of ['blurred-background', 'stop-motion', 'most-in-focus'] as const) {
      const verdict = bestSetting({ ...sunny, camera, film, purpose }, {});
      expect(verdict?.chance, purpose).toBe('likely');
    }
  });
  const NIGHT = cameraWith(
    [
      marked('aperture', [4, 8, 16, 32]),
      {
        ...{ kind: 'marked', id: 'time', label: 'shutter', acts: 'time', shape: 'wheel' },
        positions: [
          ...[1 / 64, 1 / 8, 1].map((value) => ({ mark: String(value), symbol: null, value })),
          ...[1, 2, 4, 8, 15, 30].map((value) => ({
            mark: `B ${value}`,
            symbol: null,
            value,
            byHand: true as const
          }))
        ]
      }
    ],
    { ...PLAIN_TRAITS }
  );
  const night = (purpose: Purpose) =>
    bestSetting(
      { ...sunny, camera: NIGHT, light: { lv: 4, sdStops: 0.3 }, support: 'standing', purpose },
      {}
    );
  test('light trails want 4 to 10 seconds; whole seconds want them counted, four or more', () => {
    const trails = night('light-trails')?.exposure.seconds ?? 0;
    expect(trails).toBeGreaterThanOrEqual(4);
    expect(trails).toBeLessThanOrEqual(10);
    const whole = night('whole-seconds');
    expect(whole?.setting.timedByHand).toBe(true);
    expect(whole?.exposure.seconds).toBeGreaterThanOrEqual(4);
  });
});
