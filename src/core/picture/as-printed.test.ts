import { describe, expect, test } from 'vitest';
import { filmWith } from '../error/pairs.test.fixtures.ts';
import { printTone } from '../film/print.ts';
import { filmWindow } from '../film/window.ts';
import { printInto, printTables, type Printing } from './as-printed.ts';
import { ANY_PHONE } from './phone.ts';

const film = filmWith({ kind: 'reversal' });
const tone = printTone(film, filmWindow(film, 'normal').usable);
const PLAIN: Printing = {
  ...{ tone, deltaStops: 0, subjectStops: 0, phone: ANY_PHONE, cast: [1, 1, 1], isBlackAndWhite: false }
};

describe('a picture as this film would print it', () => {
  test('lighter stays lighter, black is black and white is white', () => {
    const [reds] = printTables(PLAIN);
    for (let i = 1; i < 256; i++) expect(reds[i]).toBeGreaterThanOrEqual(reds[i - 1] ?? 0);
    expect(reds[0]).toBeLessThan(20);
    expect(reds[255]).toBeGreaterThan(235);
  });
  test('the subject that was touched comes out as the film’s own tone for it at the frame’s error', () => {
    // code 118 is the phone's grey
    for (const deltaStops of [-1, 0, 1]) {
      const [reds] = printTables({ ...PLAIN, deltaStops });
      expect(Math.abs((reds[118] ?? 0) - 255 * tone(0, deltaStops))).toBeLessThan(3);
    }
  });
  test('a stop more is lighter everywhere; a lighter subject makes the rest darker', () => {
    const [plain] = printTables(PLAIN);
    const [over] = printTables({ ...PLAIN, deltaStops: 1 });
    const [lit] = printTables({ ...PLAIN, subjectStops: 1 });
    for (let i = 0; i < 256; i += 15) {
      expect(over[i]).toBeGreaterThanOrEqual(plain[i] ?? 0);
      expect(lit[i]).toBeLessThanOrEqual(plain[i] ?? 0);
    }
    expect(over[118]).toBeGreaterThan(plain[118] ?? 255);
    expect(lit[118]).toBeLessThan(plain[118] ?? 0);
  });
  test('a cast takes from a channel', () => {
    const [reds, , blues] = printTables({ ...PLAIN, cast: [1.18, 0.96, 0.62] });
    expect(reds[118]).toBeGreaterThan(blues[118] ?? 255);
  });
  test('black and white goes by luminance, and opacity stays', () => {
    const tables = printTables(PLAIN);
    const into = new Uint8ClampedArray(8);
    printInto(Uint8ClampedArray.from([255, 0, 0, 255, 0, 255, 0, 128]), into, tables, true);
    expect(into[0]).toBe(into[1]);
    expect(into[1]).toBe(into[2]);
    // green looks lighter than red
    expect(into[4]).toBeGreaterThan(into[0] ?? 255);
    expect([into[3], into[7]]).toEqual([255, 128]);
    printInto(Uint8ClampedArray.from([255, 0, 0, 255]), into, tables, false);
    expect(into[0]).toBeGreaterThan(into[1] ?? 255);
  });
});
