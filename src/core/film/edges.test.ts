import { describe, expect, test } from 'vitest';
import { filmWith } from '../error/pairs.test.fixtures.ts';
import { filmFaults } from './faults.ts';
import { FILM_KINDS, isColour, isInstant, isNegative } from './film.ts';
import {
  equivalentSeconds,
  firstBadRow,
  neededSeconds,
  reciprocityStops,
  type Reciprocity
} from './reciprocity.ts';
import { printTone } from './print.ts';
import { toneCurve } from './tone-curve.ts';
import { agedStops, lightKindStops, temperatureStops } from './traits.ts';

describe('what a film may be', () => {
  const faults = (more: Parameters<typeof filmWith>[0]) => filmFaults(filmWith(more)).map((f) => f.fault);
  test.each([
    [{}, []],
    [{ iso: 0.1 }, []],
    [{ iso: 102_400 }, []],
    [{ iso: 0.09 }, ['bad-speed']],
    [{ iso: 200_000 }, ['bad-speed']],
    [{ aboveStops: 0 }, ['no-range']],
    [{ belowStops: -1 }, ['no-range']],
    [{ aboveStops: Infinity }, ['no-range']],
    [{ ageStops: 10, sdStops: 4, frames: 1 }, []],
    [{ sdStops: 0 }, []],
    [{ ageStops: -0.1 }, ['bad-number']],
    [{ ageStops: 10.1 }, ['bad-number']],
    [{ sdStops: -0.1 }, ['bad-number']],
    [{ sdStops: 4.1 }, ['bad-number']],
    [{ frames: 0 }, ['bad-number']],
    [{ frames: 2.5 }, ['bad-number']],
    [{ developmentStops: -6, belowStops: 20, aboveStops: 20 }, ['bad-number']],
    [{ developmentStops: -5, belowStops: 20, aboveStops: 20 }, []]
  ] as const)('%j: %j', (more, want) => expect(faults(more)).toEqual(want));
  test.each([
    [{ kind: 'exponent', p: 1, startSeconds: 1 }, []],
    [{ kind: 'exponent', p: 3, startSeconds: 1 }, []],
    [{ kind: 'exponent', p: 3.01, startSeconds: 1 }, ['bad-reciprocity']],
    [{ kind: 'exponent', p: 0.99, startSeconds: 1 }, ['bad-reciprocity']],
    [{ kind: 'exponent', p: 1.3, startSeconds: 0 }, ['bad-reciprocity']],
    [{ kind: 'exponent', p: 1.3, startSeconds: -1 }, ['bad-reciprocity']]
  ] as const)('reciprocity %j: %j', (reciprocity, want) => expect(faults({ reciprocity })).toEqual(want));
  test('kinds of film: looked at through a print, out of the camera, in colour', () => {
    expect(FILM_KINDS.filter(isNegative)).toEqual(['negative-colour', 'negative-bw']);
    expect(FILM_KINDS.filter(isInstant)).toEqual(['instant-colour', 'instant-bw']);
    expect(FILM_KINDS.filter(isColour).sort()).toEqual(['instant-colour', 'negative-colour', 'reversal']);
  });
});

describe('long exposures', () => {
  const law: Reciprocity = { kind: 'exponent', p: 1.34, startSeconds: 2 };
  // t_needed = t0·(t/t0)^p, as makers' sheets state it with t0 = 1 s; from memory
  test('the law counts from its start, and back again', () => {
    expect(neededSeconds(law, 2)).toBe(2);
    expect(neededSeconds(law, 8)).toBeCloseTo(2 * 4 ** 1.34, 12);
    expect(equivalentSeconds(law, 2)).toBe(2);
    expect(equivalentSeconds(law, 2 * 4 ** 1.34)).toBeCloseTo(8, 12);
  });
  const table: Reciprocity = {
    kind: 'table',
    rows: [
      { meteredSeconds: 2, neededSeconds: 3 },
      { meteredSeconds: 10, neededSeconds: 40 }
    ]
  };
  test('a table answers its own rows, before the first by its shift, beyond the last by its slope', () => {
    expect(neededSeconds(table, 2)).toBeCloseTo(3, 12);
    expect(neededSeconds(table, 10)).toBeCloseTo(40, 12);
    expect(neededSeconds(table, 1)).toBeCloseTo(1.5, 12);
    const slope = Math.log(40 / 3) / Math.log(5);
    expect(neededSeconds(table, 50)).toBeCloseTo(40 * 5 ** slope, 9);
    expect(equivalentSeconds(table, 40)).toBeCloseTo(10, 12);
    const one: Reciprocity = { kind: 'table', rows: [{ meteredSeconds: 2, neededSeconds: 3 }] };
    expect(neededSeconds(one, 4)).toBeCloseTo(6, 12);
    expect(neededSeconds(one, 1)).toBeCloseTo(1.5, 12);
    expect(reciprocityStops({ kind: 'table', rows: [{ meteredSeconds: 3, neededSeconds: 3 }] }, 7)).toBe(0);
  });
  test.each([0, -1, NaN, Infinity])('%d seconds are refused by name', (seconds) => {
    expect(() => neededSeconds(law, seconds)).toThrow(/meteredSeconds must be a finite number above 0/);
    expect(() => equivalentSeconds(law, seconds)).toThrow(/heldSeconds/);
  });
  test('rows must rise in both columns', () => {
    const rows = (...list: readonly (readonly [number, number])[]) =>
      firstBadRow(list.map(([meteredSeconds, neededSeconds]) => ({ meteredSeconds, neededSeconds })));
    expect(rows([1, 1], [10, 30])).toBeNull();
    expect(rows([0, 1])).toBe(0);
    expect(rows([2, 1])).toBe(0);
    expect(rows([1, 2], [1, 3])).toBe(1);
    expect(rows([1, 2], [0.5, 3])).toBe(1);
    expect(rows([1, 5], [2, 5])).toBe(1);
  });
});

describe('speed under lamps, in the cold, and with age', () => {
  const film = filmWith({
    tungstenIso: 50,
    iso: 100,
    temperature: { fromC: 10, toC: 30, stopsPerTenC: 0.5 }
  });
  test('lamps change the speed of a film that says so', () => {
    expect(lightKindStops(100, film, 'lamps')).toBe(-1);
    expect(lightKindStops(100, film, 'daylight')).toBe(0);
  });
  test.each([
    [10, 0],
    [30, 0],
    [20, 0],
    [0, -0.5],
    [40, 0.5],
    [-10, -1]
  ])('%d °C: %d stops', (celsius, stops) => expect(temperatureStops(film, celsius)).toBeCloseTo(stops, 12));
  // common practice, no source: a stop a decade
  test('a decade past its date is a stop, a month a hundred-and-twentieth', () => {
    expect(agedStops('2016-03', '2026-03')).toBeCloseTo(1, 12);
    expect(agedStops('2026-01', '2026-07')).toBeCloseTo(0.05, 12);
    expect(agedStops('2027-01', '2026-07')).toBe(0);
    expect(agedStops(null, '2026-07')).toBe(0);
  });
});

describe('prints', () => {
  test('slides show their own error, negatives are printed so that mid grey stays', () => {
    const window = { lo: -2, hi: 3 };
    const slide = printTone(filmWith({ kind: 'reversal', belowStops: 3, aboveStops: 2.5 }), window);
    const negative = printTone(filmWith({}), window);
    expect(slide(0, 1)).toBeGreaterThan(slide(0, 0) + 0.05);
    expect(negative(0, 1)).toBeCloseTo(negative(0, 0), 2);
    expect(negative(0, 6)).toBeGreaterThan(negative(0, 0) + 0.02);
    // over its whole range the negative tells tones apart
    expect(negative(1, 0)).toBeGreaterThan(negative(0, 0) + 0.05);
    expect(negative(-1, 0)).toBeLessThan(negative(0, 0) - 0.05);
  });
  test('the tone curve runs from 0 to 1, and beyond its table stays there', () => {
    const curve = toneCurve(3, 3);
    expect(curve(-20)).toBeCloseTo(0, 6);
    expect(curve(20)).toBeCloseTo(1, 6);
    expect(curve(0)).toBeCloseTo(0.5, 3);
  });
});
