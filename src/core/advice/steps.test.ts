import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import { BOX, cameraWith, fixed, INSTANT, marked, SCALES, SLIDE } from '../error/pairs.test.fixtures.ts';
import { bestSetting } from './rank.ts';
import { deltaAt } from './reach.ts';
import { settingOf, type Choice } from '../camera/setting.ts';
import { PLAIN } from '../error/circumstances.ts';
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
  const both = cameraWith(
    [
      marked('aperture', [4, 2 ** 2.5, 8, 2 ** 3.5, 16]),
      marked('time', [1 / 256, 1 / 128, 1 / 64, 1 / 32, 1 / 16])
    ],
    { focalMm: 75, handHeldSeconds: 1 / 64 }
  );
  const beside = (s: Situation, choice: Choice) => {
    const setting = settingOf(s.camera, choice);
    if (!setting) throw new Error('no setting');
    const { darker, lighter } = stepsAround(s, setting);
    return { darker: darker?.choice, lighter: lighter?.choice };
  };
  const at = (more: Partial<Situation> = {}): Situation => ({
    ...{ camera: both, film: SLIDE, light, contrast: 'normal' },
    ...more
  });
  test('not by a time that the hand does not hold, where an opening does as well', () => {
    // f/8 at 1/64 is held; 1/32 is not: a wider opening is the lighter step, on a table either does
    expect(beside(at(), { aperture: 2, time: 2 }).lighter).toEqual({ aperture: 1, time: 2 });
    const reversed = cameraWith([...both.controls].reverse(), { focalMm: 75, handHeldSeconds: 1 / 64 });
    expect(beside(at({ camera: reversed }), { aperture: 2, time: 2 }).lighter).toEqual({
      aperture: 1,
      time: 2
    });
    // where it is shaken already a longer time costs nothing more: the first in printed order
    const shaken = beside(at({ camera: reversed }), { aperture: 2, time: 3 });
    expect(shaken.lighter).toEqual(
      beside(at({ camera: reversed, support: 'standing' }), { aperture: 2, time: 3 }).lighter
    );
  });
  test('one control rather than two, and nearest to a stop', () => {
    const uneven = cameraWith([
      marked('aperture', [4, 2 ** 2.5, 8, 2 ** 3.5]),
      marked('time', [1 / 256, 1 / 128, 1 / 87, 1 / 64])
    ]);
    const from = beside(at({ camera: uneven, support: 'standing' }), { aperture: 2, time: 1 });
    // 1/87 is 0.56 stop lighter, 1/64 and f/5.7 one: by one control, and by a whole stop
    expect([
      { aperture: 1, time: 1 },
      { aperture: 2, time: 3 }
    ]).toContainEqual(from.lighter);
    expect([
      { aperture: 3, time: 1 },
      { aperture: 2, time: 0 }
    ]).toContainEqual(from.darker);
    // two controls give exactly a stop, one a third more: one is moved
    const thirds = cameraWith([
      marked('aperture', [4, 4 * 2 ** (1 / 6)]),
      marked('time', [1 / 100, (1 / 100) * 2 ** (4 / 3)])
    ]);
    expect(beside(at({ camera: thirds, support: 'standing' }), { aperture: 1, time: 0 }).lighter).toEqual({
      aperture: 1,
      time: 1
    });
  });
  test('no step of less than 0.4 or more than 1.7 stops', () => {
    const one = (stops: number) =>
      beside(
        at({ camera: cameraWith([marked('aperture', [8]), marked('time', [1 / 100, 2 ** stops / 100])]) }),
        {
          time: 0
        }
      ).lighter;
    expect([one(0.39), one(1.71)]).toEqual([undefined, undefined]);
    expect([one(0.41), one(1.69)]).toEqual([
      { aperture: 0, time: 1 },
      { aperture: 0, time: 1 }
    ]);
  });
  test('not by a time that cuts the flash', () => {
    const unit = { name: '', guideNumber: 20, powers: [0], seconds: 1 / 1000, angleDegrees: null };
    // the opening lies a twelfth of a stop off, the time does not
    const camera: Camera = {
      ...cameraWith([marked('aperture', [5.6, 8, 11]), marked('time', [1 / 128, 1 / 64])]),
      flash: { kind: 'shoe', syncSeconds: 1 / 64 }
    };
    const circumstances = {
      ...PLAIN,
      // so weak that it lights nothing: only its time counts
      flash: { kind: 'fired', unit, powerStops: 0, lossStops: 14 } as const
    };
    const s = at({ camera, circumstances, support: 'standing' });
    expect(beside(s, { aperture: 1, time: 1 }).darker).toEqual({ aperture: 2, time: 1 });
    const unlit = at({ camera, support: 'standing' });
    expect(beside(unlit, { aperture: 1, time: 1 }).darker).toEqual({ aperture: 1, time: 0 });
  });
  test('by an opening that loses the focus only where nothing else is left', () => {
    const camera: Camera = { ...both, focusing: { kind: 'fixed', atM: 5, sharpFromM: null } };
    const turned: Camera = { ...camera, controls: [...camera.controls].reverse() };
    for (const c of [camera, turned]) {
      const s = at({
        camera: c,
        support: 'standing',
        circumstances: { ...PLAIN, subjectM: 3.35 },
        distanceBy: 'measured'
      });
      expect(beside(s, { aperture: 3, time: 2 }).lighter).toEqual({ aperture: 3, time: 3 });
    }
  });
});
