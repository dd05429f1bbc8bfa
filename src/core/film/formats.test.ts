import { describe, expect, test } from 'vitest';
import { FORMATS, FRAME_FORMATS, framesIn } from './formats.ts';

describe('how many pictures a film has', () => {
  // a roll of 120 gives 12 pictures of 6 × 6 and 8 of 6 × 9; 36 of 24 × 36 are 21 of 24 × 58. Common practice, no source
  test.each([
    [12, 'roll-6x6', 'roll-6x9', 8],
    [8, 'roll-6x9', 'roll-6x6', 11],
    [36, '135', '135-panorama', 21],
    [24, '135', '135-panorama', 14],
    [36, '135', '135', 36]
  ] as const)('%d of %s are so many of %s: %d', (frames, from, to, expected) => {
    expect(framesIn(frames, from, to)).toBe(expected);
  });
  test('on another stock as many as usual; where pictures come one by one the number stays', () => {
    expect(framesIn(36, '135', 'roll-6x6')).toBe(12);
    expect(framesIn(8, 'instant-square', 'instant-wide')).toBe(8);
  });
  test('every size has a picture and a blur that can be seen on it', () => {
    for (const name of FRAME_FORMATS) {
      const { sizeMm, circleMm } = FORMATS[name];
      expect(Math.min(...sizeMm)).toBeGreaterThan(circleMm * 100);
    }
  });
});
