// The setting and the reach of cameras with flash.
import { describe, expect, test } from 'vitest';
import type { Program } from '../camera/kinds/programs.ts';
import type { CameraFlash, FlashUnit } from '../camera/traits.ts';
import { PLAIN, type Circumstances } from '../error/circumstances.ts';
import { cameraWith, fixed, INSTANT, marked } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { bestSetting } from './rank.ts';
import { reachOf } from './reach.ts';

const UNIT: FlashUnit = {
  name: 'test flash',
  guideNumber: 16,
  powers: [0, 1, 2, 3, 4],
  seconds: 1 / 1000,
  angleDegrees: 60
};
const fired = (subjectM: number, powerStops = 0): Circumstances => ({
  ...PLAIN,
  subjectM,
  flash: { kind: 'fired', unit: UNIT, powerStops, lossStops: 0 }
});
const eye = { place: 'outside', believesIso: 800, angleDegrees: null } as const;
const timed: Program = {
  kind: 'automatic-time',
  ...{ shortestSeconds: 1 / 500, longestSeconds: 1, inLowLight: 'closes', eye }
};
const NEAR = { focusing: { kind: 'fixed', atM: null, sharpFromM: 1 } } as const;
const BY_HAND = cameraWith([fixed('aperture', 'f/8', 8), fixed('time', 'I', 1 / 60)], NEAR);
const automatic = (quenched: boolean): CameraFlash => ({
  kind: 'automatic',
  unit: UNIT,
  belowLv: 10,
  overridable: true,
  quenched
});
const PARTY = cameraWith([fixed('aperture', 'f/12', 12), marked('compensation', [-1, 0, 1])], {
  ...NEAR,
  program: timed,
  flash: automatic(true)
});

const of = (
  camera: Situation['camera'],
  lv: number,
  sdStops: number,
  circumstances: Circumstances
): Situation => ({
  camera,
  film: INSTANT,
  light: { lv, sdStops },
  contrast: 'normal',
  circumstances
});

describe('with flash', () => {
  test('the reach with flash is walked and ends nowhere in NaN', () => {
    const reach = reachOf(of(BY_HAND, 6, 0.4, fired(3, 2)), {});
    expect(reach.possible.length).toBeGreaterThan(0);
    for (const { from, to } of reach.possible) expect(to).toBeGreaterThan(from);
  });
  test('a camera that fires by itself is likely to do near by in the dark', () => {
    expect(bestSetting(of(PARTY, 2, 0.5, { ...PLAIN, subjectM: 1.5 }), {})?.pUsable).toBeGreaterThan(0.7);
  });
});
