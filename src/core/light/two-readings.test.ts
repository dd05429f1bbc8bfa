import { describe, expect, test } from 'vitest';
import { fromTwoReadings, heldOn } from './two-readings.ts';

describe('lights and darks', () => {
  // spans of two to three stops are called flat, about four normal, more than five hard. Common practice, no source
  test.each([
    [11, 9, 'flat'],
    [12, 8, 'normal'],
    [14, 8, 'hard']
  ] as const)('LV %d and %d: %s', (lights, darks, contrast) => {
    const read = fromTwoReadings(lights, darks);
    expect(read.ok && read.value.contrast).toBe(contrast);
    expect(read.ok && read.value.middleLv).toBe((lights + darks) / 2);
  });
  test('darks lighter than the lights are refused', () => {
    expect(fromTwoReadings(8, 9)).toEqual({ ok: false, error: 'darks-lighter' });
    expect(fromTwoReadings(9, 9).ok).toBe(true);
  });
  test('a slide of 3 and 2.5 stops holds four, and loses at the end it is turned from', () => {
    const range = { below: 3, above: 2.5 };
    const ends = { lightsLv: 12, darksLv: 8 };
    expect(heldOn(range, ends, 10, 0)).toEqual({ darksLost: 0, lightsLost: 0 });
    expect(heldOn(range, ends, 10, 1)).toEqual({ darksLost: 0, lightsLost: 0.5 });
    expect(heldOn(range, ends, 10, -2)).toEqual({ darksLost: 1, lightsLost: 0 });
  });
});
