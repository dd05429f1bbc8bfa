import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { formatFNumber, parseFNumber } from './aperture.ts';
import {
  degreesFromSpeed,
  formatFilmSpeed,
  MARKED_SPEEDS,
  nearestMarkedSpeed,
  parseFilmSpeed
} from './film-speed.ts';
import {
  exactFNumber,
  exactSeconds,
  fNumberMarks,
  markOfFNumber,
  markOfSeconds,
  nearestFNumberMark,
  nearestTimeMark,
  timeMarks,
  type StepSeries
} from './series.ts';
import { formatShutter, parseShutter } from './shutter.ts';
import { formatLv, formatSignedThirds, formatStops, parseStops } from './stops.ts';

const SERIES: readonly StepSeries[] = ['full', 'half', 'third'];

describe('the standard series', () => {
  // Exif 2.32 (CIPA DC-008-2019) Annex C, table of APEX values: Av 0…10 ↔ F number, Tv −5…11 ↔ exposure time.
  test.each([
    [0, 1],
    [1, 1.4],
    [2, 2],
    [3, 2.8],
    [4, 4],
    [5, 5.6],
    [6, 8],
    [7, 11],
    [8, 16],
    [9, 22],
    [10, 32]
  ])('Av %d is f/%d', (av, mark) => {
    expect(2 * Math.log2(exactFNumber(mark, 'full'))).toBeCloseTo(av, 12);
    expect(nearestFNumberMark(2 ** (av / 2), 'full')).toBe(mark);
  });
  test.each([
    [-5, 30],
    [-4, 15],
    [-3, 8],
    [-2, 4],
    [-1, 2],
    [0, 1],
    [1, 1 / 2],
    [2, 1 / 4],
    [3, 1 / 8],
    [4, 1 / 15],
    [5, 1 / 30],
    [6, 1 / 60],
    [7, 1 / 125],
    [8, 1 / 250],
    [9, 1 / 500],
    [10, 1 / 1000],
    [11, 1 / 2000]
  ])('Tv %d is %d s', (tv, mark) => {
    expect(-Math.log2(exactSeconds(mark, 'full'))).toBeCloseTo(tv, 12);
    expect(nearestTimeMark(2 ** -tv, 'full')).toBe(mark);
  });
  // ISO 516:2019: marked times halve from one to the next; rounding of the mark stays within a tenth of a stop.
  test.each(SERIES)('no %s-stop mark strays more than 0.2 stop from its exact value', (series) => {
    for (const m of fNumberMarks(series))
      expect(Math.abs(2 * Math.log2(exactFNumber(m, series) / m))).toBeLessThan(0.2);
    for (const m of timeMarks(series))
      expect(Math.abs(Math.log2(exactSeconds(m, series) / m))).toBeLessThan(0.2);
  });
  test.each(SERIES)('%s-stop marks rise by equal exact steps', (series) => {
    const steps = { full: 1, half: 1 / 2, third: 1 / 3, literal: 0 }[series];
    const apertures = fNumberMarks(series).map((m) => 2 * Math.log2(exactFNumber(m, series)));
    const times = timeMarks(series).map((m) => Math.log2(exactSeconds(m, series)));
    for (const list of [apertures, times]) {
      list.slice(1).forEach((v, i) => expect(v - (list[i] ?? NaN)).toBeCloseTo(steps, 12));
    }
  });
  test.each([
    ['f/8.8 on a full-stop lens', exactFNumber(8.8, 'full'), 8.8],
    ['f/1.9', exactFNumber(1.9, 'third'), 1.9],
    ['1/25 of the old series', exactSeconds(1 / 25, 'full'), 1 / 25],
    ['1/100 measured', exactSeconds(1 / 100, 'literal'), 1 / 100]
  ])('%s is taken at its word', (_what, got, want) => expect(got).toBe(want));
  test('an exact value is named by its mark, any other by itself', () => {
    expect([markOfFNumber(2 ** 2.5), markOfFNumber(8), markOfFNumber(12.3)]).toEqual([5.6, 8, 12.3]);
    expect([markOfSeconds(2 ** -6), markOfSeconds(1 / 85), markOfSeconds(2)]).toEqual([1 / 60, 1 / 85, 2]);
  });
  test('zero and below are a caller’s mistake', () => {
    expect(() => exactFNumber(0, 'full')).toThrow('mark must be a finite number above 0, got 0');
    expect(() => exactSeconds(-1, 'full')).toThrow(RangeError);
  });
});

describe('reading and writing', () => {
  test.each(SERIES)('parse ∘ format gives back every %s-stop mark', (series) => {
    for (const m of fNumberMarks(series))
      expect(parseFNumber(formatFNumber(m))).toEqual({ ok: true, value: m });
    for (const m of timeMarks(series)) {
      const read = parseShutter(formatShutter(m));
      expect(read.ok && Math.abs(read.value.seconds / m - 1) < 1e-9, formatShutter(m)).toBe(true);
    }
  });
  test('parse ∘ format gives back every marked film speed, with and without degrees', () => {
    for (const s of MARKED_SPEEDS) {
      expect(parseFilmSpeed(formatFilmSpeed(s))).toEqual({ ok: true, value: s });
      expect(parseFilmSpeed(`${degreesFromSpeed(s)}°`)).toEqual({ ok: true, value: s });
    }
  });
  test('parse ∘ format gives back stops in thirds', () =>
    fc.assert(
      fc.property(fc.integer({ min: -60, max: 60 }), (n) => {
        expect(parseStops(formatSignedThirds(n / 3))).toBeCloseTo(n / 3, 12);
      }),
      { seed: 20261124 }
    ));

  test.each([
    [formatFNumber(5.6), 'f/5.6'],
    [formatShutter(1 / 125), '1/125'],
    [formatShutter(1 / 2), '½ s'],
    [formatShutter(90), '1 min 30 s'],
    [formatStops(4 / 3), '1⅓ stops'],
    [formatStops(-2 / 3), '⅔ stop'],
    [formatStops(1), '1 stop'],
    [formatStops(0.1), '0 stops'],
    [formatSignedThirds(-0.01), '0'],
    [formatLv(13.64), '13⅔'],
    [formatLv(-2.4), '−2⅓'],
    [formatFilmSpeed(400), 'ISO 400/27°']
  ])('%s', (got, want) => expect(got).toBe(want));

  test.each([
    ['f/5,6', 5.6],
    ['ƒ8', 8],
    ['F 11', 11],
    ['16', 16],
    ['f/6.3', 6.3]
  ])('the aperture %s is understood', (text, want) =>
    expect(parseFNumber(text)).toEqual({ ok: true, value: want })
  );
  test.each([
    ['f/0', 'not-positive'],
    ['', 'empty'],
    ['f/', 'unreadable'],
    ['f/-4', 'not-positive'],
    ['f/1000', 'out-of-range'],
    ['wide', 'unreadable'],
    ['1/60', 'unreadable']
  ])('the aperture “%s” is refused: %s', (text, problem) =>
    expect(parseFNumber(text)).toEqual({ ok: false, error: { quantity: 'aperture', problem, text } })
  );

  test.each([
    ['1/60', 1 / 60],
    ['2s', 2],
    ['2"', 2],
    ['2″', 2],
    ['½ s', 0.5],
    ['½', 0.5],
    ['0.5', 0.5],
    ['0,5', 0.5],
    ['1½ s', 1.5],
    ['1', 1],
    ['2 min', 120],
    ['1 min 30 s', 90],
    ['¹⁄₁₂₅', 1 / 125],
    ['1/60 s', 1 / 60],
    ['2.0', 2]
  ])('the time %s is understood', (text, want) => {
    const read = parseShutter(text);
    expect(read.ok && read.value.seconds).toBeCloseTo(want, 12);
    expect(read.ok && read.value.otherSeconds).toBeNull();
  });
  test('a bare whole number is a fraction, and could be seconds', () =>
    expect(parseShutter('60')).toEqual({ ok: true, value: { seconds: 1 / 60, otherSeconds: 60 } }));
  test.each([
    ['1/0', 'divided-by-zero'],
    ['0', 'not-positive'],
    ['-1', 'not-positive'],
    ['', 'empty'],
    ['soon', 'unreadable'],
    ['1//60', 'unreadable'],
    ['999999 s', 'out-of-range'],
    ['1/999999', 'out-of-range']
  ])('the time “%s” is refused: %s', (text, problem) =>
    expect(parseShutter(text)).toEqual({ ok: false, error: { quantity: 'time', problem, text } })
  );
});

describe('film speed', () => {
  // ISO 6:1993 table 2, ISO 2240:2003 and ISO 5800:1987: S and S° of the same row (from memory).
  test.each([
    [25, 15],
    [32, 16],
    [50, 18],
    [64, 19],
    [100, 21],
    [125, 22],
    [160, 23],
    [200, 24],
    [400, 27],
    [800, 30],
    [1600, 33],
    [3200, 36]
  ])('ISO %d is %d°', (iso, degrees) => {
    expect(degreesFromSpeed(iso)).toBe(degrees);
    expect(parseFilmSpeed(`${degrees}°`)).toEqual({ ok: true, value: iso });
  });
  test('every row of the table keeps S° = 1 + 10·log10 S to the degree', () =>
    MARKED_SPEEDS.forEach((s, degrees) => expect(degreesFromSpeed(s)).toBe(degrees)));
  test('with both, the arithmetic number wins and is not snapped', () =>
    expect(parseFilmSpeed('ISO 390/27°')).toEqual({ ok: true, value: 390 }));
  test('the nearest marked speed', () => expect(nearestMarkedSpeed(28)).toBe(25));
  test.each([
    ['0', 'not-positive'],
    ['ISO', 'empty'],
    ['-100', 'not-positive'],
    ['99°', 'out-of-range'],
    ['fast', 'unreadable']
  ])('the speed “%s” is refused: %s', (text, problem) =>
    expect(parseFilmSpeed(text)).toEqual({ ok: false, error: { quantity: 'film-speed', problem, text } })
  );
});
