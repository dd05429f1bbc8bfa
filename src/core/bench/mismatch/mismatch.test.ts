// Film that a camera was not made for: the facts of the trade, and sums by hand.
import { describe, expect, test } from 'vitest';
import { PLAIN } from '../../error/circumstances.ts';
import { cameraWith, filmWith, fixed, INSTANT, marked } from '../../error/pairs.test.fixtures.ts';
import type { Situation } from '../../error/situation.ts';
import type { Film } from '../../film/film.ts';
import { CAMERAS_BY_THEMSELVES } from '../../../lib/server/demo/by-themselves.ts';
import { believedSpeed, speedRange } from './believed-speed.ts';
import { cropOf } from './crop.ts';
import { crossed, dialTable } from './dial-table.ts';
import { distanceOf, focusShift, imageMm, reallyAt } from './focus-shift.ts';
import { believing, paysAfter, waysOut } from './ways-out.ts';

const wheel = marked('compensation', [-1.5, -1, -0.5, 0, 0.5, 1, 1.5]);
const MIDDLE = { compensation: 3 };
/** A folding mirror camera: f/8 always, times by itself, made for ISO 160. */
const MIRROR = cameraWith([fixed('aperture', 'f/8', 8), wheel], {
  ...{ formats: ['instant-square'], focalMm: 116, condition: 'automatic' },
  program: {
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 180, longestSeconds: 14, inLowLight: 'closes' },
    eye: { place: 'outside', believesIso: 160, angleDegrees: null }
  }
});
const FAST: Film = { ...INSTANT, iso: 640, formats: ['instant-square'] };
const on = (camera: typeof MIRROR, film = FAST, lv = 9): Situation => ({
  ...{ camera, film, light: { lv, sdStops: 0.3 }, contrast: 'normal', support: 'standing' }
});

describe('film that is faster than the camera believes (facts of the trade: common practice, no source)', () => {
  const ways = waysOut(on(MIRROR), MIDDLE);
  const find = (name: string) =>
    ways.find(({ way }) => (way.kind === 'filter' ? way.place : way.kind) === name);
  test('ISO 640 in a camera made for 160: what it can darken does not cure two stops', () => {
    expect(ways[0]?.way.kind).toBe('as-it-is');
    // the wheel takes a stop and a half at most
    expect(ways[0]?.offStops).toBeGreaterThanOrEqual(0.4);
  });
  test('two stops of grey on the pack restore tone, and leave the shutter as slow', () => {
    const pack = find('pack');
    expect(pack?.way).toMatchObject({ stops: 2 });
    expect(Math.abs(pack?.offStops ?? 9)).toBeLessThan(0.3);
    const { compensationStops } = pack?.verdict.setting ?? {};
    expect(compensationStops).toBe(0);
    // against the camera as it is, which the wheel had made faster by a stop and a half
    expect(pack?.timeStops).toBeCloseTo(1.5, 6);
  });
  test('converted electronics make the shutter two stops faster', () => {
    const [pack, converted] = [find('pack'), find('converted')];
    expect((converted?.timeStops ?? 0) - (pack?.timeStops ?? 0)).toBeCloseTo(-2, 6);
    expect(Math.abs(converted?.offStops ?? 9)).toBeLessThan(0.3);
    expect(believing(MIRROR, 640).program).toMatchObject({ eye: { believesIso: 640 } });
  });
  test('an eye behind the lens sees a filter over the lens: it is no way out', () => {
    const { program: own } = MIRROR;
    if (own.kind !== 'automatic-time') throw new Error('it times itself');
    const program = { ...own, eye: { ...own.eye, place: 'behind-lens' as const } };
    const behind = waysOut(on({ ...MIRROR, program }), MIDDLE);
    expect(behind.map(({ way }) => (way.kind === 'filter' ? way.place : way.kind))).toEqual([
      'as-it-is',
      'pack',
      'converted'
    ]);
  });
  test('slower film: a filter over the eye alone lightens', () => {
    const slow = waysOut(on(MIRROR, { ...FAST, iso: 40 }), MIDDLE);
    expect(slow.map(({ way }) => (way.kind === 'filter' ? way.place : way.kind))).toEqual([
      'as-it-is',
      'eye',
      'converted'
    ]);
    expect(Math.abs(slow[1]?.offStops ?? 9)).toBeLessThan(0.3);
  });
  test('a film it was made for needs nothing, a camera without an eye is not asked', () => {
    expect(waysOut(on(MIRROR, { ...FAST, iso: 160 }), MIDDLE)).toHaveLength(1);
    const byHand = cameraWith([fixed('aperture', '', 8), marked('time', [1 / 128, 1 / 64])]);
    expect(waysOut(on(byHand, filmWith()), {})).toEqual([]);
    expect(believing(byHand, 640)).toBe(byHand);
  });
});

describe('a dial against a lever', () => {
  const heron = CAMERAS_BY_THEMSELVES.find((c) => c.id === 'demo-heron');
  if (!heron) throw new Error('no such camera');
  const situation: Situation = {
    ...on({ ...heron, biasStops: 0 }, { ...FAST, iso: 800 }, 10),
    circumstances: PLAIN
  };
  const table = dialTable(situation, {});
  test('dial down, lever across, a cell for each', () => {
    expect(crossed(heron)).toMatchObject({ down: { acts: 'dial' }, across: { acts: 'aperture' } });
    expect(table?.rows.map((r) => r.filter((c) => c !== null).length)).toEqual([2, 2, 2, 2]);
  });
  test('none is nearer than the closest; the widest and the shortest are about as good as it', () => {
    const cells = table?.rows.flat().flatMap((c) => c ?? []) ?? [];
    const off = Math.min(...cells.map((c) => Math.abs(c.offStops)));
    expect(Math.abs(table?.closest.offStops ?? 9)).toBeLessThanOrEqual(off + 0.1);
    const [widest, shortest] = [table?.widest.verdict, table?.shortest.verdict];
    // ISO 2000 is the nearest step: the dull place is the wider of its two
    expect(widest?.exposure.fNumber).toBe(19);
    expect(shortest?.exposure.seconds).toBeLessThanOrEqual(table?.closest.verdict.exposure.seconds ?? 0);
    for (const v of [widest, shortest])
      expect(v?.pExposure).toBeGreaterThanOrEqual(0.85 * (table?.closest.verdict.pExposure ?? 0));
  });
  test('one control alone is a row; none is no table; by hand times go down and apertures across', () => {
    const alone = dialTable(on(MIRROR), MIDDLE);
    expect(alone?.down).toBeNull();
    expect(alone?.rows).toHaveLength(1);
    expect(alone?.rows[0]).toHaveLength(7);
    // two stops too light: the darkest place is the closest
    expect(alone?.closest.verdict.setting.compensationStops).toBe(-1.5);
    expect(dialTable(on(cameraWith([fixed('aperture', '', 8), fixed('time', '', 0.01)])), {})).toBeNull();
    const both = crossed(cameraWith([marked('time', [0.01, 0.02]), marked('aperture', [8, 11])]));
    expect([both?.down?.acts, both?.across.acts]).toEqual(['time', 'aperture']);
  });
});

describe('what an unknown conversion believes in', () => {
  const frames = (...pairs: readonly (readonly [number, number])[]) =>
    pairs.map(([compensationStops, judgedStops]) => ({ compensationStops, judgedStops }));
  test('three frames two stops too light with ISO 640 in it: it believes in 160', () => {
    const found = believedSpeed(640, frames([-1, 1], [0, 2], [1, 3]));
    expect(found.iso).toBeCloseTo(160, 9);
    expect(found.sdStops).toBeCloseTo(0.4 / Math.sqrt(3), 9);
    // nine of ten: 1.645 sd to either side
    const [from, to] = speedRange(found);
    expect(Math.log2(to / from)).toBeCloseTo(2 * 1.6449 * found.sdStops, 3);
  });
  test('frames that disagree make it less sure', () => {
    expect(believedSpeed(640, frames([0, 0], [0, 2])).sdStops).toBeCloseTo(1, 9);
    expect(() => believedSpeed(640, [])).toThrow(RangeError);
  });
});

describe('a scale that is off after a change of back', () => {
  test('the lens equation: 100 mm at 1.1 m draws its picture at 110 mm', () => {
    expect(imageMm(100, 1.1)).toBeCloseTo(110, 9);
    expect(imageMm(100, Infinity)).toBe(100);
    expect(distanceOf(100, 110)).toBeCloseTo(1.1, 9);
    expect(distanceOf(100, 100)).toBe(Infinity);
    expect(distanceOf(100, 99)).toBe(Infinity);
  });
  test('set to 2.1 m and sharp at 1.1 m: the film lies 5 mm further back; every mark moves with it', () => {
    // pictures at 105 and 110 mm
    const found = focusShift(100, [{ setM: 2.1, foundM: 1.1 }]);
    expect(found.shiftMm).toBeCloseTo(5, 9);
    expect(found.sdMm).toBeNull();
    expect(reallyAt(100, 2.1, found)).toBeCloseTo(1.1, 9);
    expect(reallyAt(100, Infinity, found)).toBeCloseTo(2.1, 9);
    expect(reallyAt(100, 5, { shiftMm: 0 })).toBeCloseTo(5, 9);
    expect(() => focusShift(100, [])).toThrow(RangeError);
  });
  test('three frames: their mean, as sure as they agree', () => {
    const at = (mm: number) => ({ setM: Infinity, foundM: distanceOf(100, 100 + mm) });
    const found = focusShift(100, [at(1), at(2), at(3)]);
    expect(found.shiftMm).toBeCloseTo(2, 9);
    expect(found.sdMm).toBeCloseTo(1 / Math.sqrt(3), 9);
  });
});

test('a smaller film keeps the middle of what the finder shows, turned so that most is kept', () => {
  // 6 x 6 in a camera for 6 x 9: two thirds of the width
  expect(cropOf('roll-6x9', 'roll-6x6')).toEqual({ width: 56 / 84, height: 1 });
  expect(cropOf('roll-6x6', 'roll-6x9')).toEqual({ width: 1, height: 1 });
  expect(cropOf('roll-6x9', '135')).toEqual({ width: 36 / 84, height: 24 / 56 });
  expect(cropOf('instant-small', 'instant-wide')).toEqual({ width: 1, height: 1 });
});

test('what costs once pays after as many frames as it saves on each', () => {
  expect(paysAfter(120, 4, 1)).toBe(40);
  expect(paysAfter(100, 4, 1)).toBe(34);
  expect(paysAfter(0, 4, 1)).toBe(0);
  expect(paysAfter(100, 1, 1)).toBeNull();
  expect(paysAfter(100, 1, 4)).toBeNull();
});
