// What is remembered by light against what is asked of that light alone.
import { describe, expect, test } from 'vitest';
import { atHandFrom } from '../advice/at-hand.ts';
import {
  FOLDING_REFLEX,
  INSTANT_160,
  INSTANT_800,
  METERLESS,
  mono,
  slide,
  TWIN
} from '../error/panel.test.fixtures.ts';
import type { Camera } from '../camera/camera.ts';
import { missingOf } from '../advice/purpose-served.ts';
import { judge } from '../chance/verdict.ts';
import type { Purpose, Support } from '../error/situation.ts';
import type { Film } from '../film/film.ts';
import type { DayPoint } from './day-light.ts';
import { servingAt, situationAt, type PlanPair } from './serving.ts';
import { ServingTable } from './serving-table.ts';

const pairOf = (
  camera: Camera,
  film: Film,
  more: { readonly purpose?: Purpose; readonly filters?: boolean } = {}
): PlanPair => ({
  situation: {
    ...{ camera, film, light: { lv: 0, sdStops: 0 }, contrast: 'normal' },
    ...(more.purpose ? { purpose: more.purpose } : {})
  },
  present: {},
  atHand: { ...atHandFrom([], []), filters: more.filters ? [{ name: 'ND3', stops: 3 }] : [] },
  leastChance: 0.5
});
const at = (lv: number, more: Partial<DayPoint> = {}): DayPoint => ({
  ...{ ms: 0, lv, sdStops: 0.5, contrast: 'normal', lightKind: 'daylight' },
  ...more
});
const CASES: readonly (readonly [string, PlanPair, Support])[] = [
  ['a meterless camera', pairOf(METERLESS, slide(100)), 'hand'],
  ['a twin-lens, set down', pairOf(TWIN, INSTANT_800), 'standing'],
  ['trails of light', pairOf(FOLDING_REFLEX, INSTANT_160, { purpose: 'light-trails' }), 'standing'],
  [
    'trails with a filter',
    pairOf(FOLDING_REFLEX, INSTANT_160, { purpose: 'light-trails', filters: true }),
    'standing'
  ],
  ['trails of light by many times', pairOf(METERLESS, mono(125), { purpose: 'light-trails' }), 'standing'],
  [
    'a blurred background',
    pairOf(METERLESS, mono(400), { purpose: 'blurred-background', filters: true }),
    'hand'
  ]
];
/** Half stops: there a table asks just so. */
const LVS = Array.from({ length: 21 }, (_, i) => -1 + i * 0.75).map((lv) => Math.round(2 * lv) / 2);

describe('a table', () => {
  test.each(CASES)('tells at every half stop what is advised there: %s', (_, pair, support) => {
    const table = new ServingTable(pair, support);
    for (const lv of LVS) {
      const [told, asked] = [table.at(at(lv)), servingAt(pair, at(lv), support)];
      if (!told || !asked) throw new Error('no answer');
      expect(told.setting.choice, String(lv)).toEqual(asked.verdict.setting.choice);
      expect(told.steps).toEqual(asked.steps);
      expect(told.chance).toBeCloseTo(asked.verdict.pUsable, 9);
      expect(told.deltaStops).toBeCloseTo(asked.verdict.deltaStops, 9);
      expect(told.serves).toBe(asked.serves);
      expect(table.serves(at(lv)), String(lv)).toBe(asked.serves);
      expect(table.near(at(lv + 0.2))).toBe(told);
      // as the engine judges it, with all that is put on
      const judged = table.judged(told, at(lv));
      expect(judged.pUsable).toBeCloseTo(asked.verdict.pUsable, 9);
      expect(judged.terms).toEqual(asked.verdict.terms);
    }
  });

  test('light of another kind is another light', () => {
    const pair = pairOf(METERLESS, { ...slide(100), tungstenIso: 25 });
    const table = new ServingTable(pair, 'standing');
    for (const more of [{}, { contrast: 'hard' } as const, { lightKind: 'lamps' } as const, {}])
      for (const lv of [6, 9, 12]) {
        const told = table.at(at(lv, more));
        const asked = servingAt(pair, at(lv, more), 'standing');
        expect(told?.chance).toBeCloseTo(asked?.verdict.pUsable ?? NaN, 9);
        expect(told?.setting.choice).toEqual(asked?.verdict.setting.choice);
      }
  });

  test('a setting of another light is judged as it is in this one', () => {
    const pair = pairOf(METERLESS, slide(100));
    const table = new ServingTable(pair, 'hand');
    const outcome = table.at(at(13));
    if (!outcome) throw new Error('no answer');
    const judged = table.judged(outcome, at(10));
    expect(judged.pUsable).toBeCloseTo(judge(situationAt(pair, at(10), 'hand'), outcome.setting).pUsable, 9);
  });
});

describe('nobody changes a setting for little', () => {
  test.each(CASES)('%s', (name, pair, support) => {
    const table = new ServingTable(pair, support);
    const purpose = pair.situation.purpose ?? 'good-frame';
    let [changed, kept] = [0, 0];
    for (const from of LVS)
      for (const lv of LVS) {
        const [outcome, advised] = [table.at(at(from)), table.at(at(lv))];
        if (!outcome || !advised) throw new Error('no answer');
        const isEnough = table.isEnough(outcome, at(lv));
        if (outcome.key === advised.key) {
          expect(isEnough).toBe(true);
          continue;
        }
        const chance = table.judged(outcome, at(lv)).pUsable;
        const best = table.judged(advised, at(lv)).pUsable;
        if (Math.abs(chance - Math.max(0.5, best - 0.05)) < 1e-6) continue;
        const isAsGood = chance >= Math.max(0.5, best - 0.05);
        if (purpose === 'good-frame') expect(isEnough, `${from} ${lv}`).toBe(isAsGood);
        else if (purpose === 'blurred-background') expect(isEnough).toBe(false);
        else {
          const situation = situationAt(pair, at(lv), support);
          const isReached = missingOf(situation, table.judged(outcome, at(lv))) === null;
          expect(isEnough, `${from} ${lv}`).toBe(isAsGood && isReached);
        }
        if (isEnough) kept += 1;
        if (!isEnough) changed += 1;
      }
    if (purpose === 'good-frame') expect(changed).toBeGreaterThan(0);
    if (name.endsWith('by many times')) expect(Math.min(changed, kept)).toBeGreaterThan(0);
  });
});

describe('what serves', () => {
  const trails = pairOf(FOLDING_REFLEX, INSTANT_160, { purpose: 'light-trails', filters: true });
  test('seconds in the hand are in vain, and no filter is put on for them', () => {
    for (const lv of [4, 8, 12]) {
      const serving = servingAt(trails, at(lv), 'hand');
      expect([serving?.serves, serving?.steps]).toEqual([false, []]);
    }
  });
  test('a purpose that is reached has to be likely enough too', () => {
    const lvs = LVS.filter((lv) => servingAt(trails, at(lv), 'standing')?.serves === true);
    expect(lvs.length).toBeGreaterThan(0);
    for (const lv of lvs) {
      const chance = servingAt(trails, at(lv), 'standing')?.verdict.pUsable ?? 0;
      expect(servingAt({ ...trails, leastChance: chance + 0.01 }, at(lv), 'standing')?.serves).toBe(false);
      expect(servingAt({ ...trails, leastChance: chance }, at(lv), 'standing')?.serves).toBe(true);
    }
  });
  test('a chance that is just enough is enough', () => {
    const plain = pairOf(METERLESS, slide(100));
    const chance = servingAt(plain, at(7), 'hand')?.verdict.pUsable ?? 0;
    expect(servingAt({ ...plain, leastChance: chance }, at(7), 'hand')?.serves).toBe(true);
    expect(new ServingTable({ ...plain, leastChance: chance + 0.02 }, 'hand').at(at(7))?.serves).toBe(false);
  });
});
