// A person's eye out of their guesses: simulated people whose bias and spread are known are found again, as surely as is said.
import { describe, expect, test } from 'vitest';
import { seeded } from '../numeric/seeded.ts';
import { AT_SUBJECT } from '../light/metering.ts';
import { moment } from '../sky/moment.ts';
import { choiceFromShadow, type LightChoice } from '../ways/choice.ts';
import { schoolSd, type LightGroup } from '../ways/light-group.ts';
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

// Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, ch. 5 (from memory): kinds scatter about a person's tendency, guesses about
// their kind. People 0.5 stop, kinds 0.4, and the school's spread counts as four guesses.
describe('by hand', () => {
  const school = schoolSd('leaf');

  test('the mean: a guess that was read well counts more', () => {
    const [sure, unsure] = [1 / (school ** 2 + 0.2 ** 2), 1 / (school ** 2 + 1)];
    const mean = sure / (sure + unsure);
    const scatter = (1 - mean) ** 2 + mean ** 2 - 0.2 ** 2 - 1;
    const spread = Math.sqrt(Math.max(0.15 ** 2, (4 * school ** 2 + scatter) / 5));
    const variance = 1 / (1 / (spread ** 2 + 0.2 ** 2) + 1 / (spread ** 2 + 1));
    const [kind] = learnEye([read('leaf', 1, 0.2), read('leaf', 0, 1)]).groups;
    expect(kind?.spreadStops).toBeCloseTo(spread, 9);
    // one kind alone: person and kind together are believed to lie within √(0.5² + 0.4²)
    const prior = 0.5 ** 2 + 0.4 ** 2;
    expect(kind?.biasStops).toBeCloseTo((mean * prior) / (prior + variance), 9);
    expect(kind?.biasSd).toBeCloseTo(Math.sqrt((prior * variance) / (prior + variance)), 9);
  });

  test('the spread: guesses that lie wide apart widen it, and it never falls under 0.15', () => {
    const errors = [-1.5, 1.5, -1, 1];
    const scatter = errors.reduce((sum, e) => sum + e ** 2, 0) - 4 * 0.25 ** 2;
    const [wide] = learnEye(errors.map((e, i) => read('leaf', e, 0.25, i))).groups;
    expect(wide?.spreadStops).toBeCloseTo(Math.sqrt((4 * school ** 2 + scatter) / 7), 9);
    const [least] = learnEye(Array.from({ length: 40 }, (_, i) => read('leaf', 0.5, 0.8, i))).groups;
    expect(least?.spreadStops).toBe(0.15);
  });

  test('two kinds, against the two of them at once', () => {
    const eye = learnEye([
      ...[0.9, 0.5, 0.7].map((e, i) => read('leaf', e, 0, i)),
      ...[-0.4, 0].map((e, i) => read('sharp', e, 0, i))
    ]);
    const given = (group: LightGroup, errors: readonly number[]) => {
      const mean = errors.reduce((a, b) => a + b) / errors.length;
      const scatter = errors.reduce((sum, e) => sum + (e - mean) ** 2, 0);
      const variance = (4 * schoolSd(group) ** 2 + scatter) / (3 + errors.length) / errors.length;
      return { group, mean, variance };
    };
    const [leaf, sharp] = [given('leaf', [0.9, 0.5, 0.7]), given('sharp', [-0.4, 0])];
    // covariance of the two means: the person's part is shared, the kind's is not
    const [a, b] = [0.25 + 0.16 + leaf.variance, 0.25 + 0.16 + sharp.variance];
    const det = a * b - 0.25 ** 2;
    const weigh = (toLeaf: number, toSharp: number): number =>
      ((b * toLeaf - 0.25 * toSharp) * leaf.mean + (a * toSharp - 0.25 * toLeaf) * sharp.mean) / det;
    const left = (prior: number, toLeaf: number, toSharp: number): number =>
      Math.sqrt(prior - (b * toLeaf ** 2 - 0.5 * toLeaf * toSharp + a * toSharp ** 2) / det);
    expect(eye.biasStops).toBeCloseTo(weigh(0.25, 0.25), 9);
    expect(eye.biasSd).toBeCloseTo(left(0.25, 0.25, 0.25), 9);
    const of = (group: LightGroup) => eye.groups.find((g) => g.group === group);
    expect(of('leaf')?.guesses).toBe(3);
    expect(of('leaf')?.biasStops).toBeCloseTo(weigh(0.41, 0.25), 9);
    expect(of('leaf')?.biasSd).toBeCloseTo(left(0.41, 0.41, 0.25), 9);
    expect(of('sharp')?.biasStops).toBeCloseTo(weigh(0.25, 0.41), 9);
    expect(of('sharp')?.biasSd).toBeCloseTo(left(0.41, 0.25, 0.41), 9);
    // what a guess is corrected by: the kind's own, or the person's where that kind was never guessed
    const { biasSd = 0, spreadStops = 0, biasStops = 0 } = of('leaf') ?? {};
    expect(correctionFor(eye, 'leaf')).toEqual({ biasStops, sdStops: Math.hypot(spreadStops, biasSd) });
    expect(correctionFor(eye, 'night')).toEqual({
      biasStops: eye.biasStops,
      sdStops: Math.hypot(schoolSd('night'), 0.4, eye.biasSd)
    });
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
