import { existsSync, readdirSync } from 'node:fs';
import { expect, test } from 'vitest';
import { MAIN_PLACES, placeOf, PLACES } from './places.ts';

test('every place has a page, and no two share a path or a key', () => {
  for (const { path } of PLACES)
    expect([path, existsSync(`src/routes${path}/+page.svelte`)]).toEqual([path, true]);
  const keys = PLACES.flatMap((p) => p.key ?? []);
  expect(new Set(keys).size).toBe(keys.length);
  expect(new Set(PLACES.map((p) => p.path)).size).toBe(PLACES.length);
  expect([...keys].sort()).toEqual(['1', '2', '3', '4', '5', '6', '7', '8', '9']);
});

/** Pages before there is anything to go to, or that belong to one thing. */
const NO_PLACES = ['/enter', '/start', '/shell', '/damaged'];

test('every page but those of a single thing is a place', () => {
  const pages = readdirSync('src/routes', { recursive: true, encoding: 'utf8' })
    .filter((f) => f.endsWith('+page.svelte') && !f.includes('['))
    .map((f) => `/${f.replace(/\/?\+page\.svelte$/, '')}`)
    .filter((path) => path !== '/' && !NO_PLACES.includes(path));
  expect(pages.sort()).toEqual(PLACES.map((p) => p.path).sort());
});

test('a page lies in the nearest place', () => {
  expect(placeOf('/kit/pairs')?.name).toBe('Pairs');
  expect(placeOf('/kit/camera/demo-heron')?.name).toBe('Add a camera');
  expect(placeOf('/shooting')).toBeNull();
  expect(MAIN_PLACES.map((p) => p.name)).toEqual(['Shoot', 'Plan', 'Kit', 'Bench', 'Log', 'Learn']);
});
