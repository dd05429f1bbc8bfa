// The reach of a pair against the chance asked light by light.
import { describe, expect, test } from 'vitest';
import { PLAIN } from '../error/circumstances.ts';
import { cameraWith, fixed } from '../error/pairs.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import {
  BOX_B,
  FLASH_UNIT,
  FOLDING_REFLEX,
  INSTANT_160,
  INSTANT_640,
  INSTANT_800,
  METERLESS,
  mono,
  REUSABLE,
  RIGID,
  slide,
  TWIN
} from '../error/panel.test.fixtures.ts';
import { bestSetting, candidatesOf, rankSettings, reaches } from './rank.ts';
import { centreLv, deltaAt, reachBoth, reachOf } from './reach.ts';
import { gainedBy, type LvInterval } from './reach-shape.ts';
import { prepare } from '../chance/prepared.ts';

const at = (
  camera: Situation['camera'],
  film: Situation['film'],
  more: Partial<Situation> = {}
): Situation => ({
  ...{ camera, film, light: { lv: 10, sdStops: 0.5 }, contrast: 'normal' },
  ...more
});
const fired = {
  ...{ ...PLAIN, subjectM: 2 },
  flash: { kind: 'fired', unit: FLASH_UNIT, powerStops: 0, lossStops: 0 } as const
};
const CASES: readonly (readonly [string, Situation])[] = [
  ['a twin-lens by hand', at(TWIN, INSTANT_800)],
  ['a twin-lens on a table', at(TWIN, INSTANT_800, { support: 'standing' })],
  ['a folding reflex by hand', at(FOLDING_REFLEX, INSTANT_160)],
  ['a rigid camera in unsure light', at(RIGID(), INSTANT_640, { light: { lv: 10, sdStops: 1 } })],
  ['a meterless camera on slide film', at(METERLESS, slide(100))],
  ['a meterless camera on slide film, set down', at(METERLESS, slide(100), { support: 'standing' })],
  ['a box', at(BOX_B, mono(125))],
  ['one that is thrown away, with its flash', at(REUSABLE, mono(400), { circumstances: fired })]
];
const LVS = Array.from({ length: 93 }, (_, i) => -4 + i / 4);
const within = (list: readonly LvInterval[], lv: number): boolean =>
  list.some(({ from, to }) => lv >= from && lv <= to);
const nearEdge = (list: readonly LvInterval[], lv: number): boolean =>
  list.some(({ from, to }) => Math.min(Math.abs(lv - from), Math.abs(lv - to)) < 0.06);
const atLv = (s: Situation, lv: number): Situation => ({ ...s, light: { ...s.light, lv } });

describe('the reach', () => {
  test.each(CASES)('is where a frame is likely, and where it is possible: %s', (_, s) => {
    const { likely, possible } = reachOf(s, {});
    for (const lv of LVS) {
      const most = Math.max(...rankSettings(atLv(s, lv), {}).map((v) => v.pUsable));
      if (!nearEdge(likely, lv)) expect(within(likely, lv), `likely at ${lv}: ${most}`).toBe(most >= 0.75);
      // gaps under half a stop are none
      const inGap = within(possible, lv) && most < 0.5 && most > 0.35;
      if (!nearEdge(possible, lv) && !inGap)
        expect(within(possible, lv), `possible at ${lv}: ${most}`).toBe(most >= 0.5);
    }
    for (const list of [likely, possible]) {
      list.forEach(({ from, to }) => expect(to).toBeGreaterThan(from));
      list.slice(1).forEach((next, i) => expect(next.from).toBeGreaterThan(list[i]?.to ?? Infinity));
    }
    possible
      .slice(1)
      .forEach((next, i) => expect(next.from - (possible[i]?.to ?? 0)).toBeGreaterThanOrEqual(0.5));
  });

  test.each(CASES)('each setting serves where it is advised: %s', (_, s) => {
    const { services } = reachOf(s, {});
    expect(services[0]?.from).toBe(-Infinity);
    expect(services.at(-1)?.to).toBe(Infinity);
    services.slice(1).forEach((next, i) => {
      expect(next.from).toBe(services[i]?.to);
      expect(next.setting).not.toBe(services[i]?.setting);
    });
    for (const lv of LVS) {
      const inside = services.find(({ from, to }) => lv > from + 0.26 && lv < to - 0.26);
      if (inside)
        expect(bestSetting(atLv(s, lv), {})?.setting.choice, String(lv)).toEqual(inside.setting.choice);
    }
  });

  test('by hand and set down are told apart', () => {
    const { hand, standing } = reachBoth(at(METERLESS, slide(100), { support: 'leaning' }), {});
    expect(hand).toEqual(reachOf(at(METERLESS, slide(100)), {}));
    expect(standing).toEqual(reachOf(at(METERLESS, slide(100), { support: 'standing' }), {}));
    expect(standing.likely[0]?.from ?? Infinity).toBeLessThan((hand.likely[0]?.from ?? 0) - 2);
  });
});

describe('how sure the light has to be', () => {
  test('by hand: with that sd the best light is just likely', () => {
    const s = at(METERLESS, slide(100), { support: 'standing' });
    const { largestLikelySd } = reachOf(s, {});
    if (largestLikelySd === null) throw new Error('never likely');
    const most = (sdStops: number): number =>
      Math.max(
        ...Array.from({ length: 40 }, (_, i) => 11 + i / 40).map((lv) =>
          Math.max(...rankSettings({ ...s, light: { lv, sdStops } }, {}).map((v) => v.pUsable))
        )
      );
    expect(most(largestLikelySd)).toBeCloseTo(0.75, 2);
    expect(most(largestLikelySd + 0.1)).toBeLessThan(0.75);
  });
  test('a film that not even sure light makes likely', () => {
    const narrow = { ...slide(100), belowStops: 0.8, aboveStops: 0.8, sdStops: 2 };
    expect(reachOf(at(METERLESS, narrow), {}).largestLikelySd).toBeNull();
    const unsure = { ...TWIN, toleranceStops: 3 };
    expect(reachOf(at(unsure, { ...INSTANT_800, sdStops: 2 }), {}).largestLikelySd).toBeNull();
  });
  test('on a camera that sets itself: as unsure as it is, where that is likely; else as sure as it must be', () => {
    expect(reachOf(at(TWIN, INSTANT_800), {}).largestLikelySd).toBe(0.5);
    // a stop between its limits: beyond them the light does not cancel
    const narrow = cameraWith([fixed('aperture', '8', 8)], {
      ...{ formats: ['instant-square'], condition: 'automatic' },
      program: {
        ...{ kind: 'automatic-time', shortestSeconds: 1 / 60, longestSeconds: 1 / 30, inLowLight: 'closes' },
        eye: { place: 'outside', believesIso: 160, angleDegrees: null }
      }
    });
    const unsure = (sdStops: number) =>
      reachOf(at(narrow, INSTANT_160, { light: { lv: 10, sdStops }, support: 'standing' }), {});
    const { likely, largestLikelySd } = unsure(4);
    expect(likely).toEqual([]);
    if (largestLikelySd === null) throw new Error('never likely');
    expect(unsure(largestLikelySd - 0.1).likely.length).toBeGreaterThan(0);
    expect(unsure(largestLikelySd + 0.1).likely).toEqual([]);
  });
});

describe('one setting', () => {
  test('its error moves stop by stop with the light, and is none at its centre', () => {
    const s = at(BOX_B, mono(125));
    const setting = bestSetting(s, {})?.setting;
    if (!setting) throw new Error('no setting');
    const centre = centreLv(s, setting);
    expect(deltaAt(s, setting, centre)).toBeCloseTo(0, 9);
    expect(deltaAt(s, setting, centre + 1.5)).toBeCloseTo(1.5, 9);
    // f/16 and 1/25 s on ISO 125
    expect(centre).toBeCloseTo(Math.log2(256 * 25) - Math.log2(1.25), 1);
  });
  test('whether any reaches a chance', () => {
    const s = at(BOX_B, mono(125));
    const candidates = candidatesOf(prepare(s), {});
    const most = (lv: number): number => Math.max(...candidates.map((c) => c.chancesAt(lv).usable));
    for (const lv of [4, 9, 10.5, 12, 17])
      for (const least of [0.2, 0.5, 0.75])
        expect(reaches(lv, candidates, least), `${lv} ${least}`).toBe(most(lv) >= least);
    expect(reaches(12, [], 0)).toBe(false);
  });
});

describe('what is gained', () => {
  const one = (from: number, to: number): LvInterval => ({ from, to });
  test.each([
    ['all where there was nothing', [], [one(3, 5)], [one(3, 5)]],
    ['nothing where all was there', [one(2, 6)], [one(3, 5)], []],
    ['below and above', [one(3, 4)], [one(1, 6)], [one(1, 3), one(4, 6)]],
    ['between two', [one(1, 3), one(5, 7)], [one(1, 7)], [one(3, 5)]],
    ['what lies apart is left alone', [one(8, 9)], [one(1, 3), one(5, 7)], [one(1, 3), one(5, 7)]],
    ['what lies below is left alone', [one(-3, 0)], [one(1, 3)], [one(1, 3)]],
    ['half a stop is some, less is none', [one(2, 4)], [one(1.5, 4.4)], [one(1.5, 2)]],
    ['over several', [one(2, 3)], [one(1, 4), one(5, 6)], [one(1, 2), one(3, 4), one(5, 6)]]
  ])('%s', (_, without, with_, gained) => expect(gainedBy(without, with_)).toEqual(gained));
});
