import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { IN_USE_COOKIE } from '#schema/settings/settings.ts';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { repositoriesOf } from '../repositories.ts';
import { filmAsked, filmAskedOrLatest, loadInUse, loadInUseHere, type Asking } from './in-use.ts';

const db = openDatabase(':memory:');
seedDemo(db);
const store = repositoriesOf(db);
const asking = (query: string, own?: string): Asking => ({
  url: new URL(`http://127.0.0.1/log${query}`),
  cookies: { get: (name) => (name === IN_USE_COOKIE ? own : undefined) }
});
const anywhere = store.loads.inUse()?.id;
const open = store.loads.listOpen().map((l) => l.id);
const [own = '', other = ''] = open.filter((id) => id !== anywhere);
const finished = store.loads.latest(200).find((l) => l.finishedAt !== null)?.id ?? '';

describe('which film a page is about', () => {
  test('the address before the device, the device before what is in use anywhere', () => {
    expect(loadInUse(store, asking(`?load=${other}`, own))?.id).toBe(other);
    expect(loadInUse(store, asking('', own))?.id).toBe(own);
    expect(loadInUse(store, asking(''))?.id).toBe(anywhere);
    expect(loadInUseHere(store, asking(`?load=${other}`, own).cookies)?.id).toBe(own);
  });
  test('a film that is gone, or finished on this device, is passed over', () => {
    expect(loadInUse(store, asking('?load=gone', own))?.id).toBe(own);
    expect(loadInUse(store, asking('', 'gone'))?.id).toBe(anywhere);
    expect(finished).not.toBe('');
    expect(loadInUse(store, asking('', finished))?.id).toBe(anywhere);
  });
  test('pages of the log: the film that is asked for, finished or not, else the one in use here', () => {
    expect(filmAsked(store, asking(`?film=${finished}&load=${other}`, own))?.id).toBe(finished);
    expect(filmAsked(store, asking(`?load=${other}`, own))?.id).toBe(other);
    expect(filmAsked(store, asking('', own))?.id).toBe(own);
    expect(filmAskedOrLatest(store, asking('', own))?.id).toBe(own);
  });
  test('where nothing was ever in use: none, or the latest', () => {
    const bare = { ...store, loads: { ...store.loads, inUse: () => null } };
    expect(filmAsked(bare, asking(''))).toBeNull();
    expect(filmAskedOrLatest(bare, asking(''))?.id).toBe(store.loads.latest(1)[0]?.id);
  });
});

test('no page decides that for itself', () => {
  const routes = join(import.meta.dirname, '../../../routes');
  const pages = readdirSync(routes, { recursive: true, encoding: 'utf8' }).filter((f) =>
    f.endsWith('.server.ts')
  );
  expect(pages.length).toBeGreaterThan(10);
  for (const page of pages)
    expect(readFileSync(join(routes, page), 'utf8'), page).not.toContain('loads.inUse()');
});
