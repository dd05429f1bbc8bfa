import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { ControlActs } from './position.ts';
import { fNumberMarks, timeMarks } from '../units/series.ts';
import { readMarks, readMetres, seriesOf, splitMarks, writeMarks } from './marks.ts';

const values = (acts: ControlActs, text: string) => {
  const read = readMarks(acts, text);
  return read.ok ? read.value.map((p) => p.value) : read.error.problem;
};

describe('marks as typed', () => {
  test('blanks, semicolons and list commas part marks; a decimal comma does not', () =>
    expect(splitMarks('2,8 4; 5,6, 8')).toEqual(['2,8', '4', '5,6', '8']));
  test('a blank around = or before a unit parts nothing', () =>
    expect(splitMarks('sun = 12.3  near=1.2 m 4 ft 2 s')).toEqual(['sun=12.3', 'near=1.2m', '4ft', '2s']));
  test('a full-stop scale gives exact powers', () => {
    expect(values('aperture', '4 5.6 8 11')).toEqual([4, 2 ** 2.5, 8, 2 ** 3.5]);
    expect(values('time', '1 2 15 60 500')).toEqual([1, 0.5, 2 ** -4, 2 ** -6, 2 ** -9]);
  });
  test('an old scale, a single value and what was measured are taken at their word', () => {
    expect(values('time', '1/25 1/50 1/100')).toEqual([1 / 25, 1 / 50, 1 / 100]);
    expect(values('aperture', '11')).toEqual([11]);
    expect(values('aperture', 'sun=12.3 cloud=7.4')).toEqual([12.3, 7.4]);
    expect(values('time', 'N=1/85')).toEqual([1 / 85]);
  });
  test('a measured value beside a mark does not disturb the scale of the others', () =>
    expect(values('time', '30 60 125 250=1/180')).toEqual([2 ** -5, 2 ** -6, 2 ** -7, 1 / 180]));
  test('bare dial numbers stay as they are engraved, symbols are drawn', () => {
    const read = readMarks('time', '8 125');
    expect(read.ok && read.value.map((p) => p.mark)).toEqual(['8', '125']);
    const sun = readMarks('aperture', 'sun=12 cloud=8');
    expect(sun.ok && sun.value.map((p) => p.symbol)).toEqual(['sun', 'cloud']);
  });
  test('B becomes lengths that are counted in whole seconds', () => {
    const read = readMarks('time', 'I=1/40 B');
    const held = read.ok ? read.value.filter((p) => p.byHand === true) : [];
    expect(held.length).toBeGreaterThan(4);
    expect(held.every((p) => Number.isInteger(p.value))).toBe(true);
  });
  test.each([
    ['-1 0 +1', [-1, 0, 1]],
    ['+1½ −1½', [-1.5, 0, 1.5]],
    ['dark=-1 mid=0 light=+1', [-1, 0, 1]],
    ['', []]
  ])('lighten–darken %s', (text, stops) => expect(values('compensation', text)).toEqual(stops));
  test.each([
    ['aperture', '2.8 wide', 'unreadable'],
    ['time', '', 'empty'],
    ['focus', '0', 'not-positive'],
    ['dial', '100 0', 'not-positive'],
    ['compensation', 'a bit', 'unreadable']
  ] as const)('%s “%s” is refused: %s', (acts, text, problem) => expect(values(acts, text)).toBe(problem));
});

test.each([
  ['1.2', 1.2],
  ['1,2 m', 1.2],
  ['4ft', 4 * 0.3048],
  ['∞', Infinity],
  ['far', Infinity]
])('distance “%s”', (text, metres) => expect(readMetres(text)).toEqual({ ok: true, value: metres }));

describe('written marks read back to the same', () => {
  test.each([
    ['aperture', '2.8 4 5.6 8 11 16'],
    ['aperture', 'sun=12.3 cloud=7.4'],
    ['time', '1 2 4 8 15 30 60 125 B'],
    ['time', '1/25 1/50 1/100'],
    ['focus', 'person=1.2 people=2.5 mountain=∞'],
    ['focus', '1 2.5 ∞'],
    ['compensation', 'dark=-1 mid=0 light=1'],
    ['dial', '64 125 250 2000']
  ] as const)('%s %s', (acts, text) => {
    const read = readMarks(acts, text);
    if (!read.ok) throw new Error('unreadable');
    const again = readMarks(acts, writeMarks(acts, read.value));
    expect(again.ok && again.value.map((p) => [p.mark, p.symbol])).toEqual(
      read.value.map((p) => [p.mark, p.symbol])
    );
    expect(
      again.ok &&
        again.value.every(
          (p, i) =>
            Math.abs(p.value / (read.value[i]?.value ?? 0) - 1) < 1e-4 || p.value === read.value[i]?.value
        )
    ).toBe(true);
  });
  test('any measured apertures', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 10, max: 600 }), { minLength: 1, maxLength: 5 }), (tenths) => {
        const text = tenths.map((t, i) => `m${i}=${t / 10}`).join(' ');
        expect(values('aperture', text)).toEqual(tenths.map((t) => t / 10));
      })
    ));
});

describe('marks are split as they are written by hand', () => {
  test.each([
    ['a = between 16 and 22', ['a=16–22']],
    ['a =  Between  16  and  22  b=8', ['a=16–22', 'b=8']],
    ['sun  =  12   cloud=7', ['sun=12', 'cloud=7']],
    [' 4 ;  5.6;8 ', ['4', '5.6', '8']],
    ['4,  5.6,   8', ['4', '5.6', '8']],
    ['1 min 2 sec', ['1min', '2sec']],
    ['1 miles', ['1', 'miles']]
  ])('%s', (text, marks) => expect(splitMarks(text)).toEqual(marks));
});

describe('the series of marks', () => {
  const fNumbers = (marks: readonly number[]) => seriesOf(marks, fNumberMarks, 2);
  test.each([
    ['a single mark is its own', [8], 'literal'],
    ['two of a full-stop ring', [5.6, 8], 'full'],
    ['half stops', [4, 4.8, 5.6, 6.7, 8], 'half'],
    ['third stops', [4, 4.5, 5, 5.6, 6.3], 'third'],
    ['one mark of no series spoils it', [4, 5.6, 7.7], 'literal'],
    ['one fine step is enough', [4, 8, 9], 'third']
  ] as const)('%s', (_, marks, series) => expect(fNumbers(marks)).toBe(series));
  test('third-stop marks a stop apart are an old scale', () => {
    expect(seriesOf([1 / 25, 1 / 50, 1 / 100], timeMarks, 1)).toBe('literal');
    expect(fNumbers([4.5, 6.3, 9])).toBe('literal');
  });
});

describe('marks as they stand on the camera', () => {
  const marks = (acts: ControlActs, text: string) => {
    const read = readMarks(acts, text);
    return read.ok ? read.value.map((p) => p.mark) : read.error.problem;
  };
  test.each([
    ['aperture', 'f/8 ƒ 11 F16', ['8', 'ƒ', '11', '16']],
    ['aperture', 'f/5.6 f8', ['5.6', '8']],
    ['aperture', 'wide=f/4', ['wide']],
    ['time', '1/60 125 2s', ['1/60', '125', '2 s']],
    ['dial', '100 21° 400', ['100', '21°', '400']],
    ['focus', '1.2 far 3ft', ['1.2 m', '∞', '0.91 m']],
    ['focus', 'person=1.2', ['1.2 m']],
    ['compensation', '–1½ +1', ['−1½', '0', '+1']],
    ['compensation', '2 2 -1 0', ['−1', '0', '2']]
  ] as const)('%s “%s”', (acts, text, expected) => {
    const found = marks(acts, text);
    // a lone ƒ is no aperture
    if (text.includes('ƒ 11')) expect(found).toBe('unreadable');
    else expect(found).toEqual(expected);
  });
  test('B is a place of a shutter only, whole and by itself', () => {
    expect(marks('aperture', '8 B')).toBe('unreadable');
    expect(marks('time', '125 AB')).toBe('unreadable');
    expect(marks('time', '125 t')).toContain('B 1 s');
  });
  test('an aperture or a time may lie between two values, a distance may not', () => {
    expect(values('aperture', 'a=16–22')).toEqual([expect.closeTo(Math.sqrt(16 * 2 ** 4.5), 2)]);
    expect(values('focus', 'a=1–2')).toBe('unreadable');
  });
  test.each([
    [' 1.2 ', 1.2],
    ["4'", 4 * 0.3048],
    ['4 feet', 4 * 0.3048],
    ['10000', 10_000],
    ['10001', 'out-of-range'],
    ['', 'empty'],
    ['-2', 'not-positive'],
    ['infinity x', 'unreadable'],
    ['not far', 'unreadable'],
    ['m', 'unreadable']
  ])('a distance “%s” is %s', (text, metres) => {
    const read = readMetres(text);
    expect(read.ok ? read.value : read.error.problem).toBe(metres);
  });
});

describe('marks are written as short as they can be read', () => {
  const again = (acts: ControlActs, text: string) => {
    const read = readMarks(acts, text);
    return read.ok ? writeMarks(acts, read.value) : read.error.problem;
  };
  test.each([
    ['aperture', '2.8 4 5.6'],
    ['aperture', 'sun=12.3 cloud=7.4'],
    ['aperture', '8=7.6 11=11'],
    ['time', '15 30 B'],
    ['time', 'I=1/40 B'],
    ['time', 'slow=0.5s fast=1/85'],
    ['focus', '1.2 3 ∞'],
    ['focus', 'person=1.2 mountain=∞'],
    ['dial', '64 125'],
    ['compensation', '−1½ 0 +1½'],
    ['compensation', 'dark=−1 0 light=1']
  ] as const)('%s %s', (acts, text) => {
    const written = again(acts, text);
    const plain = (t: string): string => t.replace(/−/g, '-');
    if (acts === 'compensation') expect(plain(written)).toContain(plain(text).split(' ')[0] ?? '');
    else expect(written).toBe(text);
  });
  test('marks with blanks, without a name, and with another value than their mark', () => {
    const position = (mark: string, value: number) => ({ mark, symbol: null, value });
    expect(writeMarks('aperture', [position('half  open', 9), position('open', 4)])).toBe(
      'halfopen=9 open=4'
    );
    expect(writeMarks('aperture', [position('', 9), position('4', 4)])).toBe('mark=9 4=4');
    expect(writeMarks('time', [position('30', 1 / 27), position('60', 1 / 60)])).toBe('30=1/27 60=1/60');
    expect(writeMarks('time', [position('slow', 0.3), position('off', 0.25)])).toBe('slow=0.3s off=1/4');
    expect(writeMarks('focus', [position('1.2 m', 1.2), position('far', Infinity)])).toBe('1.2 ∞');
  });
});
