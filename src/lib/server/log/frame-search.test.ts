// Looking for frames by everything that can be asked, against a plain walk over all of them; and changing many at once.
import { expect, describe, test } from 'vitest';
import { moment } from '#core/sky/moment.ts';
import { filterFromQuery, NO_FILTER, isFiltering, type FrameFilter } from '#schema/log/frame-filter.ts';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { frameSearch } from './frame-search.ts';
import { frameRepository } from './frames.ts';
import { manyFrames } from './many-frames.ts';

const db = openDatabase(':memory:');
seedDemo(db);
const search = frameSearch(db);
const frames = frameRepository(db);
const all = frames.recent(1000);
const find = (filter: Partial<FrameFilter>, count = 1000) => search.find({ ...NO_FILTER, ...filter }, count);
const lvOf = (f: (typeof all)[number]): number => f.light?.lv ?? NaN;
const ids = (filter: Partial<FrameFilter>) => find(filter).frames.map((f) => f.id);

describe('found', () => {
  test.each([
    ['light', { fromLv: 12, toLv: 13.7 }, (f: (typeof all)[number]) => lvOf(f) >= 12 && lvOf(f) <= 13.7],
    [
      'a day',
      { fromDay: '2026-07-18', toDay: '2026-07-18' },
      (f: (typeof all)[number]) => f.takenAt.at.startsWith('2026-07-18')
    ],
    ['a film', { loadId: 'demo-load-pebble' }, (f: (typeof all)[number]) => f.loadId === 'demo-load-pebble'],
    ['a camera', { cameraId: 'demo-pebble' }, (f: (typeof all)[number]) => f.loadId.includes('pebble')],
    ['a stock', { filmId: 'demo-lantern' }, (f: (typeof all)[number]) => f.loadId.includes('thimble')],
    ['a tag', { tag: 'shade' }, (f: (typeof all)[number]) => f.about.tags.includes('shade')],
    [
      'words anywhere',
      { words: 'ROWERS three' },
      (f: (typeof all)[number]) => /rowers/i.test(f.note) && /three/i.test(f.note)
    ],
    [
      'everything at once',
      { cameraId: 'demo-pebble', fromLv: 13, words: 'light' },
      (f: (typeof all)[number]) =>
        f.loadId.includes('pebble') && lvOf(f) >= 13 && /light/i.test(f.note + f.about.subject)
    ]
  ])('by %s: just what a walk over all finds, newest first', (_name, filter, fits) => {
    const wanted = all.filter(fits).map((f) => f.id);
    expect(wanted.length).toBeGreaterThan(0);
    expect(ids(filter)).toEqual(wanted);
  });

  test('by how they came out', () => {
    const judged = ['dark', 'right', 'light'].flatMap((verdict) => ids({ verdict: verdict as 'dark' }));
    expect(new Set(judged).size).toBe(20);
    expect(new Set(ids({ verdict: 'judged' }))).toEqual(new Set(judged));
    expect(ids({ verdict: 'unjudged' })).toHaveLength(all.length - 20);
    expect(ids({ verdict: 'faulty' })).toHaveLength(4);
  });

  test('page after page, each frame once', () => {
    const seen: string[] = [];
    let after: FrameFilter['after'] = null;
    for (;;) {
      const page = find({ after }, 7);
      seen.push(...page.frames.map((f) => f.id));
      const last = page.frames.at(-1);
      if (!page.more || !last) break;
      after = { takenAt: last.takenAt.at, id: last.id };
    }
    expect(seen).toEqual(all.map((f) => f.id));
  });
});

describe('many at once', () => {
  const many = manyFrames(db, () => moment('2026-10-01T00:00:00Z', 'UTC'));
  const edit = { act: 'describe' as const, addTags: [], removeTags: [], subject: null };
  const two = ['demo-load-pebble-1', 'demo-load-pebble-2'];
  const revisions = (): number[] => two.map((id) => frames.find(id)?.revision ?? 0);

  test('tags are added and taken off, the subject stays where none is given, and search knows it', () => {
    expect(many.change({ ...edit, ids: two, revisions: revisions(), addTags: ['Café', 'new'] })).toEqual({
      ok: true,
      changed: 2
    });
    expect(ids({ words: 'cafe' }).sort()).toEqual(two);
    many.change({ ...edit, ids: two, revisions: revisions(), removeTags: ['Café'], subject: 'Both' });
    expect(two.map((id) => frames.find(id)?.about)).toEqual(
      [1, 2].map(() => ({ subject: 'Both', reason: '', tags: ['new'] }))
    );
  });

  test('one that is not there, and none is changed', () => {
    const before = two.map((id) => frames.find(id));
    expect(
      many.change({ ...edit, act: 'remove', ids: [...two, 'gone'], revisions: [...revisions(), 1] })
    ).toEqual({
      ok: false,
      refusal: { reason: 'no-frame', id: 'gone' }
    });
    expect(two.map((id) => frames.find(id))).toEqual(before);
  });

  test('one that somebody else changed since it was seen, and none is changed', () => {
    const seen = revisions();
    const second = frames.find(two[1] ?? '');
    if (second) frames.change({ ...second, about: { ...second.about, subject: 'theirs' } });
    const before = two.map((id) => frames.find(id));
    expect(many.change({ ...edit, ids: two, revisions: seen, subject: 'mine' })).toEqual({
      ok: false,
      refusal: { reason: 'changed', number: 2 }
    });
    expect(two.map((id) => frames.find(id))).toEqual(before);
  });

  test('to the trash and back', () => {
    many.change({ ...edit, act: 'remove', ids: two, revisions: revisions() });
    expect(ids({ trash: true }).sort()).toEqual(two);
    many.change({ ...edit, act: 'restore', ids: two, revisions: revisions() });
    expect(ids({ trash: true })).toEqual([]);
  });
});

describe('the address', () => {
  test('says what is looked for, and what was not understood', () => {
    const { filter, problems } = filterFromQuery(
      new URLSearchParams('words=a&dark=3,5&bright=x&since=2026-13-01&verdict=good&trash=yes')
    );
    expect(filter).toMatchObject({
      words: 'a',
      fromLv: 3.5,
      toLv: null,
      fromDay: null,
      verdict: null,
      trash: true
    });
    expect(problems).toHaveLength(3);
    expect(isFiltering(filter)).toBe(true);
    expect(isFiltering({ ...NO_FILTER, loadId: 'x' })).toBe(false);
  });
});
