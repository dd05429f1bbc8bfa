import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import type { Program } from '../camera/kinds/programs.ts';
import { evAtSeconds, respond } from '../camera/respond.ts';
import { allSettings, settingOf, type Choice, type Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { equivalentSeconds } from '../film/reciprocity.ts';
import { choiceFromShadow } from '../ways/choice.ts';
import { candidateOf } from './candidate.ts';
import { chanceWithin } from './chance.ts';
import { eye, timed, TWIN, SLOW, nd } from '../error/by-itself.test.fixtures.ts';
import { PLAIN, type Circumstances } from '../error/circumstances.ts';
import { errorOfFrame, sumTerms, wantedEv } from '../error/delta.ts';
import { cameraWith, filmWith, fixed, INSTANT } from '../error/pairs.test.fixtures.ts';
import { prepare } from './prepared.ts';
import { spreadOf, type Situation } from '../error/situation.ts';

const at = (camera: Camera, choice: Choice): Setting => {
  const setting = settingOf(camera, choice);
  if (!setting) throw new Error('no such setting');
  return setting;
};
const NORMAL = { compensation: 1 };
const error = (
  camera: Camera,
  film: Film,
  choice: Choice,
  lv: number,
  circumstances: Circumstances = PLAIN
) => {
  const { terms, exposure } = errorOfFrame(camera, film, at(camera, choice), lv, circumstances);
  return { delta: sumTerms(terms), exposure, terms };
};
// All of the following: common practice, no source.
describe('what owners of cameras that set themselves know', () => {
  test('LV 15 on ISO 800 at f/5.6 wants 1/8000, is clipped at 1/500 and comes out four stops over', () => {
    const { delta, exposure } = error(TWIN, INSTANT, { aperture: 0, ...NORMAL }, 15);
    expect(exposure.limit).toBe('bright');
    expect(exposure.seconds * 512).toBeCloseTo(1, 9);
    expect(delta).toBeCloseTo(4, 9);
  });
  test.each([
    ['f/16 with two stops over lens and eye gives about 1/250', 3, nd(2, 'lens-and-eye'), 1 / 256],
    ['f/11 with three gives about 1/250', 2, nd(3, 'lens-and-eye'), 1 / 256],
    ['f/22 without gives about 1/500', 4, PLAIN, 1 / 512]
  ] as const)('%s', (_what, aperture, circumstances, seconds) => {
    const { delta, exposure } = error(TWIN, INSTANT, { aperture, ...NORMAL }, 15, circumstances);
    expect(Math.abs(Math.log2(exposure.seconds / seconds))).toBeLessThan(0.02);
    expect(delta).toBeCloseTo(0, 9);
  });
  test('changing the aperture changes the time, not the exposure, until a limit is hit', () => {
    const deltas = [0, 1, 2, 3, 4].map((aperture) => error(TWIN, INSTANT, { aperture, ...NORMAL }, 10).delta);
    deltas.forEach((d) => expect(d).toBeCloseTo(0, 9));
    const times = [0, 4].map(
      (aperture) => error(TWIN, INSTANT, { aperture, ...NORMAL }, 10).exposure.seconds
    );
    expect((times[1] ?? 0) / (times[0] ?? 1)).toBeCloseTo(16, 9);
  });
  test.each([
    ['over the lens alone it darkens and the time stays', 'lens', -2, 0],
    ['on the pack likewise', 'pack', -2, 0],
    ['over lens and eye only the time changes', 'lens-and-eye', 0, 2],
    ['over the eye alone it lightens', 'eye', 2, 2]
  ] as const)('a filter of two stops: %s', (_what, place, stops, longer) => {
    const plain = error(TWIN, INSTANT, { aperture: 2, ...NORMAL }, 11);
    const filtered = error(TWIN, INSTANT, { aperture: 2, ...NORMAL }, 11, nd(2, place));
    expect(filtered.delta - plain.delta).toBeCloseTo(stops, 9);
    expect(Math.log2(filtered.exposure.seconds / plain.exposure.seconds)).toBeCloseTo(longer, 9);
  });
  test('an eye behind the lens sees a filter on it: nothing is lost but time', () => {
    const behind = cameraWith([fixed('aperture', 'f/8', 8)], {
      program: { ...timed(1 / 1000, 10, 100), eye: eye(100, 'behind-lens') } as Program
    });
    const film = filmWith({ iso: 100 });
    expect(error(behind, film, {}, 10, nd(3, 'lens')).delta).toBeCloseTo(0, 9);
    expect(error(behind, film, {}, 10, nd(3, 'pack')).delta).toBeCloseTo(-3, 9);
  });
  test('film of ISO 640 in a camera made for 160 is two stops over; two stops on the pack restore the tone, not the time', () => {
    const fast = { ...INSTANT, iso: 640 };
    const plain = error(SLOW, fast, {}, 9);
    const cured = error(SLOW, fast, {}, 9, nd(2, 'pack'));
    expect(plain.delta).toBeCloseTo(2, 9);
    expect(cured.delta).toBeCloseTo(0, 9);
    expect(cured.exposure.seconds).toBe(plain.exposure.seconds);
  });
  test('eight seconds at ISO 160 are two at 640', () => {
    const wants = (iso: number) => {
      const camera = { ...SLOW, program: timed(1 / 180, 60, iso) };
      return error(camera, { ...INSTANT, iso }, {}, 2.3).exposure.seconds;
    };
    expect(wants(160) / wants(640)).toBeCloseTo(4, 9);
  });
  test('eye in shade, subject in sun: over by the difference, and the reverse', () => {
    const off = (eyeOffsetStops: number) =>
      error(TWIN, INSTANT, { aperture: 2, ...NORMAL }, 11, { ...PLAIN, eyeOffsetStops }).delta;
    expect(off(-3)).toBeCloseTo(3, 9);
    expect(off(2)).toBeCloseTo(-2, 9);
  });
  test('lighten–darken moves the print by its stops, and may do nothing beyond a limit', () => {
    const step = (lv: number) =>
      error(TWIN, INSTANT, { aperture: 0, compensation: 0 }, lv).delta -
      error(TWIN, INSTANT, { aperture: 0, compensation: 1 }, lv).delta;
    expect(step(10)).toBeCloseTo(-1, 9);
    expect(step(16)).toBeCloseTo(0, 9);
  });
  test('an old cell that reads 2.7 stops dark: the frames come out that much over or under, as stated', () => {
    const old = { ...SLOW, biasStops: -2.7 };
    expect(error(old, { ...INSTANT, iso: 160 }, {}, 9).delta).toBeCloseTo(-2.7, 9);
  });
  test('a cine eye that sets the aperture at 1/30 s: ISO 40 in full sun stays inside f/1.9–f/16', () => {
    const cine = cameraWith([fixed('time', '16 fps', 1 / 30)], {
      program: { kind: 'automatic-aperture', widestFNumber: 1.9, smallestFNumber: 16, eye: eye(40) }
    });
    const sun = choiceFromShadow('sharp');
    const { delta, exposure } = error(cine, filmWith({ iso: 40 }), {}, sun.lv);
    expect(exposure.limit).toBe('bright');
    // f/16 at 1/30 is what ISO 30 wants in sun: log2(40/30) = 0.42 over
    expect(delta).toBeCloseTo(Math.log2(40 / 30), 9);
  });
  test('f/8 at 1/100 on ISO 400 where the lamp asks for 1/60 is ⅔ to ¾ under', () => {
    const studio = cameraWith([fixed('aperture', 'f/8', 8), fixed('time', '', 1 / 100)]);
    const lv = Math.log2(64 * 60) - 2;
    const { delta } = error(studio, filmWith({ iso: 400 }), {}, lv);
    expect(delta).toBeCloseTo(-0.737, 2);
  });
});

describe('a program line', () => {
  const LINE: Program = {
    kind: 'program',
    points: [
      { fNumber: 2.8, seconds: 1 / 30 },
      { fNumber: 2.8, seconds: 1 / 60 },
      { fNumber: 16, seconds: 1 / 500 }
    ],
    eye: eye(100)
  };
  const camera = cameraWith([], { program: LINE });
  test('it gives just what it wants between its ends', () =>
    fc.assert(
      fc.property(fc.double({ min: 8, max: 16.9, noNaN: true }), (ev) => {
        const exposure = respond(camera, at(camera, {}), ev);
        const held = Math.max(ev, Math.log2(2.8 ** 2 * 30));
        expect(Math.log2(exposure.fNumber ** 2 / exposure.seconds)).toBeCloseTo(held, 9);
      }),
      { seed: 20261124 }
    ));
  test('beyond its ends it stays at them', () => {
    expect(respond(camera, at(camera, {}), 2)).toMatchObject({
      fNumber: 2.8,
      seconds: 1 / 30,
      limit: 'dark'
    });
    expect(respond(camera, at(camera, {}), 20)).toMatchObject({
      fNumber: 16,
      seconds: 1 / 500,
      limit: 'bright'
    });
  });
});

test.each([
  ['timed', SLOW],
  [
    'a line',
    cameraWith([], {
      program: {
        kind: 'program',
        eye: eye(100),
        points: [
          { fNumber: 4, seconds: 2 },
          { fNumber: 4, seconds: 0.1 },
          { fNumber: 16, seconds: 0.01 }
        ]
      }
    })
  ]
] as const)('the exposure value at which a time is passed gives that time back: %s', (_kind, camera) => {
  for (const seconds of [1.5, 0.5, 0.05, 0.02]) {
    const ev = evAtSeconds(camera, at(camera, {}), seconds);
    expect(respond(camera, at(camera, {}), ev ?? NaN).seconds).toBeCloseTo(seconds, 9);
  }
  expect(evAtSeconds(camera, at(camera, {}), 100)).toBeNull();
});

describe('the chance on a camera that sets itself', () => {
  const reciprocal = {
    ...INSTANT,
    iso: 160,
    reciprocity: { kind: 'exponent', p: 1.3, startSeconds: 1 }
  } as const;
  const cases: readonly (readonly [string, Situation, Choice])[] = [
    [
      'well inside',
      { camera: TWIN, film: INSTANT, light: { lv: 11, sdStops: 0.8 }, contrast: 'normal' },
      { aperture: 2, ...NORMAL }
    ],
    [
      'at the bright limit',
      { camera: TWIN, film: INSTANT, light: { lv: 11.2, sdStops: 0.9 }, contrast: 'normal' },
      { aperture: 0, ...NORMAL }
    ],
    [
      'at the dark limit',
      { camera: TWIN, film: INSTANT, light: { lv: 2.2, sdStops: 0.7 }, contrast: 'flat' },
      { aperture: 0, ...NORMAL }
    ],
    [
      'where the film loses speed',
      { camera: SLOW, film: reciprocal, light: { lv: 3, sdStops: 0.6 }, contrast: 'normal' },
      {}
    ],
    [
      'both ends in reach',
      {
        camera: { ...SLOW, program: timed(1 / 8, 1 / 3, 160) },
        film: reciprocal,
        light: { lv: 7, sdStops: 1.5 },
        contrast: 'flat'
      },
      {}
    ]
  ];

  /** The same chance by a fine sum over the reading x, from the model's text: given x the error is normal. */
  function bySum(s: Situation, setting: Setting, lo: number, hi: number): number {
    const { readingSd, afterSd } = spreadOf(s);
    const { lv: mu, sdStops: sl } = s.light;
    const total = sl * sl + readingSd * readingSd;
    const kappa = (sl * sl) / total;
    const sdGiven = Math.sqrt((sl * sl * readingSd * readingSd) / total + afterSd * afterSd);
    const sdX = Math.sqrt(total);
    let sum = 0;
    const n = 40_000;
    const width = (18 * sdX) / n;
    for (let i = 0; i < n; i++) {
      const x = mu - 9 * sdX + (i + 0.5) * width;
      const given = mu + kappa * (x - mu);
      const delta = sumTerms(errorOfFrame(s.camera, s.film, setting, given, PLAIN, x).terms);
      const density = Math.exp(-((x - mu) ** 2) / (2 * total)) / (sdX * Math.sqrt(2 * Math.PI));
      sum += width * density * (phi((hi - delta) / sdGiven) - phi((lo - delta) / sdGiven));
    }
    return sum;
  }
  /** Φ by the error function's series, independent of numeric/normal.ts (Abramowitz & Stegun 7.1.6, |z| ≤ 8). */
  function phi(z: number): number {
    if (z > 8) return 1;
    if (z < -8) return 0;
    let [term, sum] = [z, z];
    for (let k = 1; k < 300 && Math.abs(term) > 1e-18; k++) {
      term *= (z * z) / (2 * k + 1);
      sum += term;
    }
    return 0.5 + (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * sum;
  }

  test.each(cases)(
    '%s: rectangles agree with the one-dimensional integral within 1e-6',
    (_where, s, choice) => {
      const setting = at(s.camera, choice);
      expect(
        Math.abs(chanceWithin(s, setting, { lo: -0.7, hi: 0.6 }) - bySum(s, setting, -0.7, 0.6))
      ).toBeLessThan(1e-6);
    }
  );

  test.each(cases)(
    '%s: and with 100,000 simulated frames within four standard errors',
    (_where, s, choice) => {
      const setting = at(s.camera, choice);
      const { readingSd, afterSd } = spreadOf(s);
      const normal = seededNormal(20261124);
      let inside = 0;
      const draws = 100_000;
      for (let i = 0; i < draws; i++) {
        const lv = s.light.lv + s.light.sdStops * normal();
        const reading = lv + readingSd * normal();
        // told from the camera's side, not from the sum of terms
        const exposure = respond(s.camera, setting, wantedEv(s.camera, setting, reading, PLAIN));
        const effective = equivalentSeconds(s.film.reciprocity, exposure.seconds);
        const delta =
          lv +
          Math.log2(s.film.iso / 100) -
          Math.log2(exposure.fNumber ** 2 / effective) +
          afterSd * normal();
        if (delta >= -0.7 && delta <= 0.6) inside += 1;
      }
      const p = chanceWithin(s, setting, { lo: -0.7, hi: 0.6 });
      expect(Math.abs(inside / draws - p)).toBeLessThan(4 * Math.sqrt((p * (1 - p)) / draws) + 1e-4);
    }
  );

  /** Normal draws by Box & Muller (1958) over a small seeded generator (mulberry32, public domain). */
  function seededNormal(seed: number): () => number {
    let state = seed;
    const uniform = (): number => {
      state = (state + 0x6d2b79f5) | 0;
      let t = Math.imul(state ^ (state >>> 15), 1 | state);
      t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
      return (((t ^ (t >>> 14)) >>> 0) + 0.5) / 4294967296;
    };
    return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  }

  test.each(cases)('%s: the quick bound is never below the chance', (_name, s) => {
    const prepared = prepare(s);
    for (const setting of allSettings(s.camera, {})) {
      const candidate = candidateOf(prepared, setting);
      for (let lv = -6; lv <= 18; lv += 1.7) {
        const bound = candidate.boundAt(lv);
        expect(bound).toBeGreaterThanOrEqual(candidate.chanceAt(lv, prepared.window.usable) - 1e-9);
        expect(bound).toBeGreaterThanOrEqual(candidate.chancesAt(lv).usable - 1e-4);
      }
    }
  });
  test('inside the limits the light’s own uncertainty cancels; beyond it does not', () => {
    const chance = (lv: number, sdStops: number) =>
      chanceWithin(
        { camera: TWIN, film: INSTANT, light: { lv, sdStops }, contrast: 'normal' },
        at(TWIN, { aperture: 2, ...NORMAL }),
        { lo: -0.7, hi: 0.6 }
      );
    expect(chance(8, 1)).toBeCloseTo(chance(8, 0), 3);
    expect(chance(13.2, 1)).toBeLessThan(chance(13.2, 0) - 0.2);
  });
});
