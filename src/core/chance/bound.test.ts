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
  TWIN
} from '../error/panel.test.fixtures.ts';
import type { Camera } from '../camera/camera.ts';
import { allSettings } from '../camera/setting.ts';
import { PLAIN } from '../error/circumstances.ts';
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
