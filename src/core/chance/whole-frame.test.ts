// The chance of a whole frame against frames drawn at random, over cameras set by hand and cameras that set themselves; and what
// must hold of it whatever the numbers.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  BOX_B,
  CINE,
  FOLDING,
  FOLDING_REFLEX,
  INSTANT_160,
  INSTANT_640,
  INSTANT_800,
  METERLESS,
  mono,
  PACK,
  PACK_3000,
  REUSABLE,
  RIGID,
  slide,
  SWING,
  TOY,
  TWIN,
  colour
} from '../error/panel.test.fixtures.ts';
import { respond } from '../camera/respond.ts';
import { type Camera, setsItself } from '../camera/camera.ts';
import { allSettings, type Setting } from '../camera/setting.ts';
import { PLAIN } from '../error/circumstances.ts';
import { errorOfFrame, sumTerms, wantedEv } from '../error/delta.ts';
import { EYE_SD, spreadOf, type Situation } from '../error/situation.ts';
import type { Film } from '../film/film.ts';
import { candidateOf } from './candidate.ts';
import { certainFailure, handAt } from './conditions.ts';
import { prepare } from './prepared.ts';
import { sharpAround } from './sharpness.ts';
import { HAND_SPREAD, SUBJECT_SPREAD } from './stillness.ts';

/** Normal numbers from a seed: mulberry32 and Box & Muller (1958). */
function normals(seed: number): () => number {
  let state = seed;
  const uniform = (): number => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return (((t ^ (t >>> 14)) >>> 0) + 0.5) / 4294967296;
  };
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}

const PAIRS: readonly (readonly [string, Camera, Film, number])[] = [
  ['1 reusable', REUSABLE, colour(400), 11],
  ['2 box', BOX_B, mono(125), 10.5],
  ['3 toy', TOY, colour(160, ['roll-6x6']), 11.5],
  ['4 folding, old cell', FOLDING(), INSTANT_800, 9],
  ['5 folding reflex', FOLDING_REFLEX, INSTANT_160, 8.5],
  ['6 rigid', RIGID(), INSTANT_640, 8],
  ['7 twin-lens', TWIN, INSTANT_800, 8.5],
  ['8 pack', PACK, PACK_3000, 7],
  ['9 swing', SWING, mono(400, ['135-panorama']), 8],
  ['10 meterless', METERLESS, mono(125), 8],
  ['11 cine', CINE, slide(50), 12],
  ['12 in a street at night', METERLESS, mono(400), 5]
];
const FRAMES = 100_000;

describe('a hundred thousand frames', () => {
  test.each(PAIRS)('%s', (_kind, camera, film, lv) => {
    const s: Situation = {
      ...{ camera, film, light: { lv, sdStops: 0.5 }, contrast: 'normal' },
      motion: { metresPerSecond: 1.4, way: 'oblique' },
      circumstances: { ...PLAIN, subjectM: 4 }
    };
    const prepared = prepare(s);
    // the setting that is least certain tells most
    const setting = allSettings(camera, { focus: 2 })
      .map((one) => ({ one, p: candidateOf(prepared, one).chancesAt(lv).usable }))
      .reduce((a, b) => (Math.abs(b.p - 0.5) < Math.abs(a.p - 0.5) ? b : a)).one;
    const exact = candidateOf(prepared, setting).chancesAt(lv).usable;
    const hits = drawn(s, setting);
    const tolerance = 4 * Math.sqrt((exact * (1 - exact)) / FRAMES) + 4e-3;
    expect(Math.abs(hits / FRAMES - exact)).toBeLessThan(tolerance);
  });
});

/** How many frames of many come out: light, reading, clip, what comes after, hand, subject and distance drawn one by one. */
function drawn(s: Situation, setting: Setting): number {
  const { camera, film, light } = s;
  const prepared = prepare(s);
  const { limits, window } = prepared;
  const { afterSd, readings } = spreadOf(s);
  const draw = normals(11);
  const isManual = !setsItself(camera);
  const isOld = readings.length > 1;
  const ownSd = readings[0]?.sd ?? 0;
  // Student's t with 4 degrees of freedom: a normal over the root of a chi-square over 4
  const cell = (): number => draw() / Math.sqrt((draw() ** 2 + draw() ** 2 + draw() ** 2 + draw() ** 2) / 4);
  let hits = 0;
  for (let i = 0; i < FRAMES; i++) {
    const lv = light.lv + light.sdStops * draw();
    const off = isManual ? 0 : isOld ? EYE_SD.even * draw() + cell() : ownSd * draw();
    const on = errorOfFrame(camera, film, setting, lv, s.circumstances, lv + off);
    const delta = sumTerms(on.terms) + afterSd * draw();
    const { seconds, fNumber } = respond(
      camera,
      setting,
      wantedEv(camera, setting, lv + off, prepared.circumstances)
    );
    const held = seconds < limits.halfHeldSeconds * Math.exp(HAND_SPREAD * draw());
    const still = seconds < limits.halfStillSeconds * Math.exp(SUBJECT_SPREAD * draw());
    const m = (limits.subjectM ?? 0) * Math.exp(limits.distanceSd * draw());
    const sharp = sharpAround(camera, limits.format, setting.choice, fNumber, limits.subjectM ?? 1);
    const inFocus = m >= sharp.nearM && m <= sharp.farM;
    const good = delta >= window.usable.lo && delta <= window.usable.hi;
    if (good && held && still && inFocus && !certainFailure(limits, setting, seconds)) hits += 1;
  }
  return hits;
}

describe('whatever the numbers', () => {
  const pair = fc.constantFrom(...PAIRS);
  const lv = fc.double({ min: -4, max: 17, noNaN: true });
  const sd = fc.double({ min: 0, max: 1.5, noNaN: true });
  const subject = fc.option(fc.double({ min: 0.5, max: 60, noNaN: true }));
  const runs = { seed: 20261127, numRuns: Number(process.env['JUST_ENOUGH_SITUATIONS'] ?? 300) };
  const situationOf = (
    [, camera, film]: (typeof PAIRS)[number],
    light: number,
    sdStops: number,
    subjectM: number | null
  ): Situation => ({
    ...{ camera, film, light: { lv: light, sdStops }, contrast: 'normal' },
    circumstances: { ...PLAIN, subjectM }
  });

  test('a support never lowers it, and leaning lies between', () =>
    fc.assert(
      fc.property(pair, lv, sd, subject, (p, light, sdStops, subjectM) => {
        const s = situationOf(p, light, sdStops, subjectM);
        for (const setting of allSettings(s.camera, {}).slice(0, 12)) {
          const [hand = 0, leaning = 0, standing = 0] = (['hand', 'leaning', 'standing'] as const).map(
            (support) => candidateOf(prepare({ ...s, support }), setting).chancesAt(light).usable
          );
          expect(leaning).toBeGreaterThanOrEqual(hand - 1e-4);
          expect(standing).toBeGreaterThanOrEqual(leaning - 1e-4);
        }
      }),
      runs
    ));
  test('it is no more than each of its parts, and its factors multiply to it', () =>
    fc.assert(
      fc.property(pair, lv, sd, subject, (p, light, sdStops, subjectM) => {
        const s = situationOf(p, light, sdStops, subjectM);
        for (const setting of allSettings(s.camera, {}).slice(0, 12)) {
          const c = candidateOf(prepare(s), setting).chancesAt(light);
          const falling = [c.exposure, c.released, c.held, c.still, c.usable, 0];
          falling.slice(1).forEach((next, i) => expect(next).toBeLessThanOrEqual((falling[i] ?? 0) + 1e-9));
          expect(c.good).toBeLessThanOrEqual(c.usable + 1e-9);
          expect(c.exposure).toBeLessThanOrEqual(1 + 1e-6);
        }
      }),
      runs
    ));
  test('a longer time in the hand is never stiller, and more light never makes a camera that times itself take longer', () =>
    fc.assert(
      fc.property(pair, lv, sd, (p, light, sdStops) => {
        const s = situationOf(p, light, sdStops, null);
        const { limits } = prepare(s);
        for (const setting of allSettings(s.camera, {}).slice(0, 12)) {
          const candidate = candidateOf(prepare(s), setting);
          const [dark, bright] = [light, light + 1].map((at) => candidate.frameAt(at).exposure.seconds);
          if (dark === undefined || bright === undefined) throw new Error('no exposure');
          expect(bright).toBeLessThanOrEqual(dark + 1e-12);
          expect(handAt(limits, bright)).toBeGreaterThanOrEqual(handAt(limits, dark) - 1e-12);
          expect(handAt(limits, 2 * dark)).toBeLessThanOrEqual(handAt(limits, dark));
        }
      }),
      runs
    ));
});
