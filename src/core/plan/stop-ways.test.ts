import { describe, expect, test } from 'vitest';
import { atHandFrom } from '../advice/at-hand.ts';
import { FLASH_UNIT, INSTANT_160, INSTANT_800, METERLESS, mono, TWIN } from '../error/panel.test.fixtures.ts';
import type { Camera } from '../camera/camera.ts';
import type { Film } from '../film/film.ts';
import type { DayPoint } from './day-light.ts';
import type { PlanPair } from './serving.ts';
import { itemKey, itemsOf, pairAtStop, waysOfStop, type OutingPair, type StopWay } from './stop-ways.ts';

const GREY = { name: 'grey', stops: 3 };
const pairOf = (
  key: string,
  camera: Camera,
  film: Film,
  atHand: Partial<PlanPair['atHand']> = {}
): OutingPair => ({
  ...{ key, framesLeft: 8 },
  pair: {
    situation: { camera, film, light: { lv: 0, sdStops: 0 }, contrast: 'normal' },
    ...{ present: {}, atHand: { ...atHandFrom([], []), filters: [], ...atHand }, leastChance: 0.5 }
  }
});
const at = (lv: number): DayPoint => ({
  ...{ ms: 0, lv, sdStops: 0.3, contrast: 'normal', lightKind: 'daylight' }
});
const GOOD = { purpose: 'good-frame', mover: null, loadId: null } as const;
const told = (ways: readonly StopWay[]): readonly string[] =>
  ways.map(
    ({ key, support, steps, serves }) =>
      `${key} ${support}${steps.map((s) => ` ${s.kind}`).join('')}${serves ? '' : ' fails'}`
  );

describe('the ways of a stop', () => {
  const both = [pairOf('a', METERLESS, mono(100)), pairOf('b', TWIN, INSTANT_160)];

  test('each camera in the hand and set down; where that serves nothing is put on', () => {
    const ways = waysOfStop(both, GOOD, at(13));
    expect(told(ways)).toEqual(['a hand', 'a standing', 'b hand', 'b standing']);
    expect(told(waysOfStop(both, { ...GOOD, loadId: 'b' }, at(13)))).toEqual(['b hand', 'b standing']);
    expect(waysOfStop(both, { ...GOOD, loadId: 'gone' }, at(13))).toEqual([]);
  });

  test('a filter is tried on what is too light, by how it is held', () => {
    const fast = pairOf('b', TWIN, { ...INSTANT_800, iso: 3200 }, { filters: [GREY] });
    const ways = waysOfStop([fast], GOOD, at(16));
    const names = told(ways).map((name) => name.replace(' fails', ''));
    expect(names).toEqual(['b hand', 'b standing', 'b hand filter', 'b standing filter']);
    // on a camera that reads the light itself it is before the eye as well
    expect(ways[2]?.steps).toEqual([{ kind: 'filter', filter: { ...GREY, place: 'lens-and-eye' } }]);
  });

  test('on a camera set by hand the filter is before the lens alone', () => {
    const fast = pairOf('a', METERLESS, mono(12_800), { filters: [GREY] });
    const [, , way] = waysOfStop([fast], GOOD, at(16));
    expect(way?.steps).toEqual([{ kind: 'filter', filter: { ...GREY, place: 'lens' } }]);
  });

  test('another film only where nothing else does it, and only one that fits', () => {
    const faster = { ...mono(3200), id: 'fast' };
    const films = [mono(100), faster, { ...INSTANT_160, id: 'other size' }];
    const slow = pairOf('a', METERLESS, mono(100), { films });
    expect(told(waysOfStop([slow], GOOD, at(13)))).toEqual(['a hand', 'a standing']);
    const dim = waysOfStop([slow], GOOD, at(4));
    // set down it serves in dim light, so no film is changed
    expect(told(dim)).toEqual(['a hand fails', 'a standing']);
    const dark = waysOfStop([slow], GOOD, at(-8));
    const refilled = dark.flatMap((w) => w.steps.flatMap((s) => (s.kind === 'film' ? [s.film.id] : [])));
    expect(refilled).toEqual(['fast', 'fast']);
  });

  test('a flash is fired in the hand, for a good frame', () => {
    const shoe: Camera = { ...METERLESS, flash: { kind: 'shoe', syncSeconds: null } };
    const flash = pairOf('a', shoe, mono(100), { flashes: [FLASH_UNIT] });
    const dim = told(waysOfStop([flash], GOOD, at(3)));
    expect(dim.filter((w) => w.includes('flash')).map((w) => w.replace(' fails', ''))).toEqual([
      'a hand flash'
    ]);
    const sharp = told(waysOfStop([flash], { ...GOOD, purpose: 'stop-motion' }, at(3)));
    expect(sharp.some((w) => w.includes('flash'))).toBe(false);
  });

  test('a stop has a purpose of its own, and its mover tells how long trails are', () => {
    const [pair] = both;
    if (!pair) throw new Error('no pair');
    const mover = { metresPerSecond: 20, lengthM: 52.8, distanceM: 10 };
    const asked = pairAtStop(pair, { purpose: 'light-trails', mover });
    // 35 mm film behind the camera's own lens: (36·10/f + 52.8)/20
    const from = ((36 * 10) / METERLESS.focalMm + 52.8) / 20;
    expect(asked.situation).toMatchObject({ purpose: 'light-trails', trails: { from, to: 2 * from } });
    expect(pairAtStop(pair, { purpose: 'stop-motion', mover: null }).situation.trails).toBeUndefined();
  });
});

describe('what has to be carried', () => {
  const [bare] = waysOfStop([pairOf('a', METERLESS, mono(100))], GOOD, at(13));
  if (!bare) throw new Error('no way');
  const steps: StopWay['steps'] = [
    { kind: 'filter', filter: { ...GREY, place: 'lens' } },
    { kind: 'flash', flash: { unit: { ...FLASH_UNIT, name: 'gun' }, powerStops: 0, lossStops: 0 } },
    { kind: 'film', film: { ...mono(400), id: 'fast', name: 'Fast' } }
  ];

  test('the camera, what it stands on, and what is put on; its own flash is on it', () => {
    expect(itemsOf(bare, false)).toEqual([{ kind: 'camera', key: 'a' }]);
    const all = itemsOf({ ...bare, support: 'standing', steps }, false);
    expect(all).toEqual([
      { kind: 'camera', key: 'a' },
      { kind: 'support' },
      { kind: 'filter', name: 'grey', stops: 3 },
      { kind: 'flash', name: 'gun' },
      { kind: 'film', id: 'fast', name: 'Fast' }
    ]);
    expect(itemsOf({ ...bare, steps }, true).map((i) => i.kind)).toEqual(['camera', 'filter', 'film']);
    expect(new Set(all.map(itemKey)).size).toBe(5);
  });

  test('the same thing is packed once, another one beside it', () => {
    const key = (name: string, stops: number): string => itemKey({ kind: 'filter', name, stops });
    expect(key('grey', 3)).toBe(key('grey', 3));
    expect(key('grey', 3)).not.toBe(key('grey', 6));
    expect(key('grey', 3)).not.toBe(key('red', 3));
    expect(itemKey({ kind: 'camera', key: 'a' })).not.toBe(itemKey({ kind: 'camera', key: 'b' }));
  });
});

describe('what is put on', () => {
  const names = (ways: readonly StopWay[]): readonly string[] =>
    told(ways).map((w) => w.replace(' fails', ''));
  const slow = pairOf('a', METERLESS, mono(100), { filters: [GREY] });
  const fast = pairOf('b', TWIN, { ...INSTANT_800, iso: 3200 }, { filters: [GREY] });

  test('nothing on a camera that serves without, whatever another one needs', () => {
    for (const pairs of [
      [slow, fast],
      [fast, slow]
    ]) {
      const ways = names(waysOfStop(pairs, GOOD, at(16)));
      expect([...ways].sort()).toEqual([
        ...['a hand', 'a standing', 'b hand', 'b hand filter', 'b standing', 'b standing filter']
      ]);
    }
  });
  test('nothing where it stands and serves, while it is tried in the hand', () => {
    expect(names(waysOfStop([slow], GOOD, at(4)))).toEqual(['a hand', 'a standing', 'a hand filter']);
  });
  test('a flash is for the hand, even where nothing serves', () => {
    const shoe: Camera = { ...METERLESS, flash: { kind: 'shoe', syncSeconds: null } };
    const dark = names(waysOfStop([pairOf('a', shoe, mono(25), { flashes: [FLASH_UNIT] })], GOOD, at(-9)));
    expect(dark.filter((w) => w.includes('flash'))).toEqual(['a hand flash']);
  });
  test('a mover is held by the field of the size that camera and film share, else by the camera’s first', () => {
    const mover = { metresPerSecond: 20, lengthM: 52.8, distanceM: 10 };
    const two: Camera = { ...METERLESS, formats: ['roll-6x9', 'roll-6x6'] };
    const from = (film: Film): number =>
      pairAtStop(pairOf('a', two, film), { purpose: 'light-trails', mover }).situation.trails?.from ?? NaN;
    const expected = (widthMm: number): number => ((widthMm * 10) / METERLESS.focalMm + 52.8) / 20;
    expect(from({ ...mono(100), formats: ['roll-6x6'] })).toBeCloseTo(expected(56), 9);
    expect(from({ ...mono(100), formats: ['cine-8'] })).toBeCloseTo(expected(84), 9);
  });
});
