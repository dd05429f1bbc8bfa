import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import { BOX, cameraWith, fixed, INSTANT, marked, SCALES, SLIDE } from '../error/pairs.test.fixtures.ts';
import { bestSetting } from './rank.ts';
import { deltaAt } from './reach.ts';
import type { Situation } from '../error/situation.ts';
import { stepsAround } from './steps.ts';

const light = { lv: 13, sdStops: 0.3 };
const around = (s: Situation) => {
  const best = bestSetting(s, {});
  if (!best) throw new Error('no setting');
  const { darker, lighter } = stepsAround(s, best.setting);
  const off = (setting: typeof darker) =>
    setting && deltaAt(s, setting, s.light.lv) - deltaAt(s, best.setting, s.light.lv);
  return { darker: off(darker), lighter: off(lighter), best: best.setting, settings: { darker, lighter } };
};

describe('a step to either side', () => {
  test('on full scales it is a stop, by moving one control', () => {
    const { darker, lighter, best, settings } = around({
      camera: SCALES,
      film: SLIDE,
      light,
      contrast: 'normal'
    });
    expect(darker).toBeCloseTo(-1, 1);
    expect(lighter).toBeCloseTo(1, 1);
    const moved = Object.keys(best.choice).filter((id) => best.choice[id] !== settings.darker?.choice[id]);
    expect(moved).toHaveLength(1);
  });
  test('a camera that leaves no choice has none', () =>
    expect(around({ camera: BOX, film: SLIDE, light, contrast: 'normal' })).toMatchObject({
      darker: null,
      lighter: null
    }));
  test('lighten–darken is taken where there is one', () => {
    const camera: Camera = {
      ...cameraWith([fixed('aperture', 'f/10', 10), marked('compensation', [-1, -0.5, 0, 0.5, 1])]),
      program: {
        ...{ kind: 'automatic-time', shortestSeconds: 1 / 1000, longestSeconds: 8, inLowLight: 'closes' },
        eye: { place: 'outside', believesIso: 640, angleDegrees: null }
      }
    };
    const { best, settings } = around({ camera, film: INSTANT, light, contrast: 'normal' });
    expect((settings.lighter?.compensationStops ?? 0) - best.compensationStops).toBeCloseTo(0.5, 9);
    expect((settings.darker?.compensationStops ?? 0) - best.compensationStops).toBeCloseTo(-0.5, 9);
  });
});
