// Ends of ranges, rounding and spellings of quantities. Marks and words: common practice, no source.
import { describe, expect, it } from 'vitest';
import { formatFNumberDigits, parseFNumber } from './aperture.ts';
import { formatDecimal, parseDecimal, plainDigits } from './decimal.ts';
import { nearestMarkedSpeed, parseFilmSpeed, speedFromDegrees, speedStops } from './film-speed.ts';
import { exactSeconds } from './series.ts';
import { formatShutter, parseShutter } from './shutter.ts';
import {
  formatHalves,
  formatLv,
  formatSignedThirds,
  formatStops,
  formatThirds,
  parseStops,
  roundToThird
} from './stops.ts';

const read = <T>(result: { ok: true; value: T } | { ok: false; error: { problem: string } }): T | string =>
  result.ok ? result.value : result.error.problem;
const seconds = (text: string): number | string => {
  const r = parseShutter(text);
  return r.ok ? r.value.seconds : r.error.problem;
};

describe('stops', () => {
  it('are rounded to thirds, and zero has no sign', () => {
    expect([roundToThird(1.3), roundToThird(-0.7), roundToThird(10)]).toEqual([4 / 3, -2 / 3, 10]);
    expect(Object.is(roundToThird(-0.1), 0)).toBe(true);
  });

  it.each([
    [0, '0', '0', '0 stops', '0'],
    [0.1, '0', '0', '0 stops', '0'],
    [1 / 3, '⅓', '+⅓', '⅓ stop', '⅓'],
    [-2 / 3, '⅔', '−⅔', '⅔ stop', '−⅔'],
    [1, '1', '+1', '1 stop', '1'],
    [-1.34, '1⅓', '−1⅓', '1⅓ stops', '−1⅓'],
    [12.66, '12⅔', '+12⅔', '12⅔ stops', '12⅔'],
    [-0.1, '0', '0', '0 stops', '0']
  ])('%d is %s, %s, %s, LV %s', (stops, bare, signed, words, lv) => {
    expect([formatThirds(stops), formatSignedThirds(stops), formatStops(stops), formatLv(stops)]).toEqual([
      bare,
      signed,
      words,
      lv
    ]);
  });

  it.each([
    [10.4, '10½'],
    [10.2, '10'],
    [0.5, '½'],
    [-0.5, '−½'],
    [0, '0'],
    [-3, '−3'],
    [-3.5, '−3½'],
    [1, '1']
  ])('%d to a half is %s', (value, words) => expect(formatHalves(value)).toBe(words));

  it('are read in every spelling, with their sign', () => {
    for (const text of ['1⅓', '1 ⅓', '+1⅓', '1 1/3', '1⅓ stops', ' +1 1/3 stop ', '1⅓stops'])
      expect(parseStops(text), text).toBeCloseTo(4 / 3, 9);
    for (const text of ['-2/3', '−2/3', '–2/3', '- ⅔', '-⅔ stop', '−0.6667'])
      expect(parseStops(text), text).toBeCloseTo(-2 / 3, 3);
    expect(Object.is(parseStops('-0'), 0)).toBe(true);
    expect(parseStops('12⅓')).toBeCloseTo(37 / 3, 9);
    for (const text of ['', 'stops', '--1', '+-1', '1/0', 'x 1', '1⅓ of it', 'a1⅓', '1-'])
      expect(parseStops(text), text).toBeNull();
  });
});

describe('numbers', () => {
  it('are plain whatever signs they are typed with', () => {
    expect(plainDigits(' ¹⁄₁₂₅ ')).toBe('1/125');
    expect(plainDigits('25\u00a0\u202f  000')).toBe('25 000');
    expect(plainDigits('−3–4∕5')).toBe('-3-4/5');
  });

  it('are read with comma or point, as fractions, and from end to end', () => {
    expect(['5,6', '5.6', '.5', ',25', '-.75', '5.', '-12,5'].map(parseDecimal)).toEqual([
      5.6, 5.6, 0.5, 0.25, -0.75, 5, -12.5
    ]);
    expect(
      ['½', '1½', '12 ¼', '1 1/2', '12 1/2', '1/60', '1 / 60', '2.5/10', '12,5 / 2,5', '10/12.25'].map(
        parseDecimal
      )
    ).toEqual([...[0.5, 1.5, 12.25, 1.5, 12.5, 1 / 60, 1 / 60, 0.25, 5, 10 / 12.25]]);
    for (const text of [
      '',
      'a½',
      '½a',
      'x 1/2',
      '1/2 x',
      '1..2',
      'a.5',
      '.5a',
      '1 2',
      'x1',
      '-',
      'a 1/60',
      '1.25/x'
    ])
      expect(parseDecimal(text), text).toBeNull();
    expect(parseDecimal('1/0')).toBe(Infinity);
    expect([formatDecimal(2.5, 2), formatDecimal(2, 2), formatDecimal(2.456, 1)]).toEqual([
      '2.5',
      '2',
      '2.5'
    ]);
  });
});

describe('apertures', () => {
  it('have two figures, and a half where it is one', () => {
    expect([1.4, 5.6, 9.5, 9.95, 11.31, 12.5, 22.4, 64].map(formatFNumberDigits)).toEqual([
      '1.4',
      '5.6',
      '9.5',
      '10',
      '11',
      '12.5',
      '22',
      '64'
    ]);
  });

  it('are read from 0.5 to 600, both ends included', () => {
    expect(['f/0.5', '0.49', '600', '601', 'f 11', 'F/ 8', 'ƒ4'].map((t) => read(parseFNumber(t)))).toEqual([
      0.5,
      'out-of-range',
      600,
      'out-of-range',
      11,
      8,
      4
    ]);
    expect(['', 'f', '8f', '8 f/4', 'x8', '0', '-2'].map((t) => read(parseFNumber(t)))).toEqual([
      'empty',
      'unreadable',
      'unreadable',
      'unreadable',
      'unreadable',
      'not-positive',
      'not-positive'
    ]);
  });
});

describe('film speeds', () => {
  it('in stops against ISO 100; nothing and less is no speed', () => {
    expect([speedStops(400), speedStops(50)]).toEqual([2, -1]);
    for (const iso of [0, -1, Infinity, NaN]) expect(() => speedStops(iso)).toThrow(RangeError);
  });

  it('are read in every spelling, from end to end and both ends included', () => {
    expect(
      ['400', 'ISO 400', 'iso400', '400/27°', '400 / 27 °', '400/27', '27°', '27 °', '12,5'].map((t) =>
        read(parseFilmSpeed(t))
      )
    ).toEqual([400, 400, 400, 400, 400, 400, 400, 400, 12.5]);
    expect(['0.1', '0.09', '102400', '102401', '99°'].map((t) => read(parseFilmSpeed(t)))).toEqual([
      0.1,
      'out-of-range',
      102_400,
      'out-of-range',
      'out-of-range'
    ]);
    expect(
      ['', 'iso', 'an iso 400', '27° or so', '400/27° or so', '0', '-100'].map((t) => read(parseFilmSpeed(t)))
    ).toEqual([
      'empty',
      'empty',
      ...Array.from({ length: 3 }, () => 'unreadable'),
      'not-positive',
      'not-positive'
    ]);
  });

  it('of two marks equally near the slower one is taken', () => {
    expect([
      nearestMarkedSpeed(110),
      nearestMarkedSpeed(120),
      nearestMarkedSpeed(Math.sqrt(100 * 125))
    ]).toEqual([100, 125, 100]);
    expect([speedFromDegrees(21), speedFromDegrees(0), speedFromDegrees(99)]).toEqual([100, 0.8, null]);
  });
});

describe('times', () => {
  it.each([
    [1 / 4000, '1/4000'],
    [1 / 8, '1/8'],
    [0.25, '1/4'],
    [0.29, '0.3 s'],
    [1 / 3, '⅓ s'],
    [0.5, '½ s'],
    [0.8, '0.8 s'],
    [9.96, '10 s'],
    [1.5, '1.5 s'],
    [12.4, '12 s'],
    [60, '60 s'],
    [61, '1 min 1 s'],
    [90, '1 min 30 s'],
    [120, '2 min'],
    [3599.6, '60 min']
  ])('%d s is written %s', (s, words) => expect(formatShutter(s)).toBe(words));

  it('are read in every spelling', () => {
    expect(
      ['2s', '2 s', '2 sec', '2 secs', '2 second', '2 seconds', '2"', '2 ″', "2''"].map(seconds)
    ).toEqual(Array.from({ length: 9 }, () => 2));
    expect(
      ['10m', '10 m', '10 min', '10 mins', '10 minute', '10 minutes', "10'", '10 ′', '10min'].map(seconds)
    ).toEqual(Array.from({ length: 9 }, () => 600));
    expect(['1 min 30 s', '10 min 5s', '1½ min', '1/60', '60', '½ s', '1.5', '1'].map(seconds)).toEqual([
      90,
      605,
      90,
      1 / 60,
      1 / 60,
      0.5,
      1.5,
      1
    ]);
  });

  it('from a hundred-thousandth of a second to a day, both ends included', () => {
    expect(['1/100000', '1/100001', '86400 s', '86401 s', '1/0', '0', '-2 s'].map(seconds)).toEqual([
      1e-5,
      'out-of-range',
      86_400,
      'out-of-range',
      'divided-by-zero',
      'not-positive',
      'not-positive'
    ]);
    expect(['', 's', 'about 2 s', '2 s or so', 'x 10 min', '10 min x', '1 x 2 min'].map(seconds)).toEqual([
      'empty',
      ...Array.from({ length: 6 }, () => 'unreadable')
    ]);
  });

  it('a time that is no mark of a series is what it is', () => {
    expect(exactSeconds(1 / 85, 'full')).toBe(1 / 85);
    expect(exactSeconds(1 / 60, 'full')).toBe(1 / 64);
  });
});
