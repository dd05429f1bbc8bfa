import { describe, expect, test } from 'vitest';
import { TABLES } from './tables.ts';

const cell = (id: string, row: string, column: string): string | undefined => {
  const table = TABLES.find((t) => t.id === id);
  const at = table?.head.indexOf(column) ?? -1;
  return table?.rows.find(([first]) => first?.startsWith(row))?.[at];
};

describe('the tables', () => {
  test('each is whole, names where it comes from, and holds no number that is none', () => {
    expect(new Set(TABLES.map((t) => t.id)).size).toBe(TABLES.length);
    for (const { head, rows, source, id } of TABLES) {
      expect([id, source.length > 20]).toEqual([id, true]);
      for (const row of rows) expect([id, row.length]).toEqual([id, head.length]);
      expect(JSON.stringify(rows)).not.toMatch(/NaN|undefined|Infinity/);
    }
  });
  // Exif 2.32 Annex C: EV 0 is f/1 at 1 s; f/8 at 1/60 is 12, f/16 at 1/125 is 15, f/1.4 at 1 s is 1
  test.each([
    ['values', '1/60', 'f/8', '12'],
    ['values', '1/125', 'f/16', '15'],
    ['values', '1 s', 'f/1.4', '1'],
    // sunny sixteen: f/16 at 1/100 with ISO 100 is LV 14⅔
    ['shadow', 'Sharp', 'LV', '14⅔'],
    ['sky', 'Overcast', 'Aperture at 1/ISO', 'f/5.6'],
    // a density of 0.3 is a stop, 0.9 three
    ['filters', '2×', 'Density', '0.3'],
    ['filters', '8×', 'Stops', '3 stops'],
    // ISO 1230: guide number 16 at 2 m is f/8
    ['flash', '2 m', 'GN 16 m', 'f/8'],
    // 80 pictures to the foot at 16 a second: 5 s
    ['reels', '8 mm', '16 a second', '5 s'],
    ['surfaces', 'a grey card', 'Throws back', '18 %']
  ])('%s, %s, %s: %s', (id, row, column, value) => expect(cell(id, row, column)).toBe(value));
});
