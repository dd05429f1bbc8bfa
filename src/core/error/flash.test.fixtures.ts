// Cameras with flash for the tests of chance and advice; numbers as the checks ask for.
import type { Program } from '../camera/kinds/programs.ts';
import type { CameraFlash, FlashUnit } from '../camera/traits.ts';
import { PLAIN, type Circumstances } from './circumstances.ts';
import { cameraWith, fixed, INSTANT, marked } from './pairs.test.fixtures.ts';
import type { Situation } from './situation.ts';

const UNIT: FlashUnit = {
  name: 'test flash',
  guideNumber: 16,
  powers: [0, 1, 2, 3, 4],
  seconds: 1 / 1000,
  angleDegrees: 60
};
export const fired = (subjectM: number, powerStops = 0): Circumstances => ({
  ...PLAIN,
  subjectM,
  flash: { kind: 'fired', unit: UNIT, powerStops, lossStops: 0 }
});
const eye = { place: 'outside', believesIso: 800, angleDegrees: null } as const;
const timed: Program = {
  kind: 'automatic-time',
  ...{ shortestSeconds: 1 / 500, longestSeconds: 1, inLowLight: 'closes', eye }
};
export const NEAR = { focusing: { kind: 'fixed', atM: null, sharpFromM: 1 } } as const;
export const BY_HAND = cameraWith([fixed('aperture', 'f/8', 8), fixed('time', 'I', 1 / 60)], NEAR);
export const TIMED = cameraWith([fixed('aperture', 'f/8.8', 8.8), marked('compensation', [-1, 0, 1])], {
  program: timed
});
export const automatic = (quenched: boolean): CameraFlash => ({
  kind: 'automatic',
  unit: UNIT,
  belowLv: 10,
  overridable: true,
  quenched
});
export const PARTY = cameraWith([fixed('aperture', 'f/12', 12), marked('compensation', [-1, 0, 1])], {
  ...NEAR,
  program: timed,
  flash: automatic(true)
});

export const of = (
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
