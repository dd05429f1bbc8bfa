// The eye of a camera on which every sum can be done by hand: f/8 at ISO 800, so that LV 5 asks for a quarter of a second.
import { describe, expect, test } from 'vitest';
import { settingOf } from '../camera/setting.ts';
import { cameraWith, fixed } from '../error/pairs.test.fixtures.ts';
import { eyeRead, judgeEye, shouldDo, withEyeFound, type EyeReading, type EyeSign } from './eye-test.ts';

const CAMERA = cameraWith([fixed('aperture', 'f/8', 8)], {
  condition: 'automatic',
  program: {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 1024, longestSeconds: 8, inLowLight: 'closes' },
    eye: { place: 'outside', believesIso: 800, angleDegrees: null }
  }
});
const CINE = cameraWith([fixed('time', '', 1 / 32)], {
  condition: 'automatic',
  program: {
    ...{ kind: 'automatic-aperture', widestFNumber: 2, smallestFNumber: 16 },
    eye: { place: 'outside', believesIso: 25, angleDegrees: null }
  }
});
const setting = (camera: typeof CAMERA) => {
  const s = settingOf(camera, {});
  if (!s) throw new Error('no setting');
  return s;
};
const heard = (seconds: number): EyeSign => ({ kind: 'time', heard: { seconds, sdStops: 0.02 } });
const reading = (light: EyeReading['light'], sign: EyeSign, lv: number | null = null): EyeReading => ({
  ...{ light, sign, metered: lv === null ? null : { lv, sdStops: 0.3 } }
});
const judged = (...readings: readonly EyeReading[]) => judgeEye(CAMERA, setting(CAMERA), readings);

describe('what an eye read', () => {
  test.each([
    [heard(1 / 4), 5, ''],
    [heard(4), 1, ''],
    [heard(30), 0, '−'],
    [{ kind: 'long' } as const, 0, '−'],
    [heard(1 / 4096), 13, '+']
  ])('%o', (sign, lv, bound) => {
    const read = eyeRead(CAMERA, setting(CAMERA), reading('lamp', sign));
    expect(read?.lv).toBeCloseTo(lv, 6);
    expect(read?.bound).toBe(bound);
  });
  test('one sound: at least the light of the shortest time that an ear parts, 1/45 s', () => {
    const read = eyeRead(CAMERA, setting(CAMERA), reading('sky', { kind: 'short' }));
    // LV 5 is 1/4 s, so 1/45 s is log2(45/4) more
    expect(read?.lv).toBeCloseTo(5 + Math.log2(45 / 4), 6);
    expect(read?.bound).toBe('+');
  });
  test('a needle at an opening: f/8 at 1/32 s on ISO 25 is EV 11, LV 13', () => {
    const at = (fNumber: number) =>
      eyeRead(CINE, setting(CINE), reading('sky', { kind: 'aperture', fNumber }));
    expect(at(8)?.lv).toBeCloseTo(13, 3);
    expect(at(4)?.lv).toBeCloseTo(11, 3);
    expect(at(2)?.bound).toBe('−');
    expect(at(16)?.bound).toBe('+');
    expect(eyeRead(CINE, setting(CINE), reading('sky', { kind: 'nothing' }))).toBeNull();
  });
  test('and what it should do comes back', () => {
    expect(shouldDo(CAMERA, setting(CAMERA), 3).seconds).toBeCloseTo(1, 6);
    expect(shouldDo(CINE, setting(CINE), 13).fNumber).toBeCloseTo(8, 6);
  });
});

describe('the verdict', () => {
  test('one light says nothing yet', () => {
    expect(judged()).toBeNull();
    expect(judged(reading('lamp', heard(1)))).toBeNull();
  });
  test('four times as long at twice the distance (inverse square): alive', () => {
    const v = judged(reading('lamp', heard(1 / 4)), reading('lamp-far', heard(1)));
    expect(v?.found).toBe('alive');
    expect(v?.answeredStops).toBeCloseTo(2, 6);
    expect(v?.offStops).toBeNull();
  });
  test.each([
    [0.3, 'dead'],
    [0.4, 'slow'],
    [0.8, 'alive'],
    [2.5, 'slow']
  ])('%d s after a quarter: %s', (seconds, found) => {
    expect(judged(reading('lamp', heard(1 / 4)), reading('lamp-far', heard(seconds)))?.found).toBe(found);
  });
  test.each([
    ['no light moves it', [reading('lamp', { kind: 'nothing' }), reading('sky', { kind: 'nothing' })]],
    ['it runs on in every light', [reading('lamp', { kind: 'long' }), reading('sky', { kind: 'long' })]],
    ['a lamp and a sky are one to it', [reading('lamp', heard(1)), reading('sky', heard(1.1))]]
  ] as const)('dead: %s', (_, readings) => {
    const v = judged(...readings);
    expect(v?.found).toBe('dead');
    expect(v?.offStops).toBeNull();
  });
  test('a window and a sky in one sound are as they should be: a bound that holds is no fault', () => {
    const v = judged(reading('window', { kind: 'short' }), reading('sky', { kind: 'short' }));
    expect(v?.found).toBe('alive');
    expect(v?.offStops).toBeNull();
  });
  test('metered lights: what it reads beside them is its constant', () => {
    const v = judged(reading('lamp', heard(1 / 4), 6.5), reading('lamp-far', heard(1), 4.5));
    expect(v?.found).toBe('off');
    // it read 5 and 3 where 6½ and 4½ were
    expect(v?.offStops).toBeCloseTo(-1.5, 6);
    expect(v?.sdStops).toBeCloseTo(Math.hypot(0.3, 0.02) / Math.SQRT2, 3);
    expect(v && withEyeFound(CAMERA, v)).toMatchObject({ biasStops: 1.5, eyeFound: 'off' });
  });
  test('what is counted with already is not counted twice', () => {
    const known = { ...CAMERA, biasStops: 1.5 };
    const v = judgeEye(known, setting(known), [
      reading('lamp', heard(1 / 4), 6.5),
      reading('lamp-far', heard(1), 4.5)
    ]);
    expect(v?.found).toBe('alive');
    expect(v && withEyeFound(known, v).biasStops).toBe(1.5);
  });
  test('a usual sky that it takes for dusk is a fault that is seen without a meter', () => {
    const v = judged(reading('window', heard(1)), reading('sky', heard(1 / 4)));
    expect(v?.found).toBe('off');
    expect(v?.offStops).toBeLessThan(-8);
  });
});
