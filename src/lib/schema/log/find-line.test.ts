import { describe, expect, test } from 'vitest';
import { readFindLine, type KnownNames } from './find-line.ts';

const KNOWN: KnownNames = {
  cameras: [
    ['toy', 'Toy camera'],
    ['box', 'Pebble box'],
    ['brisk', 'Brisk one']
  ],
  stocks: [
    ['tide', 'Tidewater 125'],
    ['pack', 'Minutepack 640'],
    ['pack2', 'Minutepack 100']
  ],
  tags: ['rowers', 'for the wall'],
  today: '2026-11-28',
  south: false
};
const filter = (line: string, more: Partial<KnownNames> = {}) =>
  readFindLine(line, { ...KNOWN, ...more }).filter;

describe('frames looked for in one line', () => {
  test('light, camera, how it came out and when', () => {
    expect(filter('overcast with the toy camera, too dark, this summer')).toEqual({
      ...{ cameraId: 'toy', verdict: 'dark', fromLv: 10.9, toLv: 12.4 },
      ...{ fromDay: '2026-06-01', toDay: '2026-08-31' }
    });
  });
  test('each part is said as it was understood', () => {
    const { understood } = readFindLine('no shadow, pebble box, breakwater', KNOWN);
    expect(understood).toEqual(['Pebble box', 'light of LV 10.9 to 12.4', '“breakwater” in what is written']);
  });
  test('a film by its name, a word that two films share by neither', () => {
    expect(filter('tidewater')).toEqual({ filmId: 'tide' });
    expect(filter('minutepack 640')).toEqual({ filmId: 'pack' });
    expect(filter('minutepack')).toEqual({ words: 'minutepack' });
  });
  test.each([
    ['today', '2026-11-28', '2026-11-28'],
    ['last week', '2026-11-16', '2026-11-22'],
    ['this month', '2026-11-01', '2026-11-30'],
    ['in May', '2026-05-01', '2026-05-31'],
    ['december', '2025-12-01', '2025-12-31'],
    ['last summer', '2026-06-01', '2026-08-31'],
    ['last autumn', '2025-09-01', '2025-11-30'],
    ['winter 2024', '2024-12-01', '2025-02-28'],
    ['2025', '2025-01-01', '2025-12-31'],
    ['last year', '2025-01-01', '2025-12-31']
  ])('“%s” is %s to %s', (line, fromDay, toDay) => expect(filter(line)).toEqual({ fromDay, toDay }));
  test('seasons of the southern half', () =>
    expect(filter('this summer', { south: true })).toEqual({ fromDay: '2025-12-01', toDay: '2026-02-28' }));
  test('tags, faults, scenes, and words that are nothing else', () => {
    expect(filter('rowers with a fault')).toEqual({ tag: 'rowers', verdict: 'faulty' });
    expect(filter('living room in the evening')).toMatchObject({ fromLv: 4.5, toLv: 6.5 });
    expect(filter('not judged')).toEqual({ verdict: 'unjudged' });
    expect(filter('net mender')).toEqual({ words: 'net mender' });
    expect(filter('  ')).toEqual({});
  });
});
