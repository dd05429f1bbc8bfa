import { describe, expect, test } from 'vitest';
import { exactFNumber, exactSeconds } from '../units/series.ts';
import { C_DOME, C_FLAT, evFromSetting, K_REFLECTED, lvFromEv, lvFromLuminance, lvFromLux } from './lv.ts';
import { parseLightReading } from './reading-text.ts';
import { lightByEye, NO_MODIFIERS } from './by-eye.ts';
import { SHADOW_STEPS } from './shadow-edge.ts';

const plain = NO_MODIFIERS;

describe('LV', () => {
  // Exif 2.32 (CIPA DC-008-2019) Annex C: Ev = Av + Tv; f/8 (Av 6) at 1/125 (Tv 7) is Ev 13; f/1 at 1 s is 0.
  test.each([
    [1, 1, 0],
    [8, 1 / 125, 13],
    [16, 1 / 125, 15],
    [5.6, 1 / 60, 11],
    [2.8, 1 / 30, 8],
    [4, 2, 3]
  ])('f/%d at %d s is EV %d', (mark, time, ev) =>
    expect(evFromSetting(exactFNumber(mark, 'full'), exactSeconds(time, 'full'))).toBeCloseTo(ev, 12)
  );
  test('a faster film reads the same light higher', () => expect(lvFromEv(15, 400)).toBeCloseTo(13, 12));

  // ISO 2720:1974 5.1: the constants must lie in the ranges the standard allows (ranges from memory).
  test('meter constants lie in the standard’s ranges', () => {
    expect(K_REFLECTED).toBeGreaterThanOrEqual(10.6);
    expect(K_REFLECTED).toBeLessThanOrEqual(13.4);
    expect(C_FLAT).toBeGreaterThanOrEqual(240);
    expect(C_FLAT).toBeLessThanOrEqual(400);
    expect(C_DOME).toBeGreaterThanOrEqual(320);
    expect(C_DOME).toBeLessThanOrEqual(540);
  });
  // The widely printed EV table for K = 12.5, C = 250: EV100 0 is 2.5 lx and 0.125 cd/m²; EV 15 is 82 klx and 4096 cd/m².
  test.each([
    [0, 2.5, 0.125],
    [3, 20, 1],
    [10, 2560, 128],
    [15, 81_920, 4096]
  ])('EV %d is %d lx and %d cd/m²', (ev, lux, luminance) => {
    expect(lvFromLux(lux)).toBeCloseTo(ev, 9);
    expect(lvFromLuminance(luminance)).toBeCloseTo(ev, 9);
  });
  test.each([0, -1, NaN, Infinity])('%d is no light, time or speed', (x) => {
    expect(() => evFromSetting(8, x)).toThrow(RangeError);
    expect(() => lvFromEv(8, x)).toThrow(RangeError);
    expect(() => lvFromLux(x)).toThrow(RangeError);
  });
});

describe('the shadow-edge school', () => {
  // Sunny sixteen and its cousins: common practice, no source.
  test.each([
    ['sharp', 14.64],
    ['soft', 13.64],
    ['barely', 12.64],
    ['none', 11.64],
    ['leaf', 10.64],
    ['deep', 9.64]
  ] as const)('%s is LV %d', (clue, lv) =>
    expect(Math.abs(lightByEye({ school: 'shadow', clue }, plain).lv - lv)).toBeLessThan(0.05)
  );
  test('full sun: f/16 at 1/ISO is right for every film speed', () => {
    for (const iso of [25, 50, 100, 400]) {
      expect(lvFromEv(evFromSetting(16, 1 / iso), iso)).toBeCloseTo(
        lightByEye({ school: 'shadow', clue: 'sharp' }, plain).lv,
        12
      );
    }
  });
  test('snow adds a stop, light from behind takes one, both cancel', () => {
    const at = (bright: boolean, backlit: boolean) =>
      lightByEye({ school: 'shadow', clue: 'sharp' }, { ...plain, bright, backlit });
    expect(at(true, false).lv - at(false, false).lv).toBeCloseTo(1, 12);
    expect(at(false, true).lv - at(false, false).lv).toBeCloseTo(-1, 12);
    expect(at(true, true).lv).toBeCloseTo(at(false, false).lv, 12);
    expect(at(false, true).contrast).toBe('backlit');
  });
  test('the dimmer the clue, the less sure the eye', () => {
    const sds = SHADOW_STEPS.map((s) => s.sdStops);
    expect([...sds].sort((a, b) => a - b)).toEqual(sds);
  });
});

describe('a reading as typed', () => {
  test.each([
    ['EV 12', 12],
    ['12', 12],
    ['12,5 ev', 12.5],
    ['EV 12 at 400', 10],
    ['LV -3', -3],
    ['−2 EV', -2],
    ['f/8 1/125', 13],
    ['8 at 125', 13],
    ['f/8 at 125', 13],
    ['f/8, 1/125 at ISO 400', 11],
    ['f/8 1/125 @ 400', 11],
    ['1/125 f/8', 13],
    ['f/5,6 1/60 iso 100', 11],
    ['4 2s', 3],
    ['f/4 ½ s', 5],
    ['f/8 1/125 at 27°', 11],
    ['between 16 and 22 at 1/125', 15.5],
    ['f/32 and 7 tenths 1/30', 15.7],
    ['between 16 and 22 1/125 at 400', 13.5],
    ['2560 lux', 10],
    ['128 cd/m²', 10],
    ['237.8 fc', 10]
  ])('%s is LV %d', (text, lv) => {
    const read = parseLightReading(text);
    expect(read.ok ? read.value.lv : read.error).toBeCloseTo(lv, 2);
  });
  test('a bare number for a time keeps its other reading: 1/2 s or 2 s, two stops apart', () => {
    const read = parseLightReading('f/4 2');
    expect(read.ok && read.value.kind === 'pair' && read.value.otherLv).toBeCloseTo(3, 9);
    expect(read.ok && read.value.lv).toBeCloseTo(5, 9);
  });
  test('tenths: 32.7 only on a meter that shows tenths; 5.6 is always the mark', () => {
    const tenths = { showsTenths: true };
    const lv = (text: string, options = { showsTenths: false }): number | null => {
      const read = parseLightReading(text, options);
      return read.ok ? read.value.lv : null;
    };
    expect(lv('f/32.7 1/30', tenths)).toBeCloseTo(15.7, 9);
    expect(lv('f/32.7 1/30')).toBeCloseTo(Math.log2(32.7 ** 2) + 5, 9);
    expect(lv('f/5.6 1/30', tenths)).toBeCloseTo(10, 9);
  });
  test.each([
    ['', 'empty'],
    ['abc', 'unreadable'],
    ['f/', 'unreadable'],
    ['0 lux', 'not-positive'],
    ['f/8 1/0', 'divided-by-zero'],
    ['f/0 1/60', 'not-positive'],
    ['EV 99', 'out-of-range'],
    ['f/8 1//60', 'unreadable'],
    ['12 parsecs', 'unreadable']
  ])('“%s” is refused: %s', (text, problem) => {
    const read = parseLightReading(text);
    expect(read.ok ? read.value : read.error).toMatchObject({ problem, text });
  });
});

describe('an amount of light', () => {
  const read = (text: string) => {
    const found = parseLightReading(text);
    if (!found.ok || found.value.kind === 'ev') throw new Error(text);
    return found.value;
  };
  // C = 250: 25 000 lx are LV 13.29 (ISO 2720)
  test.each([
    ['25,000 lx', 25_000],
    ['2.500 lx', 2500],
    ['25 000 lux', 25_000],
    ['25\u202f000 lux', 25_000],
    ['80 klx', 80_000],
    ['12,5 lx', 12.5],
    ['1,234,000 lx', 1_234_000]
  ])('%s', (text, lux) => {
    if (lux > 700_000) expect(parseLightReading(text).ok).toBe(false);
    else expect(read(text).lv).toBeCloseTo(Math.log2((lux * 100) / 250), 9);
  });
  test('a comma before three digits has its other reading', () => {
    expect(read('25,000 lx').otherLv).toBeCloseTo(Math.log2(10), 9);
    expect(read('25000 lx').otherLv).toBeNull();
    expect(read('2.500 cd/m²').otherLv).toBeCloseTo(Math.log2(20), 9);
  });
  // the shadow school's clues are whole stops apart, as their marks are; common practice, no source
  test('clues are whole stops apart', () => {
    const lvs = (['sharp', 'soft', 'barely', 'none'] as const).map(
      (clue) => lightByEye({ school: 'shadow', clue }, NO_MODIFIERS).lv
    );
    lvs.forEach((lv, i) => expect(lv).toBeCloseTo(Math.log2(25_600) - i, 9));
  });
});
