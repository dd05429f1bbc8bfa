// What a question is made of, option by option, against the engine's own answers and the marks' own arithmetic.
import { describe, expect, test } from 'vitest';
import { BOX, filmWith, SCALES } from '../error/pairs.test.fixtures.ts';
import { PLAIN } from '../error/circumstances.ts';
import { bestSetting, rankSettings } from '../advice/rank.ts';
import { seeded } from '../numeric/seeded.ts';
import { sceneOf } from '../scene/scene.ts';
import { mistakeStops } from './mistakes.ts';
import {
  evOf,
  gradeAnswer,
  inScene,
  metersTooMuch,
  oneOf,
  questionOf,
  sameExposure,
  shuffled,
  type Bag,
  type Option,
  type Question
} from './question.ts';
import { groupsOf } from './schedule.ts';

const SPEEDS = [25, 50, 100, 200, 400, 800, 1600];
const films = SPEEDS.map((iso) => filmWith({ id: `film-${iso}`, iso }));
const situation = {
  ...{ camera: SCALES, film: filmWith({ id: 'film-100', iso: 100 }) },
  ...{ light: { lv: 12, sdStops: 0.3 }, contrast: 'normal' as const }
};
const bag: Bag = { situation, present: {}, films, frames: [] };
const SEEDS = Array.from({ length: 12 }, (_, i) => 37 * i + 5);

function asked(drill: Question['drill'], of: Bag = bag): readonly Question[] {
  return groupsOf(drill).flatMap((group) =>
    SEEDS.map((seed) => questionOf({ drill, group }, seed, of)).filter((q) => q !== null)
  );
}
function optionsOf({ asks }: Question): readonly Option[] {
  if (asks.kind !== 'one-of') throw new Error('no options');
  return asks.options;
}
function rightOf({ asks }: Question): Option | undefined {
  return asks.kind === 'one-of' ? asks.options[asks.right] : undefined;
}

describe('an order drawn at random', () => {
  test('keeps every one, and each comes first about as often', () => {
    const first = [0, 0, 0, 0];
    for (let seed = 0; seed < 400; seed++) {
      const order = shuffled([0, 1, 2, 3], seeded(seed));
      expect([...order].sort()).toEqual([0, 1, 2, 3]);
      first[order[0] ?? 0] = (first[order[0] ?? 0] ?? 0) + 1;
    }
    // 100 each, give or take 5 sd of a binomial
    for (const n of first) expect(Math.abs(n - 100)).toBeLessThan(44);
  });
  test('no question where one is all there is, or none is right; the right one is found where it came to lie', () => {
    const options = [0, 1, 2].map((n): Option => ({ kind: 'setting', choice: { a: n }, deltaStops: n }));
    const isSecond = (o: Option): boolean => o === options[1];
    expect(oneOf(options.slice(0, 1), () => true, seeded(1))).toBeNull();
    expect(oneOf(options, () => false, seeded(1))).toBeNull();
    for (let seed = 0; seed < 20; seed++) {
      const asks = oneOf(options, isSecond, seeded(seed));
      expect(asks?.kind === 'one-of' && asks.options[asks.right]).toBe(options[1]);
    }
  });
});

test('which setting: the best and up to three others, each a stop off all the rest', () => {
  const questions = asked('setting');
  expect(questions.length).toBeGreaterThan(50);
  const counts = new Set<number>();
  for (const question of questions) {
    if (!question.scene) throw new Error('no scene');
    const options = optionsOf(question);
    counts.add(options.length);
    const [best] = rankSettings(inScene(situation, question.scene), {});
    expect(rightOf(question)).toMatchObject({ choice: best?.setting.choice });
    const stops = options.flatMap((o) => (o.kind === 'setting' ? [o.deltaStops] : []));
    for (const [i, a] of stops.entries())
      for (const b of stops.slice(i + 1)) expect(Math.abs(a - b)).toBeGreaterThanOrEqual(0.9);
  }
  expect(Math.max(...counts)).toBe(4);
  expect(Math.min(...counts)).toBeGreaterThan(1);
});

test('which film: the likeliest of all by a tenth, itself likely, among four speeds at most', () => {
  const box = { ...situation, camera: BOX };
  const questions = asked('film', { ...bag, situation: box });
  expect(questions.length).toBeGreaterThan(3);
  for (const question of questions) {
    if (!question.scene) throw new Error('no scene');
    const here = inScene(box, question.scene);
    const chances = films
      .map((film) => bestSetting({ ...here, film }, {})?.pUsable ?? 0)
      .sort((a, b) => b - a);
    const right = rightOf(question);
    if (right?.kind !== 'film') throw new Error('no film');
    expect(right.pUsable).toBe(chances[0]);
    expect(right.pUsable).toBeGreaterThanOrEqual(0.5);
    expect(right.pUsable - (chances[1] ?? 0)).toBeGreaterThanOrEqual(0.1);
    expect(optionsOf(question).length).toBe(4);
    const speeds = optionsOf(question).map((o) => (o.kind === 'film' ? o.film.iso : 0));
    expect(new Set(speeds).size).toBe(4);
  }
  // what no film would do, and what two would do as well, is no question
  const left = groupsOf('film').length * SEEDS.length - questions.length;
  expect(left).toBeGreaterThan(20);
});

test('does it come out: asked where it surely does or does not', () => {
  const box: Bag = { ...bag, situation: { ...situation, camera: BOX } };
  const questions = asked('comes-out', box);
  const seen = new Set<boolean>();
  for (const question of questions) {
    if (!question.scene) throw new Error('no scene');
    const chance = bestSetting(inScene(box.situation, question.scene), {})?.pUsable ?? 0;
    expect(chance <= 0.35 || chance >= 0.7).toBe(true);
    expect(rightOf(question)).toEqual({ kind: 'yes-no', comesOut: chance >= 0.7 });
    seen.add(chance >= 0.7);
  }
  expect(seen.size).toBe(2);
  // and left out between: the box has lights in which it may or may not
  const between = groupsOf('comes-out').length * SEEDS.length - questions.length;
  expect(between).toBeGreaterThan(5);
});

test('what went wrong: the mistake of the print, and up to three that would have shown otherwise', () => {
  const questions = asked('mistake');
  const made = new Set<string>();
  for (const question of questions) {
    const right = rightOf(question);
    if (right?.kind !== 'mistake') throw new Error('no mistake');
    made.add(JSON.stringify(right.mistake));
    expect(mistakeStops(right.mistake)).toBe(question.printStops);
    const others = optionsOf(question).filter((o) => o !== right);
    expect(others.length).toBeGreaterThan(0);
    expect(others.length).toBeLessThanOrEqual(3);
    for (const o of others)
      if (o.kind === 'mistake')
        expect(Math.abs(mistakeStops(o.mistake) - question.printStops)).toBeGreaterThanOrEqual(1.5);
  }
  expect(made.size).toBeGreaterThan(3);
});

test('the same exposure: aperture and time moved alike, by one or two stops, the others by the time alone', () => {
  const F = [2.8, 4, 5.6, 8, 11, 16, 22];
  const T = [1000, 500, 250, 125, 60, 30, 15, 8, 4];
  const moves = new Map<number, number>();
  for (let seed = 0; seed < 400; seed++) {
    const { given, asks } = sameExposure(seed);
    if (asks.kind !== 'one-of') throw new Error('no options');
    const options = asks.options.flatMap((o) => (o.kind === 'exposure' ? [o] : []));
    const right = options[asks.right];
    if (!right) throw new Error('none is right');
    const moved = F.indexOf(right.markedFNumber) - F.indexOf(given.markedFNumber);
    expect(T.indexOf(right.perSecond) - T.indexOf(given.perSecond)).toBe(moved);
    moves.set(moved, (moves.get(moved) ?? 0) + 1);
    // at the end of the times there is one fewer
    expect([3, 4]).toContain(options.length);
    expect(new Set(options.map((o) => o.markedFNumber)).size).toBe(1);
    expect(options.map((o) => o.perSecond)).toEqual(
      [...options.map((o) => o.perSecond)].sort((a, b) => b - a)
    );
    for (const o of options)
      expect(Math.abs(T.indexOf(o.perSecond) - T.indexOf(right.perSecond))).toBeLessThan(3);
    // one further off than the right one by so many stops is graded as so many
    for (const [i, o] of options.entries())
      expect(gradeAnswer(questionWith(asks), i).errorStops).toBeCloseTo(evOf(right) - evOf(o), 9);
  }
  expect([...moves.keys()].sort((a, b) => a - b)).toEqual([-2, -1, 1, 2]);
  for (const n of moves.values()) expect(n).toBeGreaterThan(30);
});
function questionWith(asks: Question['asks']): Question {
  return { drill: 'same', group: 'sharp', seed: 1, scene: null, printStops: 0, asks };
}

test('a print is half stops off, to three either way', () => {
  const stops = asked('print').map((q) => q.printStops);
  for (const s of stops) {
    expect(Number.isInteger(2 * s)).toBe(true);
    expect(Math.abs(s)).toBeLessThanOrEqual(3);
  }
  expect(Math.max(...stops)).toBeGreaterThan(2);
  expect(Math.min(...stops)).toBeLessThan(-2);
});

test('a meter that sees a scene in the sun reads nearly what falls on it', () => {
  // common practice, no source: an average scene lit from the front is read right to a stop
  for (const seed of SEEDS) expect(Math.abs(metersTooMuch(sceneOf(seed, 'sun')))).toBeLessThan(1.5);
});

test('under lamps the speed of the film for lamps counts, by day that for daylight; what else is said stays', () => {
  const with_ = { ...situation, circumstances: PLAIN };
  const [stage, sun] = [sceneOf(1, 'stage'), sceneOf(1, 'sun')];
  expect(inScene(with_, stage).circumstances).toEqual({ ...PLAIN, lightKind: 'lamps' });
  expect(inScene(with_, sun).circumstances).toEqual({ ...PLAIN, lightKind: 'daylight' });
  expect(inScene(situation, sun).circumstances).toBeUndefined();
  expect(inScene(situation, sun).light).toEqual({ lv: sun.lv, sdStops: 0.25 });
});
