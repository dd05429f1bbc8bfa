// Darkroom sums against sums by hand.
import { describe, expect, test } from 'vitest';
import { filmWith, INSTANT } from '../../error/pairs.test.fixtures.ts';
import type { DeveloperThing } from '../../kit/thing.ts';
import { momentAt, roundsOf, SCHEMES } from './agitation.ts';
import { developingTable, developingTime, instantWay } from './instant-time.ts';
import { poured, weighed } from './mixing.ts';
import { atTemperature, nextMinutes, pushed } from './time.ts';

const PYRO: DeveloperThing = {
  kind: 'developer',
  dilution: [1, 1, 100],
  stocks: [
    {
      name: 'A',
      parts: [
        { name: 'bisulphite', gramsPerLitre: 10 },
        { name: 'pyro', gramsPerLitre: 100 }
      ]
    },
    { name: 'B', parts: [{ name: 'carbonate', gramsPerLitre: 150 }] }
  ],
  ...{ fromMinutes: 9, toMinutes: 16, atC: 20, lossStops: 1, agitation: 'gentle' }
};

describe('instant film', () => {
  const rows = [
    { temperatureC: 10, seconds: 120 },
    { temperatureC: 20, seconds: 30 }
  ];
  test.each([
    [10, 120, false],
    [20, 30, false],
    // half way between a factor of four is a factor of two
    [15, 60, false],
    [5, 120, true],
    [25, 30, true]
  ])('at %d °C %d s', (celsius, seconds, isBeyond) => {
    const found = developingTime(rows, celsius);
    expect(found.seconds).toBeCloseTo(seconds, 9);
    expect(found.isBeyond).toBe(isBeyond);
  });
  test('a table of one row, and of none', () => {
    expect(developingTime(rows.slice(0, 1), 30)).toEqual({ seconds: 120, isBeyond: true });
    expect(() => developingTime([], 20)).toThrow(RangeError);
  });
  test('peel-apart film is pulled apart, integral film kept covered; a table of its own comes first', () => {
    const pack = { ...INSTANT, formats: ['pack' as const] };
    const square = { ...INSTANT, formats: ['instant-square' as const] };
    expect([instantWay(pack), instantWay(square), instantWay(filmWith())]).toEqual(['peel', 'cover', null]);
    expect(developingTable(filmWith())).toBeNull();
    expect(developingTable({ ...pack, developing: rows })).toBe(rows);
    for (const kind of ['instant-colour', 'instant-bw'] as const)
      for (const film of [pack, square]) {
        const table = developingTable({ ...film, kind, developing: [] }) ?? [];
        // the colder, the longer
        expect(table.map((r) => r.temperatureC)).toEqual(
          table.map((r) => r.temperatureC).sort((a, b) => a - b)
        );
        expect(table.map((r) => r.seconds)).toEqual(table.map((r) => r.seconds).sort((a, b) => b - a));
      }
  });
});

describe('mixing', () => {
  test('1+1+100 for 510 ml: five, five, five hundred', () => {
    expect(poured(PYRO, 510)).toEqual([
      { name: 'A', ml: 5 },
      { name: 'B', ml: 5 },
      { name: '', ml: 500 }
    ]);
  });
  test('a bottle without a recipe, 1+31, and one used as it is', () => {
    const bottle = { ...PYRO, stocks: [], dilution: [1, 31] };
    expect(poured(bottle, 320)).toEqual([
      { name: 'stock', ml: 10 },
      { name: '', ml: 310 }
    ]);
    const [asItIs] = poured({ ...PYRO, stocks: PYRO.stocks.slice(1), dilution: [1] }, 300);
    expect(asItIs).toEqual({ name: 'B', ml: 300 });
  });
  test('weights in the order of mixing', () => {
    expect(weighed(PYRO, 0, 250)).toEqual([
      { name: 'bisulphite', grams: 2.5 },
      { name: 'pyro', grams: 25 }
    ]);
    expect(weighed(PYRO, 7, 250)).toEqual([]);
  });
  test.each([0, -1, NaN, 20_001])('%d ml is no volume', (ml) => {
    expect(() => poured(PYRO, ml)).toThrow('a volume must be 1 to 20000 ml');
    expect(() => weighed(PYRO, 0, ml)).toThrow(RangeError);
  });
});

describe('minutes', () => {
  const range = { from: 9, to: 16 };
  test('the middle at first, halved by what the negatives say, and right is right', () => {
    // √(9·16) = 12; √(12·16) = 13.86; √(9·12) = 10.39
    expect(nextMinutes(range, [])).toBeCloseTo(12, 9);
    expect(nextMinutes(range, [{ minutes: 12, looked: 'flat' }])).toBeCloseTo(13.856, 3);
    expect(nextMinutes(range, [{ minutes: 12, looked: 'hard' }])).toBeCloseTo(10.392, 3);
    const twice = [
      { minutes: 12, looked: 'flat' as const },
      { minutes: 14, looked: 'hard' as const }
    ];
    expect(nextMinutes(range, twice)).toBeCloseTo(Math.sqrt(12 * 14), 9);
    expect(nextMinutes(range, [{ minutes: 13, looked: 'right' }])).toBe(13);
  });
  test('where the range itself is wrong it is left by steps', () => {
    expect(nextMinutes(range, [{ minutes: 16, looked: 'flat' }])).toBeCloseTo(18.4, 9);
    expect(nextMinutes(range, [{ minutes: 9, looked: 'hard' }])).toBeCloseTo(9 / 1.15, 9);
    expect(nextMinutes({ from: 10, to: 10 }, [])).toBeCloseTo(10, 9);
  });
  test('three degrees warmer takes about a fifth off (common practice, no source)', () => {
    expect(atTemperature(10, 20, 20)).toBe(10);
    expect(atTemperature(10, 20, 23)).toBeCloseTo(7.8, 1);
    expect(atTemperature(atTemperature(10, 20, 24), 24, 20)).toBeCloseTo(10, 9);
  });
  test('a stop of push takes 1.4 times as long (common practice, no source)', () => {
    expect([pushed(10, 0), pushed(10, 1)]).toEqual([10, 14]);
    expect(pushed(10, -1)).toBeCloseTo(7.14, 2);
  });
});

describe('the clock of the tank', () => {
  const at = (seconds: number) => momentAt(SCHEMES.gentle, 300, seconds);
  test.each([
    [0, 'first', 60],
    [59, 'first', 1],
    [60, 'turn', 10],
    [69.5, 'turn', 0.5],
    [70, 'rest', 50],
    [120, 'turn', 10],
    [240, 'turn', 10],
    [250, 'rest', 40],
    [290, 'pour-out', 10],
    [300, 'done', 0],
    [400, 'done', 0]
  ])('gently, after %d s: %s for %d s', (seconds, does, left) => {
    expect(at(seconds)).toEqual({ does, leftSeconds: left });
  });
  test('five in five seconds, every thirty', () => {
    expect(momentAt(SCHEMES.ordinary, 300, 30)).toEqual({ does: 'turn', leftSeconds: 5 });
    expect(momentAt(SCHEMES.ordinary, 300, 35)).toEqual({ does: 'rest', leftSeconds: 25 });
  });
  test('rounds: from the first minute to the last before pouring out', () => {
    // at 1, 2, 3 and 4 minutes of five
    expect(roundsOf(SCHEMES.gentle, 300)).toBe(4);
    // at ½, 1, … 4½ minutes
    expect(roundsOf(SCHEMES.ordinary, 300)).toBe(9);
    expect(roundsOf(SCHEMES.gentle, 60)).toBe(0);
  });
  test('a start that runs into the first round leaves it out', () => {
    const scheme = { firstSeconds: 45, turns: 5, inSeconds: 5, everySeconds: 30 };
    expect(momentAt(scheme, 300, 46)).toEqual({ does: 'rest', leftSeconds: 14 });
    expect(momentAt(scheme, 300, 60).does).toBe('turn');
    expect(roundsOf(scheme, 300)).toBe(8);
  });
});
