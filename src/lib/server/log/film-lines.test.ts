// Pages of films.
import { expect, test } from 'vitest';
import { FILMS_ON_PAGE } from '#core/log/film-line.ts';
import { moment } from '#core/sky/moment.ts';
import { seededDatabase } from '../demo/seeded.test.fixtures.ts';
import { repositoriesOf } from '../repositories.ts';
import { filmLines, filmPage } from './film-lines.ts';

const store = repositoriesOf(seededDatabase());
const [any] = store.loads.latest(1);
if (!any) throw new Error('the demonstration has no film');
for (let i = 0; i < 2 * FILMS_ON_PAGE; i++) {
  const at = moment(`2015-01-01T${String(i % 24).padStart(2, '0')}:00:00Z`, 'UTC');
  store.loads.add({ ...any, id: `old-${i}`, loadedAt: at, finishedAt: at });
}

test('every film is on one page, the latest on the first', () => {
  const first = filmPage(store, '1');
  const pages = Array.from({ length: first?.pages ?? 0 }, (_, i) =>
    filmLines(store, null, filmPage(store, String(i + 1))).map((l) => l.loadId)
  );
  expect(pages).toHaveLength(3);
  expect(pages.flat()).toEqual(store.loads.list().map((l) => l.id));
});

test.each([
  [null, null],
  ['0', 1],
  ['all', 1],
  ['99', 3]
])('an address that asks for page %j gets %j', (asked, page) => {
  expect(filmPage(store, asked)?.page ?? null).toBe(page);
});
