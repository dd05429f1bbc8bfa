import { describe, expect, test } from 'vitest';
import { readFilterStrength, stopsFromDensity, stopsFromFactor } from './filter-strength.ts';

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

describe('ends of what a filter can be', () => {
  test('nothing is a filter of no stops, thirty stops is the most', () => {
    expect(read('0 stops')).toEqual({ ok: true, value: { stops: 0, givenAs: 'stops' } });
    expect(read('1×')).toEqual({ ok: true, value: { stops: 0, givenAs: 'factor' } });
    expect(read('30 stops').ok).toBe(true);
    expect(read('30.1 stops').ok).toBe(false);
    expect(read('0.9×').ok).toBe(false);
    expect(read('-1', 'stops').ok).toBe(false);
    expect(read('0', 'stops')).toEqual({ ok: true, value: { stops: 0, givenAs: 'stops' } });
    expect(read('second 2', 'stops').ok).toBe(false);
    expect(read('40').ok).toBe(false);
  });
  test('what is no density or factor is refused', () => {
    expect([stopsFromDensity(0), stopsFromFactor(1)]).toEqual([0, 0]);
    for (const wrong of [-0.1, NaN, Infinity]) expect(() => stopsFromDensity(wrong)).toThrow(RangeError);
    for (const wrong of [0.9, NaN, Infinity]) expect(() => stopsFromFactor(wrong)).toThrow(RangeError);
  });
});

describe('filter strengths', () => {
  // Density is log10 of the reduction: D 0.3 is a factor of two (common handbook relation); factor 8 is three stops.
  test.each([
    [stopsFromDensity(0.3), 0.9966],
    [stopsFromDensity(0.9), 2.99],
    [stopsFromFactor(8), 3],
    [stopsFromFactor(1), 0]
  ])('%d is %d', (got, want) => expect(got).toBeCloseTo(want, 3));
  test('a filter of −3 stops or a factor below 1 is refused', () => {
    expect(() => stopsFromDensity(-1)).toThrow('density must be 0 or more, got -1');
    expect(() => stopsFromFactor(0.5)).toThrow('factor must be 1 or more, got 0.5');
  });
});
