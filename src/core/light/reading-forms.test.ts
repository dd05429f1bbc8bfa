// Meter readings in the many ways that people write them. Lux by a flat receptor with C = 250, luminance with K = 12.5
// (ISO 2720:1974, usual constants); a foot-candle is 10.764 lx (NIST SP 811, app. B.8).
import { describe, expect, test } from 'vitest';
import { NAMED_MARKS } from './named-marks.ts';
import { parseLightReading } from './reading-text.ts';

const lv = (text: string): number | string => {
  const read = parseLightReading(text);
  return read.ok ? read.value.lv : read.error.problem;
};
const lux = (amount: number): number => Math.log2((amount * 100) / 250);
const cd = (amount: number): number => Math.log2((amount * 100) / 12.5);

describe('photometric readings', () => {
  test.each([
    ['2500 lux', lux(2500)],
    ['2500lx', lux(2500)],
    ['80 k lx', lux(80_000)],
    ['80klx', lux(80_000)],
    ['2.5 k lux', lux(2500)],
    ['25 000 lx', lux(25_000)],
    ['10 foot-candles', lux(107.64)],
    ['10 footcandle', lux(107.64)],
    ['10 ft-c', lux(107.64)],
    ['10 ftc', lux(107.64)],
    ['10 fc', lux(107.64)],
    ['100 cd/m²', cd(100)],
    ['100 cd/m2', cd(100)],
    ['100 nits', cd(100)],
    ['100 nit', cd(100)],
    ['12.5 lux', lux(12.5)]
  ])('%s', (text, want) => expect(lv(text)).toBeCloseTo(want, 3));
  test('three digits after a single mark are thousands, unless that would be more light than there is; the other is kept', () => {
    const read = (text: string) => {
      const { value } = parseLightReading(text) as { value: { lv: number; otherLv: number | null } };
      return [value.lv, value.otherLv];
    };
    expect(read('25,000 lx')).toEqual([expect.closeTo(lux(25_000), 6), expect.closeTo(lux(25), 6)]);
    expect(read('2.500 lx')).toEqual([expect.closeTo(lux(2500), 6), expect.closeTo(lux(2.5), 6)]);
    expect(read('900,000 lx')[0]).toBeCloseTo(lux(900), 6);
    expect(read('0,500 lx')).toEqual([expect.closeTo(lux(0.5), 6), null]);
    expect(read('1234,567 lx')[1]).toBeNull();
    const one = parseLightReading('10 fc');
    expect(one.ok && one.value.kind === 'lux' && one.value.lux).toBeCloseTo(107.64, 2);
  });
  test.each([
    ['0 lux', 'not-positive'],
    ['-5 lux', 'not-positive'],
    ['many lux', 'unreadable'],
    ['100 lux today', 'unreadable'],
    ['1e9 lux', 'unreadable'],
    ['LV 19', 'out-of-range'],
    ['LV -9', 'out-of-range'],
    ['', 'empty']
  ])('“%s” is refused: %s', (text, problem) => expect(lv(text)).toBe(problem));
  test('both ends of the scale are on it', () => expect([lv('LV 18'), lv('LV -8')]).toEqual([18, -8]));
});

describe('aperture, time and speed in any order of words', () => {
  // LV = log2(N²/t) − log2(S/100); engraved marks stand for the exact powers of √2 and of 2
  const at = (iso: number): number => Math.log2(64 * 64) - Math.log2(iso / 100);
  test.each([
    ['f/8 1/60', at(100)],
    ['f/8 1/60 at iso 400', at(400)],
    ['f/8 1/60, iso 400', at(400)],
    ['f/8 1/60 iso400', at(400)],
    ['f/8 1/60 @ iso 400', at(400)],
    ['f/8 1/60 @iso400', at(400)],
    ['f/8 1/60 @400', at(400)],
    ['f/8 1/60 at 400', at(400)],
    ['f/8 1/60 iso 400/27°', at(400)],
    ['f/8 1/60 iso 400 / 27 °', at(400)],
    ['f/8 at 1/60', at(100)],
    ['ƒ/8 at 60', at(100)],
    ['EV 12 at 400', 10],
    ['ev12 @ 400', 10],
    ['12 at 400', 10]
  ])('%s', (text, want) => expect(lv(text)).toBeCloseTo(want, 1));
});

test('the named marks rise over the scale, by night below 0', () => {
  const lvs = NAMED_MARKS.map((m) => m.lv);
  expect(lvs).toEqual([...lvs].sort((a, b) => a - b));
  expect(NAMED_MARKS.find((m) => m.name === 'moonlit field')?.lv).toBe(-3);
  expect(NAMED_MARKS.find((m) => m.name === 'starlight')?.lv).toBeLessThan(-5);
});
