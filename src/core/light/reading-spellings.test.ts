// One reading in every spelling that people type it in: spaces, signs, order and separators change nothing; what is not a
// reading from end to end is refused. EV = log2(N²/t), ISO 2720. Spellings: common practice, no source.
import { describe, expect, it } from 'vitest';
import { parseLightReading } from './reading-text.ts';

const lv = (text: string, showsTenths = false): number | null => {
  const read = parseLightReading(text, { showsTenths });
  return read.ok ? Math.round(read.value.lv * 1000) / 1000 : null;
};
const each = (heads: readonly string[], middles: readonly string[], tails: readonly string[]): string[] =>
  heads.flatMap((h) => middles.flatMap((m) => tails.map((t) => `${h}${m}${t}`)));

const APERTURES = ['f/8', 'f8', 'f 8', 'f / 8', 'ƒ/8', 'F/8'];
const TIMES = ['1/60', '1 / 60', '1/60s', '1/60 s'];
const BETWEEN = [' ', ', ', ' at ', ' @ ', ' @', '@ ', '@', ', at '];
// f/8 and 1/60 s by the exact series: 2^3 squared over 2^-6
const AT_100 = 12;

describe('an aperture and a time', () => {
  it('in every spelling, aperture first', () => {
    for (const text of each(APERTURES, BETWEEN, TIMES)) expect(lv(text), text).toBe(AT_100);
    for (const text of each(['8'], [' ', ', ', ' at ', '@'], ['1/60', '1/60s']))
      expect(lv(text), text).toBe(AT_100);
  });

  it('in every spelling, time first', () => {
    const joints = [' ', ', ', ' at ', ' @ ', '@', ','];
    for (const text of each(['1/60', '1/60s', '1/60 s'], joints, ['f/8', 'f8', 'f 8', 'ƒ/8', 'f / 8']))
      expect(lv(text), text).toBe(AT_100);
    for (const text of each(['1/250'], joints, ['f/16', 'f16', 'f/5.6']))
      expect(lv(text), text).not.toBeNull();
    expect(lv('1/250 f/16')).toBe(16);
  });

  it('with a film speed in every spelling', () => {
    const speeds = [
      ' at 400',
      ' @400',
      ' @ 400',
      '@400',
      ' @ iso 400',
      ' @iso400',
      ' at iso 400',
      ', at iso 400',
      ' iso 400',
      ', iso 400',
      ' ISO400',
      ' at 400/27°',
      ' at 400 / 27 °',
      ' at 27°',
      ' iso 27 °'
    ];
    for (const text of each(['f/8 1/60', '8 1/60', 'EV 12', '12 ev', 'f8, 1/60 s'], [''], speeds))
      expect(lv(text), text).toBe(AT_100 - 2);
    expect(lv('f/8 1/60 at 12.5')).toBe(AT_100 + 3);
    expect(lv('f/8 1/60 at 12,5')).toBe(AT_100 + 3);
  });

  it('a number after “at” is a time where none stands before it, and a speed where one does', () => {
    expect(lv('f/8 at 60')).toBe(AT_100);
    expect(lv('f 8 at 60')).toBe(AT_100);
    expect(lv('8 at 60')).toBe(AT_100);
    expect(lv('f/8 60 at 400')).toBe(AT_100 - 2);
    expect(lv('f/8  60 at 400')).toBe(AT_100 - 2);
    expect(lv('8 ½ at 400')).toBe(lv('f/8 1/2 s at 400'));
    expect(lv('8 2s at 400')).toBe(lv('f/8 2 s at 400'));
    expect(lv('8 2" at 400')).toBe(lv('f/8 2 s at 400'));
    expect(lv('8 2 ″ at 400')).toBe(lv('f/8 2 s at 400'));
    expect(lv('8 at 2 s at 400')).toBe(lv('f/8 2 s at 400'));
  });

  it('a bare number before “at” is an EV unless both numbers stand on cameras', () => {
    expect(lv('12 at 400')).toBe(10);
    expect(lv('12.3 at 400')).toBeCloseTo(10.3, 6);
    expect(lv('12,25 at 400')).toBeCloseTo(10.25, 6);
    expect(lv('-3 at 400')).toBe(-5);
    // 8 stands on lenses, 400 on no shutter; 13 on no lens
    expect(lv('8 at 400')).toBe(6);
    expect(lv('13 at 125')).toBeCloseTo(13 - Math.log2(1.25), 2);
  });
});

describe('readings between marks', () => {
  it('“between” in every spelling is half way in stops', () => {
    for (const text of each(
      ['between 8 and 16', 'between f/8 and f/16', 'between f8 and f16'],
      [' at ', ', ', ' @ ', '@', ',', ' '],
      ['1/60', '1/60 s']
    ))
      expect(lv(text), text).toBe(13);
    expect(lv('between 11 and 16 at 1/125 at 200')).toBe(13.5);
  });

  it('tenths past a mark in every spelling', () => {
    for (const text of each(
      ['f/32', 'f32', 'f 32', '32'],
      [' and 5 tenths'],
      [' 1/30', ', 1/30', ' at 1/30', ' @ 1/30', '@1/30', ',1/30']
    ))
      expect(lv(text), text).toBe(15.5);
    expect(lv('f/32 and 1 tenth 1/30')).toBeCloseTo(15.1, 6);
  });

  it('a meter that shows tenths writes them behind the mark; marks of their own stay', () => {
    for (const text of ['f/32.7 1/30', 'f32.7 1/30', '32.7 1/30', '32,7 1/30', 'f 32.7 1/30'])
      expect(lv(text, true), text).toBeCloseTo(15.7, 6);
    expect(lv('f/5.6 1/30', true)).toBe(10);
    // a half-stop lens says 9.5 and a third-stop one 8.8 nowhere: f/8 and 8 tenths would say 8.8, an old name of a mark
    expect(lv('f/8.8 1/30', true)).toBe(lv('f/8.8 1/30'));
    expect(lv('f/32.7 1/30')).not.toBeCloseTo(15.7, 1);
  });
});

describe('photometric readings', () => {
  it('in every unit’s spelling', () => {
    const lux = lv('2560 lux');
    for (const text of [
      '2560lux',
      '2560 lx',
      '2560lx',
      '2,560 lux',
      '2.560 lx',
      '2 560 lux',
      '2.56k lux',
      '2.56 klx',
      '2,56 k lux',
      'LUX'.replace('LUX', '2560 LUX')
    ])
      expect(lv(text), text).toBe(lux);
    const candles = lv('300 fc');
    for (const text of [
      '300fc',
      '300 ftc',
      '300 ft-c',
      '300 footcandles',
      '300 foot-candles',
      '300 footcandle',
      '300 foot-candle'
    ])
      expect(lv(text), text).toBe(candles);
    const nits = lv('400 cd/m²');
    for (const text of ['400cd/m2', '400 cd/m2', '400 nit', '400 nits', '400nits'])
      expect(lv(text), text).toBe(nits);
    expect(lux).not.toBe(nits);
  });

  it('thousands and decimals: the likelier first, the other beside it', () => {
    const other = (text: string): number | null => {
      const read = parseLightReading(text);
      return read.ok && 'otherLv' in read.value && read.value.otherLv !== null
        ? Math.round(read.value.otherLv * 1000) / 1000
        : null;
    };
    expect(lv('25,000 lux')).toBe(lv('25000 lux'));
    expect(other('25,000 lux')).toBe(lv('25 lux'));
    expect(lv('1.250.000 lux')).toBeNull();
    expect(lv('100,000 lux')).toBe(lv('100000 lux'));
    expect(lv('900.000 lux')).toBe(lv('900 lux'));
    expect(other('0,500 lux')).toBeNull();
    expect(lv('0,500 lux')).toBe(lv('0.5 lux'));
    expect(lv('25 00 lux')).toBeNull();
    expect(lv('1 2500 lux')).toBeNull();
  });
});

it('what is not a reading from end to end is refused', () => {
  const wrong = [
    'about f/8 1/60',
    'f/8 1/60 or so',
    'x12',
    '12 x',
    'ev',
    'lux',
    '12 ev at',
    'at 400',
    'f/8',
    '1/60',
    'f/8 f/8',
    'k lux',
    '5k7 lux',
    'a 5k lux',
    '5 lux more',
    'between 8 1/60',
    'so between 8 and 16 1/60',
    'f/8 and 12 tenths 1/60',
    '1/60 f/8 s',
    'roughly 32 and 5 tenths 1/30',
    '-5 lux',
    '0 lux',
    'f/8 0',
    'f/0 1/60'
  ];
  for (const text of wrong) expect(lv(text), text).toBeNull();
});
