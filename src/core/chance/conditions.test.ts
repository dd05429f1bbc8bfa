import fc from 'fast-check';
import { FORMATS } from '../film/formats.ts';
import { describe, expect, test } from 'vitest';
import type { Program } from '../camera/kinds/programs.ts';
import { handTimingSd } from '../camera/hand-timing.ts';
import { settingOf, type Setting } from '../camera/setting.ts';
import { PLAIN_TRAITS } from '../camera/traits.ts';
import { agedStops } from '../film/traits.ts';
import { aimStops } from './aim.ts';
import { candidateOf } from './candidate.ts';
import { PLAIN } from '../error/circumstances.ts';
import { halfStillSeconds } from './stillness.ts';
import { errorOfFrame, sumTerms, TERM_SOURCES } from '../error/delta.ts';
import { cameraWith, filmWith, fixed, INSTANT, marked, SCALES, SLIDE } from '../error/pairs.test.fixtures.ts';
import { prepare } from './prepared.ts';
import type { Situation } from '../error/situation.ts';
import { judge } from './verdict.ts';

const RING = cameraWith(
  [
    marked('aperture', [4, 8, 16]),
    marked('time', [1 / 500, 1 / 125, 1 / 30]),
    marked('focus', [1, 3, Infinity])
  ],
  { ...PLAIN_TRAITS, focusing: { kind: 'scale' } }
);
const sunny: Situation = {
  camera: SCALES,
  film: filmWith({ iso: 100 }),
  light: { lv: 14.64, sdStops: 0.35 },
  contrast: 'normal'
};
const setting = (s: Situation, choice = {}): Setting => {
  const found = settingOf(s.camera, choice);
  if (!found) throw new Error('no setting');
  return found;
};

describe('conditions', () => {
  // A. Adams, The Camera (1980), ch. 8 tells the way: a subject that crosses needs about a third of the time of one that
  // comes towards the camera (ratio from memory).
  test('a crossing subject allows the shortest time, one that comes closer three times as much', () => {
    const camera = cameraWith([], { focalMm: 50, formats: ['135'] });
    const limit = (way: 'across' | 'oblique' | 'towards', metresPerSecond = 1.4) =>
      halfStillSeconds({ ...sunny, camera, motion: { metresPerSecond, way } }, '135', 5);
    expect(limit('across')).toBeLessThan(limit('oblique'));
    expect(limit('towards') / limit('across')).toBeCloseTo(1 / 0.3, 9);
    // v·f/(s − f)·t = 2c worked by hand: 1400·50/4950·t = 0.06 → t = 1/236
    expect(1 / limit('across')).toBeCloseTo(235.7, 1);
    expect(limit('across', 0)).toBe(Infinity);
    // nobody said how far it is: it is asked for, and nothing is assumed
    const moving: Situation = { ...sunny, camera, motion: { metresPerSecond: 1.4, way: 'across' } };
    expect(halfStillSeconds(moving, '135', null)).toBe(Infinity);
  });
  // a close-up lens of D dioptres before a lens at infinity is sharp at 1/D metres. S. F. Ray, Applied Photographic Optics, 3rd ed.
  // (2002), ch. 22, close-up (from memory)
  test('a close-up lens of 2 dioptres before a lens at infinity: sharp about half a metre', () => {
    const circumstances = { ...PLAIN, subjectM: 0.5, closeUpDioptres: 2 };
    const s: Situation = { ...sunny, camera: RING, distanceBy: 'measured' };
    const far = setting(s, { aperture: 2, time: 0, focus: 2 });
    const focus = (more: Partial<typeof circumstances>) =>
      judge({ ...s, circumstances: { ...circumstances, ...more } }, far).factors.find(
        (f) => f.kind === 'focus'
      )?.chance ?? 1;
    expect(focus({})).toBeGreaterThan(0.9);
    expect(focus({ subjectM: 2 })).toBeLessThan(0.01);
    expect(focus({ closeUpDioptres: 0 })).toBeLessThan(0.01);
  });
  test('a camera that focuses by itself reaches every subject from its nearest on', () => {
    const camera = cameraWith([fixed('aperture', '2.8', 2.8), fixed('time', '1/60', 1 / 64)], {
      ...{ ...PLAIN_TRAITS, focusing: { kind: 'autofocus', nearestM: 0.8 }, focalMm: 35, formats: ['135'] }
    });
    const focus = (subjectM: number) =>
      judge(
        { ...sunny, camera, circumstances: { ...PLAIN, subjectM } },
        setting({ ...sunny, camera })
      ).factors.find((f) => f.kind === 'focus')?.chance ?? 1;
    for (const m of [1, 2, 5, 20]) expect(focus(m)).toBeGreaterThan(0.95);
    expect(focus(0.4)).toBeLessThan(0.05);
  });
  test('a subject nearer than the sharp range is named with how near is sharp, and one beyond it', () => {
    const at = (subjectM: number, focus: number) =>
      judge(
        { ...sunny, camera: RING, distanceBy: 'measured', circumstances: { ...PLAIN, subjectM } },
        setting({ ...sunny, camera: RING }, { aperture: 0, time: 0, focus })
      ).failures.map((f) => f.condition);
    expect(at(1, 2)).toEqual(['too-near']);
    expect(at(20, 0)).toEqual(['too-far']);
    expect(at(3, 1)).toEqual([]);
  });
  test('a lens that simply needs focusing says to which mark, one that cannot says nothing of marks', () => {
    const markAt = (camera: typeof RING, subjectM: number, focus: number) => {
      const found = judge(
        { ...sunny, camera, distanceBy: 'measured', circumstances: { ...PLAIN, subjectM } },
        setting({ ...sunny, camera }, { aperture: 0, time: 0, focus })
      ).failures[0];
      return found && 'focusMark' in found ? found.focusMark : undefined;
    };
    expect(markAt(RING, 1, 2)).toBe('1');
    expect(markAt(RING, 20, 0)).toBe('Infinity');
    expect(markAt(RING, 0.3, 0)).toBeNull();
  });
  test('a swing lens is held for its slit’s time, not for its sweep; a cine camera never', () => {
    const with_ = (transport: Situation['camera']['transport'], seconds = 1 / 125) =>
      judge(
        {
          ...sunny,
          camera: { ...cameraWith([fixed('aperture', '', 8), fixed('time', '', seconds)]), transport }
        },
        setting({ ...sunny, camera: cameraWith([fixed('aperture', '', 8), fixed('time', '', seconds)]) })
      ).failures;
    expect(with_({ kind: 'swing', sweepSeconds: 0.5 })).toEqual([]);
    expect(with_({ kind: 'swing', sweepSeconds: 2 }, 1 / 2)).toMatchObject([
      { condition: 'hold', seconds: 1 / 2 }
    ]);
    expect(with_({ kind: 'cine', framesPerSecond: 16 }, 1 / 2)).toEqual([]);
  });
  test('counting less than a second is named, and counting makes the frame less sure', () => {
    const bulb = (seconds: number) =>
      cameraWith([
        fixed('aperture', '', 16),
        {
          ...{ kind: 'fixed', id: 'time', label: 'shutter', acts: 'time' },
          position: { mark: 'B', symbol: null, value: seconds, byHand: true }
        }
      ]);
    const counted = (seconds: number) => {
      const s: Situation = { ...sunny, camera: bulb(seconds), support: 'standing' };
      return judge(s, setting(s));
    };
    expect(counted(0.5).failures).toEqual([{ condition: 'counted-too-short', chance: 0, seconds: 0.5 }]);
    expect(counted(1).sdStops ** 2 - counted(1e6).sdStops ** 2).toBeCloseTo(handTimingSd(1) ** 2, 6);
  });
});

describe('aim', () => {
  test('a lopsided window is not aimed at in its middle but as near to 0 as costs nothing', () => {
    expect(aimStops({ lo: -0.7, hi: 3 }, 0.5)).toBeGreaterThan(0);
    expect(aimStops({ lo: -0.7, hi: 3 }, 0.5)).toBeLessThan(1.15);
    expect(aimStops({ lo: -0.4, hi: 0.3 }, 0.4)).toBeCloseTo(-0.05, 0);
    expect(aimStops({ lo: -5, hi: 5 }, 0.2)).toBe(0);
    expect(aimStops({ lo: 1, hi: 1 }, 0.2)).toBe(1);
  });
  // "When in doubt overexpose negative film, never slide or instant": common practice, no source; it has to come out.
  test('negative film is aimed over, slide film is not', () => {
    const unsure = { ...sunny, light: { lv: 14.64, sdStops: 0.8 } };
    const aim = (film: Situation['film']) => judge({ ...unsure, film }, setting(unsure)).aimStops;
    expect(aim(filmWith({ iso: 100 }))).toBeGreaterThan(0.3);
    expect(aim(SLIDE)).toBeLessThan(0.1);
    expect(aim(INSTANT)).toBeLessThan(0.1);
  });
});

describe('the film beside its speed', () => {
  test('lamps: the speed under lamps counts, and is told as a term', () => {
    const s = {
      ...sunny,
      film: filmWith({ iso: 160, tungstenIso: 40 }),
      circumstances: { ...PLAIN, lightKind: 'lamps' } as const
    };
    const { terms } = judge(s, setting(s));
    expect(terms.find((t) => t.term === 'light-kind')?.stops).toBeCloseTo(-2, 12);
    expect(TERM_SOURCES['light-kind']).toBe('film');
  });
  test('two exposures on a frame are a stop more', () => {
    const once = judge(sunny, setting(sunny)).deltaStops;
    const twice = { ...sunny, circumstances: { ...PLAIN, exposures: 2 } };
    expect(judge(twice, setting(sunny)).deltaStops - once).toBeCloseTo(1, 12);
  });
  // common practice, no source: colour negative loses about one stop in ten years past its date
  test('ten years past the date are a stop, before it nothing', () => {
    expect(agedStops('2016-11', '2026-11')).toBeCloseTo(1, 12);
    expect(agedStops('2031-01', '2026-11')).toBe(0);
    expect(agedStops(null, '2026-11')).toBe(0);
  });
});

describe('candidates', () => {
  const eye = { place: 'behind-lens', believesIso: 200, angleDegrees: null } as const;
  const program: Program = {
    kind: 'program',
    points: [
      { fNumber: 4, seconds: 0.5 },
      { fNumber: 4, seconds: 1 / 30 },
      { fNumber: 16, seconds: 1 / 250 }
    ],
    eye
  };
  const cameras = [
    SCALES,
    RING,
    cameraWith([marked('compensation', [-1, 0, 1])], { program, biasStops: 0.4 }),
    cameraWith([marked('aperture', [5.6, 11]), marked('dial', [100, 400])], {
      program: {
        kind: 'automatic-time',
        ...{ shortestSeconds: 1 / 300, longestSeconds: 4, inLowLight: 'closes' },
        eye: { ...eye, place: 'outside' }
      }
    })
  ];
  test('what a candidate says at speed is the sum of its terms, for any light and circumstances', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...cameras),
        fc.double({ min: -8, max: 18, noNaN: true }),
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.constantFrom('lens', 'pack', 'eye', 'lens-and-eye'),
        fc.integer({ min: 1, max: 4 }),
        (camera, lv, eyeOffsetStops, place, exposures) => {
          const film = filmWith({
            reciprocity: { kind: 'exponent', p: 1.3, startSeconds: 1 },
            developmentStops: 1
          });
          const circumstances = {
            ...PLAIN,
            ...{ eyeOffsetStops, exposures },
            filters: [{ name: 'grey', stops: 1.5, place } as const]
          };
          const s: Situation = { ...sunny, camera, film, circumstances };
          const one = setting(s, {});
          const { terms, exposure } = errorOfFrame(camera, film, one, lv, circumstances);
          const candidate = candidateOf(prepare(s), one);
          expect(candidate.frameAt(lv).deltaStops).toBeCloseTo(sumTerms(terms), 9);
          expect(candidate.frameAt(lv).exposure.seconds).toBeCloseTo(exposure.seconds, 12);
        }
      ),
      { seed: 5, numRuns: 300 }
    ));
  test('circles grow with the format', () =>
    expect(FORMATS['cine-8'].circleMm).toBeLessThan(FORMATS['135'].circleMm));
});
