// The quick bound of a chance: never under it, and near enough to it to tell what is out of the question.
import { describe, expect, test } from 'vitest';
import {
  FOLDING,
  FOLDING_REFLEX,
  INSTANT_160,
  INSTANT_640,
  INSTANT_800,
  METERLESS,
  mono,
  RIGID,
  slide,
  TWIN
} from '../error/panel.test.fixtures.ts';
import type { Camera } from '../camera/camera.ts';
import { allSettings } from '../camera/setting.ts';
import { PLAIN } from '../error/circumstances.ts';
import { cameraWith, fixed } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import type { Film } from '../film/film.ts';
import { candidateOf } from './candidate.ts';
import { prepare } from './prepared.ts';

const PAIRS: readonly (readonly [string, Camera, Film])[] = [
  ['meterless', METERLESS, mono(125)],
  ['folding, an old cell', FOLDING(), INSTANT_800],
  ['folding reflex', FOLDING_REFLEX, INSTANT_160],
  ['rigid', RIGID(), INSTANT_640],
  ['twin-lens', TWIN, INSTANT_800]
];
const LIGHTS = Array.from({ length: 25 }, (_, i) => -6 + i);
const situation = (camera: Camera, film: Film, sdStops = 0.5): Situation => ({
  ...{ camera, film, light: { lv: 8, sdStops }, contrast: 'normal' },
  circumstances: { ...PLAIN, subjectM: 3 }
});

describe('the quick bound', () => {
  test.each(PAIRS)(
    '%s: never under the chance, in any light, and little where there is none',
    (_name, camera, film) => {
      const none: number[] = [];
      for (const sdStops of [0.3, 1]) {
        const prepared = prepare(situation(camera, film, sdStops));
        for (const setting of allSettings(camera, {}).slice(0, 30)) {
          const candidate = candidateOf(prepared, setting);
          for (const lv of LIGHTS) {
            const bound = candidate.boundAt(lv);
            const { exposure, usable } = candidate.chancesAt(lv);
            // the sum over the reading is good to 2e-3
            expect(bound).toBeGreaterThanOrEqual(usable - 2e-3);
            expect(bound).toBeLessThanOrEqual(1);
            if (exposure < 1e-9) none.push(bound);
          }
        }
      }
      expect(none.length).toBeGreaterThan(20);
      expect(Math.max(...none)).toBeLessThan(0.1);
    }
  );
  test('where a camera times well within its limits it is the chance of exposure', () => {
    const [setting] = allSettings(TWIN, {});
    if (!setting) throw new Error('no setting');
    const candidate = candidateOf(prepare(situation(TWIN, INSTANT_800)), setting);
    const over = (lv: number): number => candidate.boundAt(lv) - candidate.chancesAt(lv).exposure;
    for (const lv of [1, 2, 3, 4, 5, 6, 7, 8]) expect(Math.abs(over(lv))).toBeLessThan(1e-3);
    // at a limit both a reading within it and one beyond it may do
    for (const lv of LIGHTS) expect(over(lv)).toBeLessThan(0.5);
  });
  test('by hand it is the product of exposure, hand, subject and focus', () => {
    const s: Situation = {
      ...situation(METERLESS, mono(125)),
      motion: { metresPerSecond: 1.4, way: 'oblique' }
    };
    const prepared = prepare(s);
    for (const setting of allSettings(METERLESS, {})) {
      const candidate = candidateOf(prepared, setting);
      for (const lv of LIGHTS) {
        const { exposure, usable } = candidate.chancesAt(lv);
        const bound = candidate.boundAt(lv);
        expect(Math.abs(bound - (exposure < 0.1 ? exposure : usable))).toBeLessThan(1e-6);
      }
    }
  });
});

describe('the quick bound with a flash', () => {
  const camera = (seconds: number) =>
    cameraWith([fixed('aperture', '8', 8), fixed('time', '', seconds)], {
      focusing: { kind: 'fixed', atM: null, sharpFromM: 1 }
    });
  const lit = (
    subjectM: number,
    flashSeconds: number,
    exposures = 1,
    contrast: Situation['contrast'] = 'hard'
  ) =>
    ({
      unit: { name: '', guideNumber: 16, powers: [0], seconds: flashSeconds, angleDegrees: null },
      circumstances: { ...PLAIN, subjectM, exposures },
      contrast
    }) as const;
  const candidate = (seconds: number, { unit, circumstances, contrast }: ReturnType<typeof lit>) => {
    const flash = { kind: 'fired', unit, powerStops: 0, lossStops: 0 } as const;
    const [setting] = allSettings(camera(seconds), {});
    if (!setting) throw new Error('no setting');
    return candidateOf(
      prepare({
        ...situation(camera(seconds), slide(100)),
        ...{ contrast, circumstances: { ...circumstances, flash } }
      }),
      setting
    );
  };
  test('is never under the chance, however far the flash and whatever the light', () => {
    for (const contrast of ['flat', 'normal', 'hard', 'backlit'] as const)
      for (const subjectM of [1, 1.2, 1.5, 2, 2.5, 3, 4, 6])
        for (const exposures of [1, 2]) {
          const one = candidate(1 / 60, lit(subjectM, 1 / 1000, exposures, contrast));
          for (const lv of LIGHTS)
            expect(one.boundAt(lv)).toBeGreaterThanOrEqual(one.chancesAt(lv).usable - 1e-4);
        }
  });
  test('falls with focus, and with a hand or a subject that neither shutter nor flash holds', () => {
    const sharp = candidate(1 / 60, lit(2, 1 / 1000)).boundAt(4);
    expect(candidate(1 / 60, lit(0.4, 1 / 1000)).boundAt(4)).toBeLessThan(0.1);
    expect(sharp).toBeGreaterThan(0.5);
    // a burning bulb of half a second behind a shutter of half a second
    expect(candidate(1 / 2, lit(2, 1 / 2)).boundAt(2)).toBeLessThan(sharp / 3);
  });
  test('tells that two exposures on one frame are too light, where one would do', () => {
    const two = candidate(1 / 60, lit(30, 1 / 1000, 2));
    const { hi } = two.windowAt(12).usable;
    const over = LIGHTS.map((lv) => lv + 0.5).filter((lv) => {
      const { deltaStops } = two.frameAt(lv);
      return deltaStops > hi + 1.3 && deltaStops < hi + 2.4;
    });
    expect(over.length).toBeGreaterThan(0);
    for (const lv of over) expect(two.boundAt(lv)).toBeLessThan(0.05);
  });
});
