// A person's eye out of their guesses: simulated people whose bias and spread are known are found again, as surely as is said.
import { describe, expect, test } from 'vitest';
import { seeded } from '../numeric/seeded.ts';
import { AT_SUBJECT } from '../light/metering.ts';
import { moment } from '../sky/moment.ts';
import { choiceFromScene, choiceFromShadow, type LightChoice } from '../ways/choice.ts';
import { groupOf, groupOfLv, LIGHT_GROUPS, schoolSd, type LightGroup } from '../ways/light-group.ts';
import { knownScene } from '../light/scenes.ts';
import { correctedLight, correctionFor, guessRead, learnEye, uncorrected, type GuessRead } from './eye.ts';

const AT = moment('2026-05-01T10:00:00Z', 'UTC');
const read = (group: LightGroup, errorStops: number, readingSd = 0.25, i = 0): GuessRead => ({
  ...{ id: `g${i}`, at: AT, group, errorStops, readingSd }
});

/** A person who calls kinds of light so much too bright, and scatters so much. */
function guesses(
  seed: number,
  bias: Readonly<Partial<Record<LightGroup, number>>>,
  spread: number,
  each: number
): readonly GuessRead[] {
  const random = seeded(seed);
  return Object.entries(bias).flatMap(([group, by]) =>
    Array.from({ length: each }, (_, i) =>
      read(group as LightGroup, by + spread * random.normal() + 0.25 * random.normal(), 0.25, i)
    )
  );
}

describe('a simulated person', () => {
  test('bias by kind and spread are found again within two sds, in 95 of 100', () => {
    let [within, spreads, all] = [0, 0, 0];
    for (let seed = 0; seed < 100; seed++) {
      const random = seeded(seed + 5000);
      // people and kinds as they are believed to differ
      const person = 0.5 * random.normal();
      const bias = Object.fromEntries(
        (['sharp', 'none', 'leaf', 'indoors'] as const).map((g) => [g, person + 0.4 * random.normal()])
      );
      const spread = random.between(0.3, 0.8);
      const eye = learnEye(guesses(seed, bias, spread, 25));
      for (const { group, biasStops, biasSd, spreadStops } of eye.groups) {
        all += 1;
        if (Math.abs(biasStops - (bias[group] ?? 0)) <= 2 * biasSd) within += 1;
        // an sd out of n values is known to 1/√(2n): that of 25 to a seventh
        if (Math.abs(spreadStops / spread - 1) < 0.5) spreads += 1;
      }
    }
    expect(all).toBe(400);
    expect(within).toBeGreaterThanOrEqual(0.95 * all - 8);
    expect(spreads).toBeGreaterThanOrEqual(0.95 * all);
  });

  test('one wild guess moves little; more guesses are believed more', () => {
    const one = learnEye([read('leaf', 2)]).groups[0];
    const many = learnEye(Array.from({ length: 20 }, (_, i) => read('leaf', 2, 0.25, i))).groups[0];
    expect(one?.biasStops).toBeLessThan(0.8);
    expect(one?.biasStops).toBeGreaterThan(0);
    expect(many?.biasStops).toBeGreaterThan(1.6);
    expect(many?.biasSd).toBeLessThan(one?.biasSd ?? 0);
  });

  test('a kind that was never guessed leans on the others, and is less sure', () => {
    const eye = learnEye(guesses(1, { sharp: 0.7, soft: 0.7, barely: 0.7, none: 0.7 }, 0.3, 20));
    const [known, unknown] = [correctionFor(eye, 'sharp'), correctionFor(eye, 'night')];
    expect(known?.biasStops).toBeCloseTo(0.7, 0);
    expect(unknown?.biasStops).toBeGreaterThan(0.35);
    expect(unknown?.sdStops).toBeGreaterThan(known?.sdStops ?? 9);
    expect(correctionFor(learnEye([]), 'sharp')).toBeNull();
  });

  test('the spread starts at the school’s and comes to be one’s own', () => {
    expect(learnEye([read('leaf', 0.1)]).groups[0]?.spreadStops).toBeCloseTo(schoolSd('leaf'), 1);
    const steady = learnEye(guesses(3, { leaf: 0.5 }, 0.2, 60)).groups[0];
    expect(steady?.spreadStops).toBeLessThan(0.4);
  });
});

describe('a guess and what was read', () => {
  const reading: LightChoice = {
    ...{ lv: 10, sdStops: 0.25, contrast: 'flat' },
    way: { kind: 'reading', text: '10', ...AT_SUBJECT }
  };
  const guess = choiceFromShadow('leaf');

  test('count where both are there and a meter read it; nothing else does', () => {
    expect(guessRead({ id: 'f', at: AT }, guess, reading)).toEqual({
      ...{ id: 'f', at: AT, group: 'leaf', readingSd: 0.25 },
      errorStops: guess.lv - 10
    });
    expect(guessRead({ id: 'f', at: AT }, null, reading)).toBeNull();
    expect(guessRead({ id: 'f', at: AT }, guess, null)).toBeNull();
    expect(guessRead({ id: 'f', at: AT }, guess, choiceFromShadow('deep'))).toBeNull();
    const picture = { kind: 'picture', surface: null, ev100: 10, phone: '' } as const;
    expect(
      guessRead({ id: 'f', at: AT }, guess, { ...reading, way: { ...picture, bound: 'exact' } })
    ).not.toBeNull();
    expect(
      guessRead({ id: 'f', at: AT }, guess, { ...reading, way: { ...picture, bound: 'at-least' } })
    ).toBeNull();
  });

  test('a guess that was corrected counts as it was guessed', () => {
    const eye = learnEye([...guesses(2, { leaf: 0.8 }, 0.3, 30)]);
    const corrected = correctedLight(guess, eye);
    expect(corrected.lv).toBeLessThan(guess.lv - 0.5);
    expect(corrected.sdStops).toBeLessThan(guess.sdStops);
    expect(guessRead({ id: 'f', at: AT }, corrected, reading)?.errorStops).toBeCloseTo(guess.lv - 10, 9);
    // corrected twice is corrected once, and back is back
    expect(correctedLight(corrected, eye)).toEqual(corrected);
    expect(correctedLight(corrected, null)).toEqual(guess);
    expect(uncorrected(corrected)).toBeCloseTo(guess.lv, 9);
  });

  test('what was not guessed by eye is left alone', () => {
    const eye = learnEye(guesses(2, { leaf: 0.8 }, 0.3, 30));
    expect(correctedLight(reading, eye)).toBe(reading);
    const hand: LightChoice = { ...guess, way: { kind: 'hand' } };
    expect(correctedLight(hand, eye)).toBe(hand);
    expect(correctedLight(guess, learnEye([]))).toBe(guess);
  });
});

test('kinds of light are told apart by what they were called, else by how much they are', () => {
  expect(groupOf(choiceFromShadow('barely', { backlit: true }))).toBe('barely');
  expect(
    groupOf({
      lv: 14,
      way: { kind: 'sky', clue: 'overcast', bright: false, backlit: false, shaded: false, lowSun: 'no' }
    })
  ).toBe('none');
  expect(groupOf(choiceFromScene(knownScene('candles')))).toBe('indoors');
  expect(groupOf(choiceFromScene(knownScene('blue-hour')))).toBe('dusk');
  expect(groupOf({ lv: 10.2, way: { kind: 'scene', scene: 'gone' } })).toBe('leaf');
  const byLv = [17, 14.2, 14.1, 13.2, 12.2, 11.2, 10.2, 9.2, 9.1, 3.5, 3.4];
  expect(byLv.map(groupOfLv)).toEqual([
    'sharp',
    'sharp',
    'soft',
    'soft',
    'barely',
    'none',
    'leaf',
    'deep',
    'indoors',
    'indoors',
    'night'
  ]);
  expect(LIGHT_GROUPS).toHaveLength(9);
});
