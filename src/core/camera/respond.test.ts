// What a camera gives when it wants an exposure value: held between its limits, EV = log2(N²/t).
import { describe, expect, test } from 'vitest';
import { BOX, cameraWith, fixed } from '../error/pairs.test.fixtures.ts';
import { playedBy } from './played-by.ts';
import { evAtSeconds, rangeOf, respond } from './respond.ts';
import { settingOf } from './setting.ts';

const TIMED = cameraWith([fixed('aperture', '8', 8)], {
  program: {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 256, longestSeconds: 4, inLowLight: 'closes' },
    eye: { place: 'outside', believesIso: 100, angleDegrees: null }
  }
});
const settingFor = (camera: typeof BOX) => {
  const setting = settingOf(camera, {});
  if (!setting) throw new Error('no setting');
  return setting;
};

describe('a camera that times itself', () => {
  const setting = settingFor(TIMED);
  test('gives what it wants between its limits, and says which of them held it', () => {
    expect(respond(TIMED, setting, 10)).toEqual({ fNumber: 8, seconds: 1 / 16, ev: 10, limit: 'none' });
    expect(respond(TIMED, setting, 14)).toEqual({ fNumber: 8, seconds: 1 / 256, ev: 14, limit: 'none' });
    expect(respond(TIMED, setting, 15)).toEqual({ fNumber: 8, seconds: 1 / 256, ev: 14, limit: 'bright' });
    expect(respond(TIMED, setting, 4)).toEqual({ fNumber: 8, seconds: 4, ev: 4, limit: 'none' });
    expect(respond(TIMED, setting, 3.9)).toEqual({ fNumber: 8, seconds: 4, ev: 4, limit: 'dark' });
    expect(respond(TIMED, setting, -Infinity).limit).toBe('dark');
    expect(respond(TIMED, setting, Infinity).limit).toBe('bright');
  });
  test('its range is worked out once for a setting', () => {
    expect(rangeOf(TIMED, setting)).toEqual({ min: 4, max: 14 });
    expect(rangeOf(TIMED, setting)).toBe(rangeOf(TIMED, setting));
    expect(rangeOf(TIMED, { ...setting, fNumber: 16 })).toEqual({ min: 6, max: 16 });
  });
  test('a time tells where on its line it stands', () => {
    expect(evAtSeconds(TIMED, setting, 1 / 16)).toBe(10);
    expect(evAtSeconds(TIMED, setting, 8)).toBeNull();
  });
});

test('a camera set by hand gives what was set, and is at no limit', () => {
  const setting = settingFor(BOX);
  const ev = Math.log2(16 ** 2 * 25);
  for (const wanted of [0, 9, 20]) {
    expect(respond(BOX, setting, wanted)).toMatchObject({ fNumber: 16, seconds: 1 / 25, limit: 'none' });
    expect(respond(BOX, setting, wanted).ev).toBeCloseTo(ev, 12);
  }
});

describe('the camera as a setting has it', () => {
  const setting = settingFor(TIMED);
  test('is itself where nothing is chosen, and the same one for the same choice', () => {
    expect(playedBy(TIMED, setting)).toBe(TIMED);
    const overridden = { ...setting, overridden: true };
    expect(playedBy(TIMED, overridden)).toBe(playedBy(TIMED, { ...overridden }));
    expect(playedBy(TIMED, overridden).program).toEqual({ kind: 'manual' });
    const longer = { ...setting, focalMm: 150 };
    expect(playedBy(TIMED, longer)).toMatchObject({ focalMm: 150, program: TIMED.program });
    expect(playedBy(TIMED, { ...longer, overridden: true })).toMatchObject({
      ...{ focalMm: 150, program: { kind: 'manual' } }
    });
  });
  test('held for half as long with a lens twice as long; what was unsure was its cell', () => {
    const unsure = { ...TIMED, condition: 'unsure' as const, handHeldSeconds: 1 / 20 };
    const by = { ...setting, focalMm: 150 };
    expect(playedBy(unsure, by)).toMatchObject({ handHeldSeconds: 1 / 40, condition: 'unsure' });
    expect(playedBy(unsure, { ...by, overridden: true }).condition).toBe('old');
    expect(playedBy(TIMED, { ...by, overridden: true }).condition).toBe('mechanical');
    expect(playedBy({ ...TIMED, handHeldSeconds: null }, by).handHeldSeconds).toBeNull();
  });
});
