import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import { settingOf, type Setting } from '../camera/setting.ts';
import type { CameraFlash, FlashUnit } from '../camera/traits.ts';
import { PLAIN, type Circumstances } from './circumstances.ts';
import { closeFocusStops, errorOfFrame, filmTerms } from './delta.ts';
import { automaticFlash, FLASH_PROGRAM_SECONDS, flashErrorStops, flashFor, respondLit } from './firing.ts';
import { cameraWith, filmWith, fixed, INSTANT, marked } from './pairs.test.fixtures.ts';
import { errorSd, spreadOf, type Situation } from './situation.ts';

const UNIT: FlashUnit = { name: '', guideNumber: 16, powers: [0], seconds: 1 / 1000, angleDegrees: null };
const OWN: CameraFlash = { kind: 'automatic', unit: UNIT, belowLv: 10, overridable: true, quenched: true };
const eye = { place: 'outside', believesIso: 800, angleDegrees: null } as const;
const timed = (flash: CameraFlash, more: Partial<Camera> = {}): Camera =>
  cameraWith([fixed('aperture', 'f/8', 8), marked('compensation', [-1, 0, 1])], {
    program: {
      kind: 'automatic-time',
      ...{ shortestSeconds: 1 / 500, longestSeconds: 1, inLowLight: 'closes', eye }
    },
    flash,
    ...more
  });
const setting = (camera: Camera, choice = {}): Setting => {
  const found = settingOf(camera, choice);
  if (!found) throw new Error('no setting');
  return found;
};
const fired: Circumstances = {
  ...{ ...PLAIN, subjectM: 2 },
  flash: { kind: 'fired', unit: UNIT, powerStops: 0, lossStops: 0 }
};

describe('which flash fires', () => {
  test('its own below its light, not at it or above, and none beside one that was fired by hand', () => {
    const camera = timed(OWN);
    expect(flashFor(camera, PLAIN, 9.99)?.use.unit).toBe(UNIT);
    expect(flashFor(camera, PLAIN, 10)).toBeNull();
    expect(flashFor(camera, PLAIN, 12)).toBeNull();
    expect(automaticFlash(camera, fired)).toBeNull();
    expect(automaticFlash(camera, { ...PLAIN, flash: { kind: 'off' } })).toBeNull();
  });
});

describe('what the flash gives', () => {
  const on = (camera: Camera, choice = {}, film = INSTANT) => ({
    ...{ camera, film, setting: setting(camera, choice), circumstances: { ...PLAIN, subjectM: 0.2 } }
  });
  const use = { unit: UNIT, powerStops: 0, lossStops: 0 };
  test('a lens moved out for a near subject takes 2·log2(1 + m) of it', () => {
    const camera = timed(OWN);
    const plain = flashErrorStops({ use, quenched: false }, on(camera), 8, 0, 0);
    const near = flashErrorStops({ use, quenched: false }, on(camera), 8, 0, 0.5);
    expect(near - plain).toBeCloseTo(-2 * Math.log2(1.5), 12);
  });
  // the cell cuts the flash off where the camera believes it to be right: film speed against its dial, what the film gains or
  // loses, lighten–darken and the camera's own error move that point
  test('a quenched one ends where the camera believes it to be right', () => {
    const at = (more: Partial<Camera>, compensation: number, filmStops: number, iso = 800) => {
      const camera = timed(OWN, more);
      const film = filmWith({ iso });
      return flashErrorStops({ use, quenched: true }, on(camera, { compensation }, film), 8, filmStops, 0);
    };
    expect(at({}, 1, 0)).toBeCloseTo(0, 12);
    expect(at({}, 2, 0)).toBeCloseTo(1, 12);
    expect(at({ biasStops: 0.4 }, 1, 0)).toBeCloseTo(0.4, 12);
    expect(at({}, 1, 0.7)).toBeCloseTo(0.7, 12);
    expect(at({}, 1, 0, 1600)).toBeCloseTo(1, 12);
  });
});

describe('the time of a camera with its own flash', () => {
  const seconds = (camera: Camera, lv: number, circumstances: Circumstances = PLAIN): number =>
    respondLit(camera, circumstances, setting(camera, { compensation: 1 }), lv + 3, lv).seconds;
  const BY_SWITCH: CameraFlash = { kind: 'switch', unit: UNIT, syncSeconds: null };
  test('ends at the flash program in the dark, is its own in light, and not where nothing fires', () => {
    expect(seconds(timed(OWN), 2)).toBe(FLASH_PROGRAM_SECONDS);
    expect(seconds(timed(OWN), 2, { ...PLAIN, flash: { kind: 'off' } })).toBeGreaterThan(
      FLASH_PROGRAM_SECONDS
    );
    expect(seconds(timed(OWN), 9.9)).toBeCloseTo(64 / 2 ** 12.9, 6);
    expect(seconds(timed(OWN), 11)).toBeCloseTo(64 / 2 ** 14, 6);
    expect(seconds(timed(BY_SWITCH), 2, fired)).toBe(FLASH_PROGRAM_SECONDS);
    expect(seconds(timed(BY_SWITCH), 2)).toBe(1);
  });
  test('a separate flash leaves it alone', () => {
    expect(seconds(timed({ kind: 'shoe', syncSeconds: null }), 2, fired)).toBe(1);
  });
  test('a camera set by hand keeps its time', () => {
    const camera = cameraWith([fixed('aperture', 'f/8', 8), fixed('time', '1', 1)], { flash: BY_SWITCH });
    expect(seconds(camera, 2, fired)).toBe(1);
  });
});

describe('the terms of film and lens', () => {
  test('an old film is slower, a pushed one faster', () => {
    const stops = Object.fromEntries(
      filmTerms(filmWith({ ageStops: 1, developmentStops: 2 }), PLAIN).map((t) => [t.term, t.stops])
    );
    expect(stops).toMatchObject({ age: -1, development: 2 });
  });
  test('a lens moved out loses light, unless the eye sits behind it; one that cannot be moved loses none', () => {
    const focus = marked('focus', [0.375, Infinity]);
    const behind = { ...eye, place: 'behind-lens' } as const;
    const by = (place: typeof eye | typeof behind, controls = [focus]) => {
      const { program, ...rest } = timed({ kind: 'none' });
      const camera = {
        ...rest,
        controls: [...rest.controls, ...controls],
        program: { ...program, eye: place }
      };
      return closeFocusStops(camera, setting(camera, { focus: 0 }));
    };
    // 75 mm at 375 mm: m = 75/300
    expect(by(eye)).toBeCloseTo(-2 * Math.log2(1.25), 12);
    expect(by(behind)).toBe(0);
    expect(Object.is(by(eye, []), 0)).toBe(true);
    expect(by(eye, [marked('focus', [0.375])])).toBe(0);
  });
});

describe('how sure', () => {
  const of = (condition: Camera['condition'], toleranceStops: number | null = null): Situation => ({
    ...{ camera: timed({ kind: 'none' }, { condition, toleranceStops }), film: INSTANT },
    ...{ light: { lv: 10, sdStops: 0.5 }, contrast: 'normal' }
  });
  test('a cell that is old or unsure has heavy tails, one that was tested or is new has none', () => {
    expect(spreadOf(of('old')).readings.length).toBeGreaterThan(1);
    expect(spreadOf(of('unsure')).readings.length).toBeGreaterThan(1);
    expect(spreadOf(of('automatic')).readings).toHaveLength(1);
    expect(spreadOf(of('old', 0.3)).readings).toHaveLength(1);
  });
  // the variance of a Student t of four degrees of freedom is 4/(4 − 2) = 2 (Gelman et al., Bayesian Data Analysis, 2013)
  test('a mixture has about the variance of what it stands for', () => {
    const { readings, readingSd } = spreadOf(of('old'));
    const variance = readings.reduce((sum, { weight, sd }) => sum + weight * sd * sd, 0);
    expect(readings.reduce((sum, r) => sum + r.weight, 0)).toBeCloseTo(1, 9);
    expect(variance).toBeGreaterThan(1.5);
    expect(variance).toBeLessThan(3);
    expect(readingSd).toBeGreaterThan(1);
  });
  test('past its limit the light counts, inside them the reading', () => {
    const sure = of('automatic', 0.1);
    expect(errorSd(sure, true)).toBeGreaterThan(errorSd(sure, false) + 0.1);
    expect(errorOfFrame(sure.camera, sure.film, setting(sure.camera), 10).terms.length).toBeGreaterThan(0);
  });
});
