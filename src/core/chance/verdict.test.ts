// What a verdict says beside its chance, and which errors leave a chance.
import { describe, expect, test } from 'vitest';
import { BOX, cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { INSTANT_800, METERLESS, mono, slide, TWIN } from '../error/panel.test.fixtures.ts';
import { settingOf, type Choice } from '../camera/setting.ts';
import { PLAIN } from '../error/circumstances.ts';
import { errorSd, type Situation } from '../error/situation.ts';
import { filmWindow } from '../film/window.ts';
import { normalBetween } from '../numeric/normal.ts';
import { aimStops } from './aim.ts';
import { multiplied } from './candidate-parts.ts';
import { preparedFor } from './candidate.ts';
import { drawnSeconds, failuresOf, focusAt, limitsOf, sharedFormat, syncSeconds } from './conditions.ts';
import { errorsWithChance } from './errors-with-chance.ts';
import { prepare } from './prepared.ts';
import { chanceClass, judge } from './verdict.ts';

const at = (
  camera: typeof BOX,
  film: Situation['film'],
  lv: number,
  more: Partial<Situation> = {}
): Situation => ({
  ...{ camera, film, light: { lv, sdStops: 0.5 }, contrast: 'normal' },
  ...more
});
const judged = (s: Situation, choice: Choice = {}) => {
  const setting = settingOf(s.camera, choice);
  if (!setting) throw new Error('no setting');
  return { setting, verdict: judge(s, setting) };
};

test('a chance is likely from three quarters on, possible from a half', () => {
  expect([1, 0.75, 0.749, 0.5, 0.499, 0].map(chanceClass)).toEqual([
    ...['likely', 'likely', 'possible', 'possible', 'unlikely', 'unlikely']
  ]);
});

describe('a verdict', () => {
  const walker = at(METERLESS, mono(125), 8, {
    motion: { metresPerSecond: 1.4, way: 'oblique' },
    circumstances: { ...PLAIN, subjectM: 4 }
  });
  test('its factors multiply to its chance, what is certain left out', () => {
    for (const s of [walker, at(TWIN, INSTANT_800, 8.5, { circumstances: { ...PLAIN, subjectM: 3 } })]) {
      const { verdict } = judged(s, { aperture: 1, time: 6, compensation: 1 });
      const product = verdict.factors.reduce((p, f) => p * f.chance, 1);
      expect(product).toBeCloseTo(verdict.pUsable, 6);
      expect(verdict.factors[0]?.kind).toBe('exposure');
      expect(verdict.factors.slice(1).every((f) => f.chance < 1 - 1e-9)).toBe(true);
    }
    const sure = judged(
      { ...walker, support: 'standing', motion: { metresPerSecond: 0, way: 'across' } },
      {
        ...{ aperture: 5, time: 6 }
      }
    ).verdict;
    expect(sure.factors.map((f) => f.kind)).not.toContain('hand');
    expect(sure.factors.map((f) => f.kind)).not.toContain('subject');
  });
  test('the room to both edges of the window, and how sure the error is', () => {
    const { verdict, setting } = judged(at(BOX, filmWith({ iso: 100 }), 12));
    const { usable } = filmWindow(filmWith({ iso: 100 }), 'normal');
    expect(verdict.slackUnderStops).toBeCloseTo(verdict.deltaStops - usable.lo, 12);
    expect(verdict.slackOverStops).toBeCloseTo(usable.hi - verdict.deltaStops, 12);
    expect(verdict.slackUnderStops + verdict.slackOverStops).toBeCloseTo(usable.hi - usable.lo, 12);
    expect(verdict.sdStops).toBeCloseTo(errorSd(at(BOX, filmWith({ iso: 100 }), 12), false, setting), 12);
    // inside its limits a camera that sets itself cancels the light's part, beyond them not
    const [inside, beyond] = [10, 17].map((lv) => {
      const s = at(TWIN, INSTANT_800, lv, { light: { lv, sdStops: 1 } });
      const { verdict: v, setting: one } = judged(s, { aperture: 1, compensation: 1 });
      return { sd: v.sdStops, limit: v.exposure.limit, of: (limited: boolean) => errorSd(s, limited, one) };
    });
    expect(inside?.sd).toBe(inside?.of(false));
    expect(beyond?.limit).toBe('bright');
    expect(beyond?.sd).toBe(beyond?.of(true));
    expect(beyond?.of(true)).not.toBe(beyond?.of(false));
  });
  test('what is certain to fail stands with the exposure, and nothing beside it', () => {
    const unit = { name: '', guideNumber: 16, powers: [0], seconds: 1 / 1000, angleDegrees: null };
    const camera = cameraWith([fixed('aperture', '8', 8), fixed('time', '', 1 / 500)], {
      flash: { kind: 'shoe', syncSeconds: 1 / 60 }
    });
    const circumstances = {
      ...{ ...PLAIN, subjectM: 2 },
      flash: { kind: 'fired', unit, powerStops: 0, lossStops: 0 } as const
    };
    const { verdict } = judged(at(camera, mono(100), 8, { circumstances }));
    expect(verdict.pUsable).toBe(0);
    expect(verdict.factors.map((f) => [f.kind, f.kind === 'exposure' ? 1 : f.chance])).toEqual([
      ['exposure', 1],
      ['sync', 0]
    ]);
    expect(verdict.failures[0]).toMatchObject({ condition: 'sync', chance: 0, syncSeconds: 1 / 60 });
    // a third of a stop is as fine as marks are
    const near = { ...camera, controls: [fixed('aperture', '8', 8), fixed('time', '', 1 / 75)] };
    expect(
      judged(at(near, mono(100), 8, { circumstances })).verdict.failures.map((f) => f.condition)
    ).not.toContain('sync');
    // a bulb needs its own time, wherever it is fired
    expect(syncSeconds(camera, unit)).toBe(1 / 60);
    expect(syncSeconds(camera, { ...unit, bulbs: { leastSeconds: 1 / 30 } })).toBe(1 / 30);
    expect(syncSeconds({ ...camera, flash: { kind: 'none' } }, unit)).toBe(0);
    expect(syncSeconds({ ...camera, flash: { kind: 'switch', unit, syncSeconds: 1 / 90 } }, unit)).toBe(
      1 / 90
    );
  });
  test('counted in the hand, or too short to count', () => {
    const camera = (seconds: number) =>
      cameraWith([
        fixed('aperture', '16', 16),
        {
          ...{ kind: 'marked', id: 'time', label: 'time', acts: 'time', shape: 'lever' },
          positions: [{ mark: 'B', symbol: null, value: seconds, byHand: true }]
        }
      ]);
    const said = (seconds: number, support: Situation['support']) => {
      const { verdict } = judged(at(camera(seconds), mono(100), 4, support ? { support } : {}));
      return [verdict.failures[0]?.condition, verdict.factors[1]?.kind, verdict.pUsable === 0];
    };
    expect(said(4, undefined)).toEqual(['counted-in-hand', 'counted', true]);
    expect(said(4, 'leaning')).toEqual(['counted-in-hand', 'counted', true]);
    expect(said(0.25, 'standing')).toEqual(['counted-too-short', 'counted', true]);
    expect(said(4, 'standing')[2]).toBe(false);
    // what is counted in the hand is not told as shaken too
    const { verdict } = judged(at(camera(4), mono(100), 4));
    expect(verdict.failures.map((f) => f.condition)).not.toContain('hold');
    const s = at(camera(4), mono(100), 4);
    const { setting } = judged(s);
    const on = { exposure: verdict.exposure, flash: null };
    const shaken = { lock: 1, hand: 0.1, subject: 1, focus: 1 };
    expect(failuresOf(s.camera, limitsOf(s), setting, on, shaken).map((f) => f.condition)).toEqual([
      'counted-in-hand'
    ]);
  });
  test('a shutter that locks is told only where it may', () => {
    const camera = cameraWith([fixed('aperture', '4', 4)], {
      program: {
        ...{ kind: 'automatic-time', shortestSeconds: 1 / 512, longestSeconds: 1 / 32, inLowLight: 'locks' },
        eye: { place: 'outside', believesIso: 100, angleDegrees: null }
      }
    });
    const told = (lv: number): readonly string[] =>
      judged(at(camera, mono(100), lv, { support: 'standing' })).verdict.failures.map((f) => f.condition);
    expect([told(12), told(10.5), told(7)]).toEqual([[], [], ['locked']]);
  });
  test('the least likely condition is told first', () => {
    const { verdict } = judged(walker, { aperture: 1, time: 2 });
    const chances = verdict.failures.map((f) => f.chance);
    expect(chances.length).toBeGreaterThan(1);
    expect(chances).toEqual([...chances].sort((a, b) => a - b));
    const motion = verdict.failures.find((f) => f.condition === 'motion');
    expect(motion?.condition === 'motion' && motion.limitSeconds).toBeLessThan(1 / 30);
  });
});

describe('conditions in one product', () => {
  test('each stands after those before it', () => {
    const { exposure, released, held, still, usable, good } = multiplied(0.9, 0.7, 0.5, 0.8, 0.4, 0.25);
    expect([exposure, released, held].map((p) => p.toFixed(6))).toEqual(['0.900000', '0.450000', '0.360000']);
    expect([still, usable, good].map((p) => p.toFixed(6))).toEqual(['0.144000', '0.036000', '0.028000']);
    expect(multiplied(0.9, 0.7, 0, 0.8, 0, 0)).toEqual({
      ...{ exposure: 0.9, released: 0, held: 0, still: 0, usable: 0, good: 0 }
    });
  });
});

describe('errors that leave a chance', () => {
  const window = { lo: -1, hi: 2 };
  test('at both ends the chance is just that', () => {
    for (const sd of [0.3, 0.6])
      for (const p of [0.5, 0.75]) {
        const errors = errorsWithChance(window, sd, p);
        if (!errors) throw new Error('none');
        for (const mean of [errors.lo, errors.hi]) expect(normalBetween(mean, sd, -1, 2)).toBeCloseTo(p, 6);
        expect((errors.lo + errors.hi) / 2).toBeCloseTo(0.5, 9);
        expect(normalBetween(errors.hi + 0.01, sd, -1, 2)).toBeLessThan(p);
      }
  });
  test('a small chance is left far outside the window', () => {
    const errors = errorsWithChance(window, 0.4, 1e-6);
    expect(errors?.hi).toBeGreaterThan(3);
    expect(normalBetween(errors?.hi ?? 0, 0.4, -1, 2)).toBeCloseTo(1e-6, 9);
  });
  test('known exactly it is the window itself; none where its middle falls short, or there is no window', () => {
    expect(errorsWithChance(window, 0, 0.75)).toEqual(window);
    expect(errorsWithChance(window, 3, 0.75)).toBeNull();
    expect(errorsWithChance({ lo: 1, hi: 1 }, 0.3, 0.5)).toBeNull();
    expect(errorsWithChance({ lo: 2, hi: 1 }, 0, 0.5)).toBeNull();
    expect(errorsWithChance({ lo: 1, hi: 1 }, 0.3, 0)).toBeNull();
    // the middle that has just that chance is an answer
    const middle = errorsWithChance(window, 0.6, normalBetween(0.5, 0.6, -1, 2));
    expect([middle?.lo, middle?.hi].map((x) => x?.toFixed(4))).toEqual(['0.5000', '0.5000']);
  });
});

describe('what all settings share', () => {
  test('by hand its own error is in the sum, on a camera that sets itself in what it wants', () => {
    const biased = (camera: typeof BOX) =>
      prepare(at({ ...camera, biasStops: 0.5 }, mono(100), 9)).fixedStops;
    expect(biased(METERLESS)).toBeCloseTo(0.5, 12);
    expect(biased(TWIN)).toBeCloseTo(0, 12);
    const filtered = { ...PLAIN, filters: [{ name: '', stops: 3, place: 'lens' as const }], exposures: 4 };
    const shared = prepare(
      at(METERLESS, { ...mono(400), developmentStops: 1 }, 9, { circumstances: filtered })
    );
    expect(shared.fixedStops).toBeCloseTo(2 + 1 - 3, 12);
    expect(shared.filmStops).toBe(1);
    expect(shared.repeatStops).toBe(2);
  });
  test('a flash that outshines the rest lights evenly: hard light is as usual, flat light stays flat', () => {
    const of = (contrast: Situation['contrast']) => prepare(at(METERLESS, slide(100), 9, { contrast }));
    expect(of('hard').flashWindow).toEqual(filmWindow(slide(100), 'normal'));
    expect(of('flat').flashWindow).toEqual(filmWindow(slide(100), 'flat'));
    expect(of('hard').window).toEqual(filmWindow(slide(100), 'hard'));
  });
  test('the film is used in the first of the camera’s sizes that it comes in', () => {
    const camera = { ...BOX, formats: ['roll-6x9', 'roll-6x6'] as const };
    expect(sharedFormat(camera, filmWith({ formats: ['roll-6x6', '135'] }))).toBe('roll-6x6');
    expect(sharedFormat(camera, filmWith({ formats: ['roll-6x6', 'roll-6x9'] }))).toBe('roll-6x9');
    expect(sharedFormat(camera, filmWith({ formats: ['135'] }))).toBeNull();
  });
  test('a setting that changes nothing of the camera leaves all as it is; one by hand does not', () => {
    const s = at(TWIN, INSTANT_800, 9);
    const prepared = prepare(s);
    const { setting } = judged(s, { aperture: 1, compensation: 1 });
    expect(preparedFor(prepared, setting)).toBe(prepared);
    const by = { ...setting, overridden: true, seconds: 1 / 60 };
    const other = preparedFor(prepared, by);
    expect(other.situation.camera.program).toEqual({ kind: 'manual' });
    expect(preparedFor(prepared, { ...by })).toBe(other);
  });
});

describe('the aim', () => {
  test('is the error nearest to none that costs a point at most', () => {
    for (const sd of [0.3, 0.7, 1]) {
      const [best, aim] = [normalBetween(1, sd, -0.2, 2.2), aimStops({ lo: -0.2, hi: 2.2 }, sd)];
      expect(normalBetween(aim, sd, -0.2, 2.2)).toBeCloseTo(best - 0.01, 6);
      expect(aim).toBeGreaterThan(0);
      expect(aim).toBeLessThan(1);
      expect(aimStops({ lo: -2.2, hi: 0.2 }, sd)).toBeCloseTo(-aim, 6);
    }
    // none costs nothing here
    expect(aimStops({ lo: -1, hi: 1.2 }, 0.3)).toBeCloseTo(0, 12);
  });
  test('without a window it is where the window would be', () => {
    expect(aimStops({ lo: 1, hi: 1 }, 0.3)).toBe(1);
    expect(aimStops({ lo: 2, hi: 1 }, 0.3)).toBe(1.5);
    expect(aimStops({ lo: 1, hi: 1 }, 0)).toBe(1);
  });
});

describe('what a picture is drawn by, and through what', () => {
  const exposure = { fNumber: 8, seconds: 1 / 8, ev: 9, limit: 'none' } as const;
  test('by the flash alone where it outshines the rest by two stops', () => {
    const drawn = (stops: number, ambientStops: number): number =>
      drawnSeconds(exposure, { stops, ambientStops, seconds: 1 / 1000 });
    expect(drawnSeconds(exposure, null)).toBe(1 / 8);
    expect([drawn(1, -1), drawn(3, 0), drawn(-1, -3)]).toEqual([1 / 1000, 1 / 1000, 1 / 1000]);
    expect([drawn(1, -0.9), drawn(-2, 1), drawn(0, 0)]).toEqual([1 / 8, 1 / 8, 1 / 8]);
  });

  // S. F. Ray, Applied Photographic Optics, 3rd ed. (2002), ch. 22 (from memory): 1/s through a lens of D dioptres is 1/s less D
  test('through a close-up lens near and far move by its dioptres', () => {
    const camera = cameraWith(
      [fixed('aperture', '8', 8), fixed('time', '', 1 / 60), marked('focus', [1, 3, Infinity])],
      {
        ...{ formats: ['135'], focalMm: 50, focusing: { kind: 'scale' } }
      }
    );
    const chance = (subjectM: number, dioptres: number, focus: number): number => {
      const circumstances = { ...PLAIN, subjectM, closeUpDioptres: dioptres };
      const s = at(camera, mono(100), 12, { circumstances, distanceBy: 'measured', support: 'standing' });
      const { setting } = judged(s, { focus });
      return focusAt(camera, limitsOf(s), setting, 8);
    };
    // the mark nearest to what is seen stands for it: 0.5 m through 1 dioptre look like 1 m, 0.75 m through 1 like 3 m
    expect(chance(0.5, 1, 0)).toBeGreaterThan(0.6);
    expect(chance(0.75, 1, 1)).toBeGreaterThan(0.6);
    expect(chance(0.5, 1, 2)).toBeLessThan(0.05);
    expect(chance(0.75, 1, 0)).toBeLessThan(0.5);
    expect(chance(1, 1, 2)).toBeGreaterThan(0.6);
    expect(chance(0.5, 0, 0)).toBeLessThan(0.05);
    // nearer than the lens is long nothing can be said
    expect(chance(0.05, 0, 0)).toBe(1);
    expect(chance(0.04, 2, 0)).toBe(1);
  });
});
