// A simulated judge with a known mean and spread is found again within what is owned to; few prints say little.
import { describe, expect, test } from 'vitest';
import { filmWith } from '../error/pairs.test.fixtures.ts';
import { filmWindow } from '../film/window.ts';
import { seeded } from '../numeric/seeded.ts';
import { seenOf } from './judgement.ts';
import { learnPrintEye } from './print-eye.ts';

describe('an eye for prints', () => {
  test('is found within two sds of its mean for 95 of 100 judges', () => {
    const truths = { biasStops: 0.6, sdStops: 0.5 };
    const found = Array.from({ length: 100 }, (_, seed) => {
      const random = seeded(seed + 1);
      const errors = Array.from({ length: 40 }, () => truths.biasStops + truths.sdStops * random.normal());
      return learnPrintEye(errors);
    });
    const near = found.filter(
      (eye) => eye && Math.abs(eye.biasStops - 0.6) <= 2 * (0.5 / Math.sqrt(40)) + 1 / 12
    );
    expect(near.length).toBeGreaterThanOrEqual(95);
    const spreads = found.map((eye) => eye?.sdStops ?? NaN);
    expect(Math.min(...spreads)).toBeGreaterThanOrEqual(0.4);
    expect(Math.max(...spreads)).toBeLessThanOrEqual(0.7);
  });
  test('says nothing of four prints, and leans on the usual for five', () => {
    expect(learnPrintEye([1, 1, 1, 1])).toBeNull();
    const five = learnPrintEye([1, 1, 1, 1, 1]);
    expect(five?.biasStops).toBeCloseTo(5 / 6, 9);
    expect(five?.sdStops).toBe(0.4);
  });
  test('of fewer prints less of the mean is believed', () => {
    const bias = (n: number): number =>
      learnPrintEye(Array.from({ length: n }, (_, i) => (i % 2 ? 2 : 0)))?.biasStops ?? 0;
    expect(bias(6)).toBeLessThan(bias(60));
    expect(bias(60)).toBeGreaterThanOrEqual(5 / 6);
    expect(bias(60)).toBeLessThanOrEqual(1);
  });
});

describe('what a judged print says with it', () => {
  const film = filmWith({ kind: 'reversal', belowStops: 3, aboveStops: 2.5 });
  const window = filmWindow(film, 'normal');
  const eye = { biasStops: 0.5, sdStops: 0.7 };
  test('a tone is read as much darker as the person calls prints too light, and as surely as they judge', () => {
    const plain = seenOf({ kind: 'tone', stops: 1 }, film, window);
    const corrected = seenOf({ kind: 'tone', stops: 1 }, film, window, eye);
    expect(plain).toEqual({ kind: 'near', stops: 1, sd: 0.4 });
    expect(corrected).toEqual({ kind: 'near', stops: 0.5, sd: 0.7 });
  });
  test('where tones look alike the whole stretch moves; a word says what it says', () => {
    const plain = seenOf({ kind: 'tone', stops: -3 }, film, window);
    const corrected = seenOf({ kind: 'tone', stops: -3 }, film, window, eye);
    if (plain.kind === 'between' && corrected.kind === 'between') {
      expect(corrected.hi).toBeCloseTo(plain.hi - 0.5, 9);
      expect(corrected.edgeSd).toBe(0.7);
    } else expect([plain.kind, corrected.kind]).toEqual(['near', 'near']);
    const word = { kind: 'word', word: 'too-light' } as const;
    expect(seenOf(word, film, window, eye)).toEqual(seenOf(word, film, window));
  });
});
