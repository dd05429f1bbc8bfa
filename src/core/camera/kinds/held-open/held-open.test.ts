import { describe, expect, test } from 'vitest';
import { cameraFaults } from '../../faults.ts';
import { allSettings, settingOf } from '../../setting.ts';
import { respond } from '../../respond.ts';
import { cameraWith, filmWith, fixed } from '../../../error/pairs.test.fixtures.ts';
import { bestSetting } from '../../../advice/rank.ts';
import { judge } from '../../../chance/verdict.ts';
import type { Situation } from '../../../error/situation.ts';
import type { HeldOpenControl } from './control.ts';
import type { OverrideControl } from '../override/control.ts';
import type { Program } from '../programs.ts';

const program: Program = {
  ...{ kind: 'automatic-time', shortestSeconds: 1 / 256, longestSeconds: 1, inLowLight: 'closes' },
  eye: { place: 'outside', believesIso: 100, angleDegrees: null }
};
const TRICK: HeldOpenControl = {
  ...{ kind: 'held-open', id: 'time', label: 'shutter', acts: 'time' },
  steps: { opens: 'cover the eye, press', closes: 'uncover it', after: '', caution: '' }
};
const DIAL: OverrideControl = {
  ...{ kind: 'override', id: 'time', label: 'speed dial', acts: 'time', shape: 'wheel', automaticMark: 'A' },
  marks: [
    { mark: '30', symbol: null, value: 1 / 32 },
    { mark: '125', symbol: null, value: 1 / 128 }
  ]
};
const film = { ...filmWith(), iso: 100 };
const tricked = cameraWith([fixed('aperture', '8', 8), TRICK], { program });
const dialled = cameraWith([fixed('aperture', '8', 8), DIAL], { program });
const at = (camera: typeof tricked, lv: number, more: Partial<Situation> = {}): Situation => ({
  ...{ camera, film, light: { lv, sdStops: 0.3 }, contrast: 'normal', ...more }
});

describe('a camera that times itself and can be held open', () => {
  test('has no faults, and its own time among the others', () => {
    expect(cameraFaults(tricked)).toEqual([]);
    const settings = allSettings(tricked, {});
    expect(settings[0]).toMatchObject({ seconds: null, overridden: false });
    expect(settings.slice(1).every((s) => s.overridden && s.timedByHand)).toBe(true);
  });
  test('in light it serves, and by hand in the dark, it is left to itself', () => {
    expect(bestSetting(at(tricked, 12), {})?.setting.overridden).toBe(false);
    expect(bestSetting(at(tricked, 2), {})?.setting.overridden).toBe(false);
  });
  test('four stops beyond its longest time, standing on something, it is held open', () => {
    // f/8 and 1 s serve LV 6; at LV 2 the film wants 16 s
    const best = bestSetting(at(tricked, 2, { support: 'standing' }), {});
    expect(best?.setting.overridden).toBe(true);
    expect(best?.exposure.seconds).toBeGreaterThan(7);
    expect(best?.pUsable).toBeGreaterThan(0.75);
  });
  test('its timer and its cell are out of the sum', () => {
    const setting = settingOf(tricked, { time: 4 });
    if (!setting) throw new Error('no setting');
    const unsure = { ...tricked, condition: 'unsure' as const };
    const seen = judge(at(unsure, 4, { support: 'standing' }), setting);
    expect(seen.deltaStops).toBeCloseTo(4 - Math.log2(64 / 8), 6);
    expect(respond(tricked, setting, 12)).toMatchObject({ seconds: 8, limit: 'none' });
  });
});

describe('an automatic camera with a dial', () => {
  test('is left on A unless the dial gains much', () => {
    expect(cameraFaults(dialled)).toEqual([]);
    expect(bestSetting(at(dialled, 12), {})?.setting.choice['time']).toBe(0);
  });
  test('off A it gives the time of its mark, whatever it reads', () => {
    const setting = settingOf(dialled, { time: 2 });
    if (!setting) throw new Error('no setting');
    for (const wanted of [2, 12, 18]) expect(respond(dialled, setting, wanted).seconds).toBe(1 / 128);
    expect(judge(at(dialled, 13), setting).deltaStops).toBeCloseTo(0, 6);
    expect(judge(at(dialled, 15), setting).deltaStops).toBeCloseTo(2, 6);
  });
});
