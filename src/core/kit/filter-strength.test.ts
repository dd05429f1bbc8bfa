import { describe, expect, test } from 'vitest';
import { readFilterStrength } from './filter-strength.ts';

const read = (text: string, chosen: 'stops' | 'density' | 'factor' | null = null) =>
  readFilterStrength(text, chosen);

describe('how strong a filter is', () => {
  // stops = log2(factor) = density·log2(10). Source: ISO 5-2 (density is the decimal logarithm of opacity)
  test.each([
    ['2 stops', 2, 'stops'],
    ['1⅓ stops', 4 / 3, 'stops'],
    ['ND 0.6', 1.99316, 'density'],
    ['0,9 D', 2.98974, 'density'],
    ['density 3', 9.96578, 'density'],
    ['8×', 3, 'factor'],
    ['x4', 2, 'factor'],
    ['factor 64', 6, 'factor']
  ] as const)('%s is %d stops, as %s', (text, stops, givenAs) => {
    const strength = read(text);
    expect(strength).toMatchObject({ ok: true, value: { givenAs } });
    expect(strength.ok && strength.value.stops).toBeCloseTo(stops, 4);
  });
  // common practice, no source: the same "ND 3" is three stops, a thousand times, or a third of the light
  test('“ND 3” without a unit is asked about: 3 stops, 10 stops or 1⅔', () => {
    const strength = read('ND 3');
    expect(strength.ok).toBe(false);
    if (strength.ok || strength.error.problem !== 'unit-missing') return;
    expect(strength.error.couldBe.map((s) => [s.givenAs, s.stops.toFixed(2)])).toEqual([
      ['stops', '3.00'],
      ['density', '9.97'],
      ['factor', '1.58']
    ]);
    expect(read('ND 3', 'stops')).toEqual({ ok: true, value: { stops: 3, givenAs: 'stops' } });
  });
  // common practice, no source: ND8, ND64, ND1000 are factors
  test.each([
    ['ND8', 3],
    ['nd 16', 4],
    ['ND64', 6],
    ['ND1000', Math.log2(1000)]
  ])('%s is a factor: %d stops', (text, stops) => {
    const strength = read(text);
    expect(strength).toMatchObject({ ok: true, value: { givenAs: 'factor' } });
    expect(strength.ok && strength.value.stops).toBeCloseTo(stops, 6);
    expect(read(text, 'stops').ok).toBe(stops < 5);
  });
  test.each(['−3 stops', '-3', 'dark', '', '0.5×'])('“%s” is refused', (text) =>
    expect(read(text, null)).toMatchObject({ ok: false })
  );
  test('“ND 0.5 as a factor” lightens, so it is refused', () =>
    expect(read('ND 0,5x', 'factor')).toMatchObject({ ok: false }));
});
