// What a purpose asks of a setting, by hand.
import { describe, expect, test } from 'vitest';
import { allSettings, settingOf, type Choice } from '../camera/setting.ts';
import { candidateOf } from '../chance/candidate.ts';
import { prepare } from '../chance/prepared.ts';
import { PLAIN } from '../error/circumstances.ts';
import { cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import type { Purpose, Situation } from '../error/situation.ts';
import { purposeMeasure } from './purpose.ts';

const RING = cameraWith(
  [marked('aperture', [2, 8]), fixed('time', '', 1 / 60), marked('focus', [3, Infinity])],
  {
    ...{ formats: ['135'], focalMm: 50, focusing: { kind: 'scale' } }
  }
);
const counting = (seconds: number, byHand = true) =>
  cameraWith([
    fixed('aperture', '16', 16),
    {
      ...{ kind: 'fixed', id: 'time', label: 'time', acts: 'time' },
      position: { mark: 'B', symbol: null, value: seconds, ...(byHand ? { byHand } : {}) }
    }
  ]);
function measured(
  camera: Situation['camera'],
  purpose: Purpose,
  { choice = {}, subjectM = null, off = 0, trails }: Partial<Asked> = {}
): number {
  const s: Situation = {
    ...{
      camera,
      film: filmWith({ formats: camera.formats }),
      light: { lv: 4, sdStops: 0.3 },
      contrast: 'normal'
    },
    ...{ purpose, support: 'standing', circumstances: { ...PLAIN, subjectM } },
    ...(trails ? { trails } : {})
  };
  const prepared = prepare(s);
  const setting = settingOf(camera, choice) ?? allSettings(camera, {})[0];
  if (!setting) throw new Error('no setting');
  const frame = candidateOf(prepared, setting).frameAt(4);
  return purposeMeasure(prepared, setting, { ...frame, deltaStops: off }, 0);
}
interface Asked {
  readonly choice: Choice;
  readonly subjectM: number | null;
  readonly off: number;
  readonly trails: NonNullable<Situation['trails']>;
}

describe('what a purpose asks', () => {
  test('a good frame asks nothing, a stopped motion the shortest time', () => {
    expect(measured(RING, 'good-frame')).toBe(0);
    expect(measured(RING, 'stop-motion')).toBe(1 / 60);
  });
  // f²/(N·(s − f)): the disc that infinity is drawn as. S. F. Ray, Applied Photographic Optics, 3rd ed. (2002), ch. 22 (from memory)
  test('a blurred background: 50 mm at f/2 on 3 m draw infinity as a disc of 0.424 mm', () => {
    const blur = (choice: Choice, subjectM: number | null) =>
      measured(RING, 'blurred-background', { choice, subjectM });
    expect(blur({ aperture: 0 }, 3)).toBeCloseTo(-2500 / (2 * 2950), 9);
    expect(blur({ aperture: 1 }, 3)).toBeCloseTo(-2500 / (8 * 2950), 9);
    expect(blur({ aperture: 0 }, 1.5)).toBeCloseTo(-2500 / (2 * 1450), 9);
    // nobody said how far: where the lens stands
    expect(blur({ aperture: 0, focus: 0 }, null)).toBeCloseTo(-2500 / (2 * 2950), 9);
    expect(Math.abs(blur({ aperture: 0, focus: 1 }, null))).toBe(0);
  });
  // H = 2500/(8·0.03) + 50 mm = 10.467 m: at 3 m from 2.337 to 4.185 m
  test('most in focus: what is sharp at f/8 on 3 m, in dioptres', () => {
    const depth = measured(RING, 'most-in-focus', { choice: { aperture: 1, focus: 0 } });
    const [h, f, s] = [10.466667, 0.05, 3];
    const [near, far] = [(s * (h - f)) / (h + s - 2 * f), (s * (h - f)) / (h - s)];
    expect(depth).toBeCloseTo(-(1 / near - 1 / far), 5);
  });
  test('trails: nothing from 4 to 10 s, else how many stops are missing; the person’s own lengths count', () => {
    const off = (seconds: number, trails?: Asked['trails']) =>
      measured(counting(seconds), 'light-trails', trails ? { trails } : {});
    expect([off(4), off(7), off(10)]).toEqual([0, 0, 0]);
    expect(off(1)).toBeCloseTo(2, 9);
    expect(off(40)).toBeCloseTo(2, 9);
    expect(off(40, { from: 20, to: 60 })).toBe(0);
    expect(off(10, { from: 20, to: 60 })).toBeCloseTo(1, 9);
  });
  test('whole seconds: counted, 4 to 60 of them first, by half stops from the aim, then the shorter', () => {
    const whole = (seconds: number, off = 0) => measured(counting(seconds), 'whole-seconds', { off });
    expect([whole(4), whole(30), whole(60)]).toEqual([4, 30, 60]);
    expect([whole(2), whole(61), whole(120)]).toEqual([10_002, 10_061, 10_120]);
    expect([whole(8, 0.25), whole(8, -0.25)]).toEqual([8, 8]);
    expect([whole(8, 0.3), whole(8, -0.7), whole(8, 0.75)]).toEqual([1008, 1008, 1008]);
    expect([whole(8, 0.8), whole(8, -1.25)]).toEqual([2008, 2008]);
    expect(whole(8, 1.3)).toBe(3008);
    // less than a second nobody counts, and what the shutter times is not counted
    expect(whole(0.5)).toBe(1e6);
    expect(whole(1)).toBe(10_001);
    expect(measured(counting(8, false), 'whole-seconds')).toBe(1e6);
  });
});
