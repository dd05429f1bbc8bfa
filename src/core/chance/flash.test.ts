import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { allSettings, settingOf, type Setting } from '../camera/setting.ts';
import type { CameraFlash } from '../camera/traits.ts';
import { mixedStops } from '../flash/flash.ts';
import { candidateOf } from './candidate.ts';
import { flashSpread } from './flash-chance.ts';
import { fired, NEAR, BY_HAND, TIMED, automatic, PARTY, of } from '../error/flash.test.fixtures.ts';
import { PLAIN, type Circumstances } from '../error/circumstances.ts';
import { errorOfFrame, sumTerms } from '../error/delta.ts';
import { cameraWith, filmWith, fixed } from '../error/pairs.test.fixtures.ts';
import { normalBetween } from '../numeric/normal.ts';
import { prepare } from './prepared.ts';
import { spreadOf, type Situation } from '../error/situation.ts';
import { judge } from './verdict.ts';

const only = (s: Situation, choice = {}): Setting => {
  const setting = settingOf(s.camera, choice);
  if (!setting) throw new Error('no setting');
  return setting;
};
/** A small generator of random numbers with a seed (mulberry32), and normal ones from pairs of them (Box & Muller 1958). */
function normals(seed: number): () => number {
  let state = seed;
  const uniform = (): number => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}

describe('flash and the light that is there', () => {
  test('the sum is the mix: log2(2^ambient + 2^flash), and its terms add up', () => {
    const s = of(BY_HAND, 5, 0.3, fired(2.5));
    const { terms, flash } = errorOfFrame(s.camera, s.film, only(s), 5, s.circumstances);
    expect(flash).not.toBeNull();
    expect(sumTerms(terms)).toBeCloseTo(mixedStops(flash?.ambientStops ?? 0, flash?.stops ?? 0), 12);
    expect(terms.map((t) => t.term)).toContain('flash');
  });
  // common practice, no source: a flash of guide number 16 at an eighth on ISO 800 at f/8.8 centres at about 1.8 m,
  // and nearer subjects come out light
  test('a small flash on an automatic camera in the dark', () => {
    const at = (m: number): number => {
      const s = of(TIMED, -3, 0.3, fired(m, 3));
      return judge(s, only(s, { compensation: 1 })).deltaStops;
    };
    expect(at(1.8)).toBeCloseTo(0, 0);
    expect(at(0.9)).toBeGreaterThan(1.5);
    expect(at(3.6)).toBeLessThan(-1.5);
  });
  test('far away the flash does nothing, close by it rules and its own time counts for the hand', () => {
    const night = (m: number, lv = 0) => {
      const s = of(
        cameraWith([fixed('aperture', 'f/8', 8), fixed('time', 'I', 1 / 4)], NEAR),
        lv,
        0.3,
        fired(m)
      );
      return judge(s, only(s));
    };
    expect(night(100, 4).failures.map((f) => f.condition)).toContain('hold');
    expect(night(4).failures).toEqual([]);
  });
  test('a time shorter than the flash needs is named', () => {
    const s = of(
      {
        ...cameraWith([fixed('aperture', 'f/8', 8), fixed('time', '', 1 / 250)], NEAR),
        flash: { kind: 'shoe', syncSeconds: 1 / 60 }
      },
      3,
      0.3,
      fired(2)
    );
    expect(judge(s, only(s)).failures).toEqual([
      { condition: 'sync', chance: 0, seconds: 1 / 250, syncSeconds: 1 / 60 }
    ]);
  });
});

describe('a camera that changes its program once a flash is fitted', () => {
  // common practice, no source: instant cameras of the pack kind give a fixed short time as soon as their flash is on
  const own = { kind: 'shoe', syncSeconds: null } as const;
  const fitted = { ...own, fitted: { seconds: 1 / 40, fNumber: null } } as const;
  const night = (flash: CameraFlash, circumstances: Circumstances) =>
    of({ ...TIMED, ...NEAR, flash }, 1, 0.3, circumstances);
  const given = (s: Situation) => judge(s, only(s, { compensation: 1 }));
  test('with the flash it gives that time, without one it times the light', () => {
    expect(given(night(fitted, fired(2))).exposure).toMatchObject({ seconds: 1 / 40, fNumber: 8.8 });
    expect(given(night(fitted, PLAIN)).exposure.seconds).toBeGreaterThan(0.5);
    expect(given(night(own, fired(2))).exposure.seconds).toBeGreaterThan(0.5);
    const smaller = { ...own, fitted: { seconds: 1 / 40, fNumber: 17 } } as const;
    expect(given(night(smaller, fired(2))).exposure).toMatchObject({ seconds: 1 / 40, fNumber: 17 });
  });
  test('its chance is that of a camera set by hand to the same', () => {
    const byHand = cameraWith([fixed('aperture', 'f/8.8', 8.8), fixed('time', '1/40', 1 / 40)], NEAR);
    const s = of(byHand, 1, 0.3, fired(2));
    const automatic = given(night(fitted, fired(2)));
    expect(automatic.pUsable).toBeCloseTo(
      judge({ ...s, camera: { ...byHand, toleranceStops: 0 } }, only(s)).pUsable,
      1
    );
    expect(automatic.deltaStops).toBeCloseTo(judge(s, only(s)).deltaStops, 9);
  });
});

describe('a camera that fires by itself', () => {
  const dim = { ...PLAIN, subjectM: 2 };
  test('fires below its light and not above, and can be kept from it', () => {
    const flashAt = (lv: number, c: Circumstances) => {
      const s = of(PARTY, lv, 0.3, c);
      return judge(s, only(s, { compensation: 1 })).flash;
    };
    expect(flashAt(9, dim)).not.toBeNull();
    expect(flashAt(11, dim)).toBeNull();
    expect(flashAt(9, { ...dim, flash: { kind: 'off' } })).toBeNull();
    expect(flashAt(9, { ...dim, flash: { kind: 'off' } })).toBeNull();
  });
  test('its own cell cuts the flash off where the exposure is right; without that cell near subjects are light', () => {
    const near = (quenched: boolean): number => {
      const s = of({ ...PARTY, flash: automatic(quenched) }, -4, 0.3, { ...PLAIN, subjectM: 0.7 });
      return judge(s, only(s, { compensation: 1 })).deltaStops;
    };
    expect(Math.abs(near(true))).toBeLessThan(0.1);
    expect(near(false)).toBeGreaterThan(3);
  });
  test('compensation lightens what its cell allows', () => {
    const s = of(PARTY, -4, 0.3, { ...PLAIN, subjectM: 0.7 });
    expect(judge(s, only(s, { compensation: 2 })).deltaStops).toBeCloseTo(1, 1);
  });
});

describe('chances with flash', () => {
  const cases: readonly (readonly [string, Situation])[] = [
    ['by hand, dark', of(BY_HAND, 3, 0.7, fired(4))],
    ['by hand, mixed', of(BY_HAND, 8, 1, fired(4))],
    ['timed, flash by hand', of(TIMED, 4, 0.5, fired(3, 1))],
    ['fires by itself, at its threshold', of(PARTY, 10, 0.6, { ...PLAIN, subjectM: 2.5 })],
    ['fires by itself, too far', of(PARTY, 4, 0.6, { ...PLAIN, subjectM: 9 })]
  ];
  test.each(cases)('%s: the chance agrees with 100,000 simulated frames', (_name, s) => {
    const prepared = prepare(s);
    const setting = only(s, s.camera === BY_HAND ? {} : { compensation: 1 });
    const { usable } = prepared.window;
    const exact = candidateOf(prepared, setting).chanceAt(s.light.lv, usable);
    const draw = normals(7);
    const { readingSd, afterSd } = spreadOf(s);
    const flashSd = flashSpread(prepared);
    const count = 100_000;
    let hits = 0;
    for (let i = 0; i < count; i++) {
      const lv = s.light.lv + s.light.sdStops * draw();
      const on = errorOfFrame(s.camera, s.film, setting, lv, s.circumstances, lv + readingSd * draw());
      // the unit and the distance are unsure too
      const lit = on.flash && mixedStops(on.flash.ambientStops, on.flash.stops + flashSd * draw());
      const delta = (lit ?? sumTerms(on.terms)) + afterSd * draw();
      if (delta >= usable.lo && delta <= usable.hi) hits += 1;
    }
    expect(Math.abs(hits / count - exact)).toBeLessThan(4 * Math.sqrt((exact * (1 - exact)) / count) + 2e-3);
  });
  test('by hand: the quick bound is never below the chance, and is a bound where neither light can do', () => {
    const one = fc.record({
      lv: fc.integer({ min: -4, max: 17 }),
      sdStops: fc.constantFrom(0, 0.3, 1.2),
      metres: fc.constantFrom(0.7, 1.5, 4, 12),
      power: fc.integer({ min: 0, max: 4 }),
      exposures: fc.constantFrom(1, 3)
    });
    fc.assert(
      fc.property(one, ({ lv, sdStops, metres, power, exposures }) => {
        const s = of(BY_HAND, lv, sdStops, { ...fired(metres, power), exposures });
        const candidate = candidateOf(prepare(s), only(s));
        expect(candidate.boundAt(lv)).toBeGreaterThanOrEqual(candidate.chancesAt(lv).usable);
      })
    );
    const sun = of(BY_HAND, 16, 0.3, fired(4));
    expect(candidateOf(prepare(sun), only(sun)).boundAt(16)).toBeLessThan(0.05);
    const night = of(BY_HAND, -3, 0.3, fired(40));
    expect(candidateOf(prepare(night), only(night)).boundAt(-3)).toBeLessThan(0.05);
  });
  test('by hand: within 1e-3 of a fine integral over light and flash', () => {
    const s = of(BY_HAND, 6, 0.9, fired(4));
    const prepared = prepare(s);
    const setting = only(s);
    const { lo, hi } = prepared.window.usable;
    const { afterSd } = spreadOf(s);
    const flashSd = flashSpread(prepared);
    const steps = 400;
    let sum = 0;
    // the midpoint rule over the light and the flash; what comes after in closed form
    for (let i = 0; i < steps; i++) {
      const z = -6 + (12 * (i + 0.5)) / steps;
      const on = errorOfFrame(s.camera, s.film, setting, s.light.lv + 0.9 * z, s.circumstances);
      for (let k = 0; k < steps; k++) {
        const y = -6 + (12 * (k + 0.5)) / steps;
        const mid = mixedStops(on.flash?.ambientStops ?? 0, (on.flash?.stops ?? 0) + flashSd * y);
        const inside = normalBetween(mid, afterSd, lo, hi);
        sum += Math.exp(-(z * z + y * y) / 2) * inside * (12 / steps) ** 2;
      }
    }
    const integral = sum / (2 * Math.PI);
    expect(
      Math.abs(candidateOf(prepared, setting).chanceAt(6, prepared.window.usable) - integral)
    ).toBeLessThan(1e-3);
  });
  test('every setting of every camera with flash gives a number', () => {
    for (const camera of [BY_HAND, TIMED, PARTY]) {
      for (const lv of [-8, 0, 9.9, 10.1, 18]) {
        const s = of(camera, lv, 0.5, fired(1.5, 2));
        for (const setting of allSettings(camera, {})) {
          const v = judge(s, setting);
          expect(Number.isFinite(v.deltaStops) && v.pUsable >= 0 && v.pUsable <= 1).toBe(true);
        }
      }
    }
  });
});

test('film faster than it was: bias, cold and lamps reach the flash too', () => {
  const cold = filmWith({ temperature: { fromC: 13, toC: 28, stopsPerTenC: 0.5 } });
  const at = (temperatureC: number): number => {
    const s = { ...of(BY_HAND, 0, 0.3, { ...fired(3), temperatureC }), film: cold };
    return judge(s, only(s)).deltaStops;
  };
  expect(at(3)).toBeCloseTo(at(20) - 0.5, 9);
});
