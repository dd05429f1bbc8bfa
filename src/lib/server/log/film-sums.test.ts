// Sums that are kept say what sums worked out afresh would say, whatever happened in between.
import { expect, test } from 'vitest';
import { moment } from '#core/sky/moment.ts';
import { seededDatabase } from '../demo/seeded.test.fixtures.ts';
import { repositoriesOf } from '../repositories.ts';
import { readNumbers, sumFilms } from './read-numbers.ts';

const LOAD = 'demo-load-thimble-summer';
const at = moment('2027-01-03T10:00:00Z', 'UTC');

function world() {
  const db = seededDatabase();
  const store = repositoriesOf(db);
  const frames = store.frames.listByLoad(LOAD);
  const [first, second, third] = frames;
  if (!first || !second || !third) throw new Error('the demonstration has no such film');
  const judged = { on: 'print', judgedAt: at, revision: 1 } as const;
  return { db, store, first, second, third, judged };
}
type World = ReturnType<typeof world>;

/** What happens to a film, one thing after another. */
const HAPPENED: readonly (readonly [string, (w: World) => void])[] = [
  ['nothing', () => undefined],
  [
    'a frame is judged anew',
    ({ store, first, judged }) =>
      store.judgements.put({
        ...{ frameId: first.id, outcome: { kind: 'word', word: 'too-dark' }, faults: ['blur'], ...judged }
      })
  ],
  ['a judgement is taken back', ({ store, second }) => void store.judgements.drop(second.id)],
  [
    'a frame goes to the trash',
    ({ store, third }) => void store.frames.change({ ...third, deletedAt: at.at })
  ],
  ['it comes back', ({ store, third }) => void store.frames.change({ ...third, deletedAt: null })],
  [
    'a frame was taken in another month',
    ({ store, third }) =>
      void store.frames.change({ ...third, deletedAt: null, takenAt: moment('2019-02-28T23:30:00Z', 'UTC') })
  ],
  [
    'the film was pushed',
    ({ store }) => {
      const load = store.loads.find(LOAD);
      if (load)
        store.loads.change({
          ...load,
          development: { developer: '', dilution: '', minutes: null, temperatureC: null, shiftStops: 2 }
        });
    }
  ]
];

test('sums that are kept are those worked out afresh', () => {
  const w = world();
  const said: string[] = [];
  for (const [what, happen] of HAPPENED) {
    happen(w);
    const kept = readNumbers(w.store);
    w.db.exec('delete from film_summed; delete from film_sum');
    expect(kept, what).toEqual(readNumbers(w.store));
    said.push(JSON.stringify(kept));
  }
  // and most of what happened is seen in them
  expect(new Set(said).size).toBeGreaterThan(4);
});

test('a film that did not change is not summed again', () => {
  const { db, store, first, judged } = world();
  sumFilms(store);
  expect(store.numbers.stale(99)).toEqual([]);
  store.judgements.put({ frameId: first.id, outcome: { kind: 'tone', stops: 2 }, faults: [], ...judged });
  expect(store.numbers.stale(99)).toEqual([LOAD]);
  sumFilms(store);
  // another build of the program may see other causes
  store.observations.begin('another build');
  expect(store.numbers.stale(99)).toHaveLength(store.loads.count());
  expect(db.prepare('select count(*) from film_sum').pluck().get()).not.toBe(0);
});
