// The eye of a camera on which every sum can be done by hand: f/8 at ISO 800, so that LV 5 asks for a quarter of a second.
import { describe, expect, test } from 'vitest';
import { settingOf } from '../camera/setting.ts';
import { cameraWith, fixed } from '../error/pairs.test.fixtures.ts';
import {
  eyeRead,
  judgeEye,
  shouldDo,
  USUAL_LIGHT,
  withEyeFound,
  type EyeReading,
  type EyeSign
} from './eye-test.ts';

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

describe('what a reading counts for', () => {
  const with_ = (sdStops: number, light: EyeReading['light'], sign: EyeSign, lv: number): EyeReading => ({
    ...{ light, sign, metered: { lv, sdStops } }
  });
  test('a bound counts only where it is broken', () => {
    // LV 12 is heard right; the other stood at its end, which is LV 0 or less
    const right = reading('sky', heard(1 / 512), 12);
    const [weightOfEnd, weightOfRight] = [1 / (0.3 ** 2 + 0.3 ** 2), 1 / (0.02 ** 2 + 0.3 ** 2)];
    const broken = judged(reading('lamp', { kind: 'long' }, 4), right);
    expect(broken?.offStops).toBeCloseTo((-4 * weightOfEnd) / (weightOfEnd + weightOfRight), 6);
    const held = judged(reading('lamp', { kind: 'long' }, -2), right);
    expect(held?.offStops).toBeCloseTo(0, 6);
    expect(held?.sdStops).toBeCloseTo(weightOfRight ** -0.5, 6);
    // one sound is LV 10.5 or more: where it was 8 the eye saw too much, where it was 12 nothing is said
    const [tooMuch, fine] = [8, 12].map((lv) =>
      judged(reading('window', { kind: 'short' }, lv), reading('lamp', heard(1 / 4), 5))
    );
    const high = 5 + Math.log2(45 / 4) - 8;
    const weightOfShort = 1 / (0.5 ** 2 + 0.3 ** 2);
    expect(tooMuch?.offStops).toBeCloseTo((high * weightOfShort) / (weightOfShort + weightOfRight), 6);
    expect(fine?.offStops).toBeCloseTo(0, 6);
  });
  test('a window and a sky are as they usually are, a lamp is not known', () => {
    for (const light of ['window', 'sky'] as const) {
      const usual = USUAL_LIGHT[light];
      const v = judged(reading(light, heard(1)), reading('lamp', heard(1 / 4)));
      expect(v?.offStops).toBeCloseTo(3 - usual.lv, 6);
      expect(v?.sdStops).toBeCloseTo(Math.hypot(0.02, usual.sdStops), 6);
    }
  });
  test('twice the distance answers two stops, in whichever order they were taken', () => {
    const [near, far] = [reading('lamp', heard(1 / 4)), reading('lamp-far', heard(1))];
    expect(judged(far, near)?.answeredStops).toBeCloseTo(2, 6);
    expect(judged(reading('sky', heard(1 / 512)), far, near)?.answeredStops).toBeCloseTo(2, 6);
  });
  test('an end of its range answers only what it can', () => {
    const answer = (near: EyeSign, far: EyeSign) =>
      judged(reading('lamp', near), reading('lamp-far', far))?.answeredStops ?? null;
    // too bright to hear: nothing is known of how far it went down
    expect(answer(heard(1 / 4096), heard(1 / 4))).toBeNull();
    expect(answer({ kind: 'long' }, { kind: 'long' })).toBeNull();
    // it ran on: LV 5 to LV 0 or less is five stops at least; LV 1 to LV 0 or less may well have been two
    expect(answer(heard(1 / 4), { kind: 'long' })).toBeCloseTo(5, 6);
    expect(answer(heard(2), { kind: 'long' })).toBeCloseTo(2, 6);
    expect(answer(heard(4), { kind: 'long' })).toBeNull();
    expect(answer({ kind: 'long' }, heard(1 / 4))).toBeCloseTo(-5, 6);
  });
  test('one light that moved it is no dead eye, and two that are one to it within its range are', () => {
    expect(judged(reading('lamp', heard(1 / 4)), reading('sky', { kind: 'nothing' }))?.found).toBe('alive');
    const one = judged(reading('window', { kind: 'short' }), reading('sky', heard(1 / 45)));
    expect(one?.found).toBe('dead');
  });
  test('off by a third of a stop, and by one and a half times what is unsure', () => {
    const found = (offStops: number, sdStops: number) =>
      judged(with_(sdStops, 'lamp', heard(1 / 4), 5 + offStops), reading('lamp-far', heard(1)))?.found;
    expect([found(0.3, 0.1), found(0.36, 0.1), found(-0.36, 0.1)]).toEqual(['alive', 'off', 'off']);
    expect([found(0.4, 0.3), found(0.5, 0.3)]).toEqual(['alive', 'off']);
  });
  test('a slow eye is no constant to be counted with', () => {
    const slow = judged(reading('lamp', heard(1 / 4), 8), reading('lamp-far', heard(4), 6));
    expect([slow?.found, slow?.offStops !== null]).toEqual(['slow', true]);
    expect(slow && withEyeFound(CAMERA, slow)).toMatchObject({ biasStops: 0, eyeFound: 'slow' });
  });
  test('a needle within its scale is no bound', () => {
    const bound = (fNumber: number) =>
      eyeRead(CINE, setting(CINE), reading('sky', { kind: 'aperture', fNumber }))?.bound;
    expect([bound(2.8), bound(4), bound(8), bound(11)]).toEqual(['', '', '', '']);
  });
});
