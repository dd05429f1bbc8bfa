import { expect, test } from 'vitest';
import { brightestToday } from './brightest.ts';

const NORTH = { latitude: 65, longitude: 0 };
const at = (text: string): number => Date.parse(text);

// full sun at noon of a summer's day is LV 14 to 15; in the polar night there is none. Common practice, no source
test('midsummer noon, after sunset, and a winter’s day far north', () => {
  expect(brightestToday({ latitude: 45, longitude: 0 }, 'UTC', at('2026-06-21T09:00:00Z'))).toBeGreaterThan(
    14
  );
  expect(brightestToday({ latitude: 45, longitude: 0 }, 'UTC', at('2026-06-21T22:30:00Z'))).toBe(8);
  expect(brightestToday(NORTH, 'UTC', at('2026-12-21T09:00:00Z'))).toBeLessThan(12.5);
});
