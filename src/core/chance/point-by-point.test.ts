// The chance of a whole frame against a sum over light, reading and flash, point by point: the error of each frame from its terms, the
// conditions multiplied where that frame has them. Chances of hand and subject are those of the logarithm of a time (see stillness.ts).
import { describe, expect, test } from 'vitest';
import {
  FOLDING,
  FOLDING_REFLEX,
  INSTANT_160,
  INSTANT_640,
  INSTANT_800,
  METERLESS,
  mono,
  RIGID,
  slide,
  TWIN
} from '../error/panel.test.fixtures.ts';
import { setsItself, type Camera } from '../camera/camera.ts';
import { kindOfProgram } from '../camera/kinds/programs.ts';
import { settingOf, type Choice } from '../camera/setting.ts';
import type { CameraFlash, FlashUnit } from '../camera/traits.ts';
import { PLAIN, type Circumstances } from '../error/circumstances.ts';
import { errorOfFrame, sumTerms } from '../error/delta.ts';
import { cameraWith, filmWith, fixed, INSTANT, marked } from '../error/pairs.test.fixtures.ts';
import { spreadOf, spreadWith, type Situation } from '../error/situation.ts';
import { filmWindow } from '../film/window.ts';
import { normalBetween, normalCdf } from '../numeric/normal.ts';
import type { Chances } from './automatic-chance.ts';
import { candidateOf } from './candidate.ts';
import { certainFailure, limitsOf } from './conditions.ts';
import { prepare } from './prepared.ts';
import { sharpAround } from './sharpness.ts';

/** Points of a standard normal from −5 to 5 with their shares. */
function normalPoints(step: number) {
  const points = Array.from({ length: Math.round(10 / step) + 1 }, (_, i) => -5 + i * step);
  const total = points.reduce((sum, z) => sum + Math.exp((-z * z) / 2), 0);
  return points.map((z) => ({ z, share: Math.exp((-z * z) / 2) / total }));
}
const [FINE, MIDDLE, COARSE] = [normalPoints(0.1), normalPoints(0.25), normalPoints(0.5)];
const ONE = [{ z: 0, share: 1 }];

/** One sd of a flash: its unit 0.2 stop and the distance by the inverse square; 0.4 where its own cell ends it. */
function flashSdOf({ camera, circumstances = PLAIN, distanceBy = 'eye' }: Situation): number {
  if (circumstances.flash.kind !== 'fired' && camera.flash.kind === 'automatic' && camera.flash.quenched)
    return 0.4;
  const distance =
    circumstances.subjectM === null ? 0.3 : { measured: 0.03, paces: 0.2, eye: 0.3 }[distanceBy];
  return Math.hypot(0.2, (2 / Math.LN2) * distance);
}

function summed(s: Situation, choice: Choice): Chances {
  const { camera, film, light, circumstances = PLAIN } = s;
  const setting = settingOf(camera, choice);
  if (!setting) throw new Error('no setting');
  const limits = limitsOf(s);
  const spread = spreadWith(spreadOf(s), setting);
  const itself = setsItself(camera);
  const still = (seconds: number, half: number, sd: number): number =>
    half === Infinity ? 1 : normalCdf(Math.log(half / seconds) / sd);
  const locks = kindOfProgram(camera.program).locksBeyond(camera.program) !== null;
  const repeats = Math.log2(circumstances.exposures);
  const atMean = errorOfFrame(camera, film, setting, light.lv, circumstances);
  const outshines = (flash: { readonly stops: number; readonly ambientStops: number }): boolean =>
    flash.stops - flash.ambientStops >= 2;
  const lit = s.contrast === 'flat' ? 'flat' : 'normal';
  const window = filmWindow(film, atMean.flash && outshines(atMean.flash) ? lit : s.contrast);
  const certain = certainFailure(limits, setting, atMean.exposure.seconds) !== null;
  const grid =
    itself && (circumstances.flash.kind === 'fired' || camera.flash.kind === 'automatic') ? MIDDLE : FINE;
  const sum = { exposure: 0, released: 0, held: 0, still: 0, usable: 0, good: 0 };
  for (const reading of itself ? spread.readings : [{ weight: 1, sd: 0 }])
    for (const { z, share } of light.sdStops === 0 ? ONE : grid)
      for (const r of reading.sd === 0 ? ONE : grid) {
        const lv = light.lv + light.sdStops * z;
        const read = lv + circumstances.eyeOffsetStops + reading.sd * r.z;
        const { terms, exposure, flash } = errorOfFrame(camera, film, setting, lv, circumstances, read);
        const ambient = sumTerms(terms.filter((t) => t.term !== 'flash')) - repeats;
        const isLocked = locks && exposure.limit === 'dark';
        for (const f of flash ? COARSE : ONE) {
          const stops = flash ? flash.stops + flashSdOf(s) * f.z : 0;
          const mean = (flash ? Math.log2(2 ** ambient + 2 ** stops) : ambient) + repeats;
          const { fNumber } = exposure;
          const seconds =
            flash && outshines({ stops: flash.stops + repeats, ambientStops: ambient + repeats })
              ? flash.seconds
              : exposure.seconds;
          const weight = reading.weight * share * r.share * f.share;
          const exposed = weight * normalBetween(mean, spread.afterSd, window.usable.lo, window.usable.hi);
          const hand = still(seconds, limits.halfHeldSeconds, 0.9);
          const both = hand * still(seconds, limits.halfStillSeconds, 0.5);
          const sharp = limits.subjectM === null ? 1 : focused(s, choice, fNumber, limits.subjectM);
          sum.exposure += exposed;
          if (isLocked || certain) continue;
          sum.released += exposed;
          sum.held += exposed * hand;
          sum.still += exposed * both;
          sum.usable += exposed * both * sharp;
          const good = weight * normalBetween(mean, spread.afterSd, window.good.lo, window.good.hi);
          sum.good += good * both * sharp;
        }
      }
  return sum;
}

/** Chance that the subject lies in what is sharp, its distance log-normal. */
function focused(s: Situation, choice: Choice, fNumber: number, subjectM: number): number {
  const { format, distanceSd } = limitsOf(s);
  const { nearM, farM } = sharpAround(s.camera, format, choice, fNumber, subjectM);
  return normalBetween(0, distanceSd, Math.log(nearM / subjectM), Math.log(farM / subjectM));
}

const UNIT: FlashUnit = {
  ...{ name: '', guideNumber: 16, powers: [0], seconds: 1 / 1000, angleDegrees: null }
};
const fired = (subjectM: number | null, more: Partial<Circumstances> = {}): Circumstances => ({
  ...{ ...PLAIN, subjectM, flash: { kind: 'fired', unit: UNIT, powerStops: 0, lossStops: 0 } },
  ...more
});
const own = (quenched: boolean): CameraFlash => ({
  ...{ kind: 'automatic', unit: UNIT, belowLv: 9, overridable: true, quenched }
});
const eye = { place: 'outside', believesIso: 100, angleDegrees: null } as const;
const WALKS = { metresPerSecond: 1.4, way: 'oblique' } as const;
const LOCKING = cameraWith([fixed('aperture', '4', 4)], {
  ...{ formats: ['135'], focalMm: 38, handHeldSeconds: null, condition: 'automatic' },
  program: {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 512, longestSeconds: 1 / 32, inLowLight: 'locks', eye }
  }
});
const NEEDLE = cameraWith([fixed('time', '1/64', 1 / 64)], {
  ...{ formats: ['135'], focalMm: 50, handHeldSeconds: null, condition: 'automatic' },
  focusing: { kind: 'fixed', atM: 6, sharpFromM: null },
  program: { kind: 'automatic-aperture', widestFNumber: 2, smallestFNumber: 16, eye }
});
const LINE = cameraWith([], {
  ...{ formats: ['135'], focalMm: 38, handHeldSeconds: null, condition: 'automatic' },
  focusing: { kind: 'fixed', atM: 3, sharpFromM: null },
  program: {
    ...{ kind: 'program', eye },
    points: [
      { fNumber: 2.8, seconds: 1 / 8 },
      { fNumber: 2.8, seconds: 1 / 60 },
      { fNumber: 16, seconds: 1 / 500 }
    ]
  }
});
const MOVED = cameraWith([fixed('aperture', '5.6', 5.6), marked('focus', [1, 3, Infinity])], {
  ...{
    formats: ['135'],
    focalMm: 50,
    handHeldSeconds: null,
    condition: 'automatic',
    focusing: { kind: 'scale' }
  },
  program: {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 60, longestSeconds: 1 / 4, inLowLight: 'closes', eye }
  }
});
const COUNTED = cameraWith([
  fixed('aperture', '16', 16),
  {
    ...{ kind: 'marked', id: 'time', label: 'time', acts: 'time', shape: 'lever' },
    positions: [
      { mark: 'I', symbol: null, value: 1 / 25 },
      { mark: 'B 4', symbol: null, value: 4, byHand: true }
    ]
  }
]);
const SLOW_TO_RESPOND = filmWith({ iso: 100, reciprocity: { kind: 'exponent', p: 1.3, startSeconds: 1 } });
const at = (
  camera: Camera,
  film: Situation['film'],
  lv: number,
  more: Partial<Situation> = {}
): Situation => ({
  ...{ camera, film, light: { lv, sdStops: 0.5 }, contrast: 'normal' },
  ...more
});
const subject = (subjectM: number, more: Partial<Circumstances> = {}) => ({
  circumstances: { ...PLAIN, subjectM, ...more }
});

const CASES: readonly (readonly [name: string, s: Situation, choice: Choice])[] = [
  [
    'by hand, a walker',
    at(METERLESS, mono(125), 8, { motion: WALKS, ...subject(4) }),
    { aperture: 1, time: 6 }
  ],
  [
    'by hand, leaning, a shaky one',
    at(METERLESS, mono(125), 7, { support: 'leaning', steadiness: 0.6 }),
    { aperture: 1, time: 4 }
  ],
  [
    'two exposures on one frame',
    at(METERLESS, slide(100), 9, subject(3, { exposures: 2 })),
    { aperture: 3, time: 7 }
  ],
  [
    'slide in hard light, by hand',
    at(METERLESS, slide(100), 14, { contrast: 'hard' }),
    { aperture: 5, time: 7 }
  ],
  ['counted on B, a film that loses', at(COUNTED, SLOW_TO_RESPOND, 5, { support: 'standing' }), { time: 1 }],
  ['counted on B in the hand', at(COUNTED, SLOW_TO_RESPOND, 5), { time: 1 }],
  [
    'light that is known exactly',
    at(METERLESS, slide(100), 9, { light: { lv: 9.4, sdStops: 0 } }),
    { aperture: 3, time: 6 }
  ],
  [
    'timed by itself, a walker',
    at(TWIN, INSTANT_800, 8.5, { motion: WALKS, ...subject(4) }),
    { aperture: 0, compensation: 1 }
  ],
  [
    'timed by itself, dark side of its limit',
    at(FOLDING_REFLEX, INSTANT_160, 1.5, { support: 'standing' }),
    { compensation: 3 }
  ],
  [
    'timed by itself, past its limit',
    at(RIGID(), INSTANT_640, 14.5, { light: { lv: 14.5, sdStops: 0.8 } }),
    { compensation: 1 }
  ],
  [
    'timed by itself, eye in the shade',
    at(TWIN, INSTANT_800, 9, subject(3, { eyeOffsetStops: -1 })),
    { aperture: 1, compensation: 0 }
  ],
  [
    'timed by itself, two exposures',
    at(TWIN, INSTANT_800, 9, subject(3, { exposures: 2 })),
    { aperture: 1, compensation: 0 }
  ],
  [
    'an old cell',
    at(FOLDING(), INSTANT_800, 9, { motion: WALKS, ...subject(3) }),
    { dial: 2, scene: 1, compensation: 2 }
  ],
  [
    'old cell, uneven light',
    at(FOLDING(), INSTANT_800, 11, { scene: 'uneven' }),
    { dial: 2, scene: 0, compensation: 2 }
  ],
  [
    'a shutter that locks',
    at(LOCKING, filmWith({ iso: 100, formats: ['135'] }), 9.1, { motion: WALKS, ...subject(5) }),
    {}
  ],
  [
    'a shutter that locks, set down',
    at(LOCKING, filmWith({ iso: 100, formats: ['135'] }), 8.8, { support: 'standing' }),
    {}
  ],
  ['a needle that sets the aperture', at(NEEDLE, slide(100), 9, { ...subject(3.2), motion: WALKS }), {}],
  ['a needle, set down, no distance', at(NEEDLE, slide(100), 8, { support: 'standing' }), {}],
  [
    'a program line',
    at(LINE, filmWith({ iso: 100, formats: ['135'] }), 7.5, { ...subject(2), motion: WALKS }),
    {}
  ],
  [
    'a program line, set down',
    at(LINE, filmWith({ iso: 100, formats: ['135'] }), 6, { ...subject(1.9), support: 'standing' }),
    {}
  ],
  [
    'a film that loses, timed by itself',
    at({ ...FOLDING_REFLEX, formats: ['135'] }, { ...SLOW_TO_RESPOND, formats: ['135'] }, 1, {
      support: 'standing'
    }),
    { compensation: 3 }
  ],
  [
    'light known exactly, timed by itself',
    at(TWIN, INSTANT_800, 8, { light: { lv: 8, sdStops: 0 }, ...subject(4) }),
    { aperture: 0, compensation: 1 }
  ],
  [
    'moved out to a metre, timed by itself',
    at(MOVED, filmWith({ iso: 100, formats: ['135'] }), 8, {
      ...subject(1.1),
      light: { lv: 8, sdStops: 0.9 }
    }),
    { focus: 0 }
  ],
  [
    'a motion alone, set down',
    at(TWIN, INSTANT_800, 7, { ...subject(4), motion: WALKS, support: 'standing' }),
    { aperture: 2, compensation: 1 }
  ]
];

describe('without flash', () => {
  test.each(CASES)('%s', (_name, s, choice) => {
    const setting = settingOf(s.camera, choice);
    if (!setting) throw new Error('no setting');
    const candidate = candidateOf(prepare(s), setting);
    const [exact, points] = [candidate.chancesAt(s.light.lv), summed(s, choice)];
    for (const name of ['exposure', 'released', 'held', 'still', 'usable', 'good'] as const)
      expect(Math.abs(exact[name] - points[name]), `${name}: ${exact[name]} ${points[name]}`).toBeLessThan(
        3e-3
      );
    // what is quick to ask for is never less
    expect(candidate.boundAt(s.light.lv)).toBeGreaterThanOrEqual(exact.usable);
    const { lo, hi } = candidate.windowAt(s.light.lv).usable;
    expect(Math.abs(candidate.chanceAt(s.light.lv, { lo, hi }) - exact.exposure)).toBeLessThan(2e-3);
    const mean = errorOfFrame(s.camera, s.film, setting, s.light.lv, s.circumstances);
    expect(candidate.frameAt(s.light.lv).deltaStops).toBeCloseTo(sumTerms(mean.terms), 9);
  });
  test('the bound of a shaky setting is about its chance', () => {
    const [, s, choice] = CASES[0] ?? [];
    const setting = s && choice && settingOf(s.camera, choice);
    if (!setting) throw new Error('no setting');
    const candidate = candidateOf(prepare(s), setting);
    expect(candidate.boundAt(8) - candidate.chancesAt(8).usable).toBeLessThan(1e-6);
    // far off it is what the exposure leaves, and no more is asked
    expect(candidate.boundAt(16)).toBeCloseTo(candidate.chanceAt(16, candidate.windowAt(16).usable), 6);
  });
});

const NEAR = { focusing: { kind: 'fixed', atM: null, sharpFromM: 1 } } as const;
const BY_HAND = cameraWith([fixed('aperture', '8', 8), fixed('time', '', 1 / 30)], NEAR);
const PARTY = (flash: CameraFlash) =>
  cameraWith([fixed('aperture', '12', 12), marked('compensation', [-1, 0, 1])], {
    ...{ ...NEAR, flash, formats: ['roll-6x6'], condition: 'automatic' },
    program: {
      ...{ kind: 'automatic-time', shortestSeconds: 1 / 500, longestSeconds: 1 / 4, inLowLight: 'closes' },
      eye: { ...eye, believesIso: 800 }
    }
  });
const FAST = { ...INSTANT, iso: 800, formats: ['roll-6x6'] as const };
const LIT: readonly (readonly [name: string, s: Situation, choice: Choice])[] = [
  ['by hand, flash alone', at(BY_HAND, mono(100), 2, { circumstances: fired(3), motion: WALKS }), {}],
  [
    'by hand, as bright as the rest',
    at(BY_HAND, mono(100), 9.5, { circumstances: fired(3), motion: WALKS }),
    {}
  ],
  ['by hand, nobody said how far', at(BY_HAND, slide(100), 7, { circumstances: fired(null) }), {}],
  [
    'by hand, measured',
    at(BY_HAND, slide(100), 7, { circumstances: fired(2.5), distanceBy: 'measured' }),
    {}
  ],
  [
    'by hand, light known exactly',
    at(BY_HAND, slide(100), 8, { circumstances: fired(3), light: { lv: 8, sdStops: 0 } }),
    {}
  ],
  [
    'by hand, two exposures, flat',
    at(BY_HAND, slide(100), 6, { circumstances: fired(4, { exposures: 2 }), contrast: 'flat' }),
    {}
  ],
  [
    'by hand, hard light in front of the sun',
    at(BY_HAND, slide(64), 11, { circumstances: fired(2), contrast: 'hard' }),
    {}
  ],
  [
    'by hand, hard light that the flash outshines',
    at(BY_HAND, slide(100), 6, { circumstances: fired(3), contrast: 'hard' }),
    {}
  ],
  [
    'by hand, how far is said by nobody and would be measured',
    at(BY_HAND, slide(100), 6, { circumstances: fired(null), distanceBy: 'measured' }),
    {}
  ],
  [
    'one of its own in front of a cell that would end the camera’s',
    at(PARTY(own(true)), FAST, 4, { circumstances: fired(5), distanceBy: 'paces' }),
    { compensation: 1 }
  ],
  [
    'fires by itself, two exposures, as bright as the rest',
    at(PARTY(own(true)), FAST, 8.2, { circumstances: { ...PLAIN, subjectM: 3, exposures: 2 } }),
    { compensation: 0 }
  ],
  [
    'fires by itself, a film that loses in the light that is there',
    at(PARTY(own(true)), { ...FAST, reciprocity: { kind: 'exponent', p: 1.3, startSeconds: 1 / 30 } }, 5.5, {
      circumstances: { ...PLAIN, subjectM: 9 },
      motion: WALKS
    }),
    { compensation: 1 }
  ],
  [
    'fires by itself, its cell ends it',
    at(PARTY(own(true)), FAST, 6, { circumstances: { ...PLAIN, subjectM: 2 } }),
    { compensation: 1 }
  ],
  [
    'fires by itself, at the light it fires below',
    at(PARTY(own(true)), FAST, 9, { circumstances: { ...PLAIN, subjectM: 2 }, motion: WALKS }),
    { compensation: 1 }
  ],
  [
    'fires by itself at full',
    at(PARTY(own(false)), FAST, 5, { circumstances: { ...PLAIN, subjectM: 4 }, distanceBy: 'paces' }),
    { compensation: 0 }
  ],
  [
    'one in the shoe of a camera that times itself',
    at(PARTY({ kind: 'shoe', syncSeconds: null }), FAST, 7, { circumstances: fired(4), motion: WALKS }),
    { compensation: 1 }
  ],
  [
    'fires by itself, eye in the shade',
    at(PARTY(own(true)), FAST, 9.8, { circumstances: { ...PLAIN, subjectM: 2, eyeOffsetStops: -1.2 } }),
    { compensation: 1 }
  ],
  [
    'fires by itself, two exposures, a film that loses',
    at(PARTY(own(false)), { ...FAST, reciprocity: { kind: 'exponent', p: 1.4, startSeconds: 1 / 60 } }, 5, {
      circumstances: { ...PLAIN, subjectM: 5, exposures: 2 },
      light: { lv: 5, sdStops: 1 }
    }),
    { compensation: 1 }
  ],
  [
    'fires by itself, hard light, light known exactly',
    at(PARTY(own(false)), { ...FAST, iso: 200 }, 7, {
      circumstances: { ...PLAIN, subjectM: 2.5 },
      contrast: 'hard',
      light: { lv: 7, sdStops: 0 }
    }),
    { compensation: 1 }
  ],
  [
    'in the shoe, nobody said how far',
    at(PARTY({ kind: 'shoe', syncSeconds: null }), FAST, 8, { circumstances: fired(null) }),
    { compensation: 2 }
  ],
  [
    'in the shoe, the shutter cuts it',
    at(PARTY({ kind: 'shoe', syncSeconds: 1 / 30 }), FAST, 14, { circumstances: fired(3) }),
    { compensation: 1 }
  ]
];

describe('with flash', () => {
  test.each(LIT)('%s', (_name, s, choice) => {
    const setting = settingOf(s.camera, choice);
    if (!setting) throw new Error('no setting');
    const candidate = candidateOf(prepare(s), setting);
    const [exact, points] = [candidate.chancesAt(s.light.lv), summed(s, choice)];
    for (const name of ['exposure', 'held', 'still', 'usable', 'good'] as const)
      expect(Math.abs(exact[name] - points[name]), `${name}: ${exact[name]} ${points[name]}`).toBeLessThan(
        6e-3
      );
    expect(candidate.boundAt(s.light.lv)).toBeGreaterThanOrEqual(exact.usable - 1e-3);
    const { usable } = candidate.windowAt(s.light.lv);
    expect(Math.abs(candidate.chanceAt(s.light.lv, usable) - points.exposure)).toBeLessThan(6e-3);
    const mean = errorOfFrame(s.camera, s.film, setting, s.light.lv, s.circumstances);
    const { deltaStops, flash } = candidate.frameAt(s.light.lv);
    expect(deltaStops).toBeCloseTo(sumTerms(mean.terms), 9);
    expect(flash === null).toBe(mean.flash === null);
    if (flash && mean.flash) expect(flash.stops).toBeCloseTo(mean.flash.stops, 9);
  });
  test('the window is the flash’s own from two stops above the rest on, whatever the light', () => {
    for (const [camera, film, circumstances] of [
      [BY_HAND, slide(100), fired(3)],
      [PARTY(own(true)), FAST, { ...PLAIN, subjectM: 3 }],
      [PARTY({ kind: 'shoe', syncSeconds: null }), FAST, fired(4)]
    ] as const) {
      const s = at(camera, film, 8, { circumstances, contrast: 'hard' });
      const setting = settingOf(camera, {});
      if (!setting) throw new Error('no setting');
      const candidate = candidateOf(prepare(s), setting);
      const ruled = [-2, 0, 2, 4, 6, 8, 10, 12, 14].map((lv) => {
        const { flash } = errorOfFrame(camera, film, setting, lv, circumstances);
        const outshines = flash !== null && flash.stops - flash.ambientStops >= 2;
        expect(candidate.windowAt(lv)).toEqual(filmWindow(film, outshines ? 'normal' : 'hard'));
        return outshines;
      });
      // in the dark it does, in the sun it does not
      expect([ruled[0], ruled.at(-1)]).toEqual([true, false]);
    }
  });
});
