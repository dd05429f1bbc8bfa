import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { makePlaces } from '../../../../scripts/places.js';
import { gazetteer, zoneAt } from './places.ts';

const folder = mkdtempSync(join(tmpdir(), 'just-enough-places-'));
const file = join(folder, 'places.sqlite');
beforeAll(() => makePlaces(file));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('the gazetteer', () => {
  test('a name is found by its beginning, without accents, the largest first', () => {
    const places = gazetteer(file);
    const [first] = places.search('Reykjav');
    expect(first).toMatchObject({ name: 'Reykjavík', country: 'IS', zone: 'Atlantic/Reykjavik' });
    const found = places.search('san juan');
    expect(found.length).toBeGreaterThan(1);
    expect(found.length).toBeLessThanOrEqual(8);
    expect(found.every((p) => Math.abs(p.latitude) <= 90 && Math.abs(p.longitude) <= 180)).toBe(true);
    places.close();
  });
  test.each(['Xyzzyville', '', '   ', '"; drop table place; --', '***'])(
    '“%s” finds nothing and breaks nothing',
    (words) => {
      const places = gazetteer(file);
      expect(places.search(words)).toEqual([]);
      expect(places.search('Reykjavik')).not.toEqual([]);
      places.close();
    }
  );
  test('a missing file says how to make it', () =>
    expect(() => gazetteer(join(folder, 'none.sqlite'))).toThrow('Run: npm run demo'));
});

// IANA time-zone names by the boundaries of the timezone-boundary-builder
test.each([
  [47.5, -28, 'Etc/GMT+2'],
  [64.15, -21.94, 'Atlantic/Reykjavik'],
  [-36.85, 174.76, 'Pacific/Auckland'],
  [0, 0, 'Etc/GMT']
])('the zone at %d, %d is %s', (latitude, longitude, zone) => expect(zoneAt(latitude, longitude)).toBe(zone));
