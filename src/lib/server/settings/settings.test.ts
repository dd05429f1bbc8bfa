import { describe, expect, test } from 'vitest';
import { settingsEditSchema } from '#schema/settings/settings-schema.ts';
import { FIRST_SETTINGS } from '#schema/settings/settings.ts';
import { parseWith } from '#schema/reading/parse.ts';
import { openDatabase } from '../database/open.ts';
import { settingsRepository } from './settings.ts';

const place = { name: 'Out at sea', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' };

describe('what is remembered of the person', () => {
  test('at first nothing is; a change keeps the rest', () => {
    const db = openDatabase(':memory:');
    const settings = settingsRepository(db);
    expect(settings.read()).toEqual(FIRST_SETTINGS);
    settings.change({ place });
    settings.change({ scheme: 'dark', leastChance: 0.75 });
    expect(settings.read()).toEqual({ ...FIRST_SETTINGS, place, scheme: 'dark', leastChance: 0.75 });
    settings.change({ place: null });
    expect(settings.read().place).toBeNull();
    db.close();
  });
  test('a value that this program does not know is no reason to fail', () => {
    const db = openDatabase(':memory:');
    db.prepare("insert into setting (name, value) values ('scheme', '\"neon\"')").run();
    expect(settingsRepository(db).read()).toEqual(FIRST_SETTINGS);
    db.close();
  });
  test.each([
    [{ school: 'palm' }, 'school'],
    [{ leastChance: 2 }, 'leastChance'],
    [{ scheme: 1 }, 'scheme'],
    [{ place: { ...place, latitude: 91 } }, 'place.latitude'],
    [{ place: { ...place, zone: 'Nowhere' } }, 'place.zone']
  ])('%o is refused in its field', (edit, field) => {
    const read = parseWith(settingsEditSchema, edit);
    expect(read.ok ? [] : read.error.map((f) => f.field)).toContain(field);
  });
});
