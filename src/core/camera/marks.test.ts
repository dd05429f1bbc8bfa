import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { ControlActs } from './position.ts';
import { readMarks, readMetres, splitMarks, writeMarks } from './marks.ts';

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
