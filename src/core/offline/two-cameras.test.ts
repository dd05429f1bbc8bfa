// Two cameras, two films, two loads on a phone: what is done to one leaves the other alone.
import { describe, expect, test } from 'vitest';
import { cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { loadWith, newFrameWith, frameWith } from '../log/frames.test.fixtures.ts';
import type { Outing } from '../plan/outing.ts';
import { momentAt } from '../sky/moment.ts';
import { after, cameraOfFrame, carriedCamera, carriedPair, carriedRecent, type Carried } from './carried.ts';
import type { Action, Change } from './change.ts';
import { countsOf, insisted, leftOut, answered, put, takenBack, type Queue } from './queue.ts';

const box = {
  ...cameraWith([fixed('aperture', '11', 11), fixed('time', 'N', 1 / 90)]),
  id: 'box',
  checks: ['cap off']
};
const toy = {
  ...cameraWith([marked('aperture', [12, 8]), fixed('time', 'N', 1 / 90)]),
  id: 'toy',
  checks: []
};
const slow = { ...filmWith({ iso: 50 }), id: 'slow', name: 'Slow' };
const fast = { ...filmWith({ iso: 800 }), id: 'fast', name: 'Fast' };
const stored = (id: string, loadId: string, number: number, minute: number) => ({
  ...frameWith(loadId === 'a' ? box : toy, loadId === 'a' ? slow : fast, { id, loadId, number, choice: {} }),
  takenAt: momentAt(Date.UTC(2026, 4, 1, 9, minute), 'UTC')
});
const CARRIED: Carried = {
  ...{ inUse: 'a', earlier: [], things: [], outings: [], exercises: [], guesses: [] },
  cameras: [
    { camera: box, revision: 3, stands: null, last: null },
    { camera: toy, revision: 1, stands: { aperture: 1 }, last: null }
  ],
  films: [
    { value: slow, revision: 1 },
    { value: fast, revision: 1 }
  ],
  loads: [
    loadWith({ id: 'a', cameraId: 'box', filmId: 'slow' }),
    loadWith({ id: 'b', cameraId: 'toy', filmId: 'fast' })
  ],
  frames: [stored('a1', 'a', 1, 1), stored('b1', 'b', 1, 2), stored('a2', 'a', 2, 3)]
};
let at = 0;
const change = (action: Action, key = `k${++at}`): Change => ({
  ...{ key, madeAt: momentAt(Date.UTC(2026, 4, 1, 10, at), 'UTC'), action }
});
const then = (...actions: readonly Action[]): Carried =>
  after(
    CARRIED,
    actions.map((a) => change(a))
  );

describe('what is looked for is found by its own id', () => {
  test('a pair has its own camera, film and frames', () => {
    const [a, b] = ['a', 'b'].map((id) => carriedPair(CARRIED, id));
    expect([a?.camera.id, a?.film.id, a?.framesLeft]).toEqual(['box', 'slow', 10]);
    expect([b?.camera.id, b?.film.id, b?.framesLeft]).toEqual(['toy', 'fast', 11]);
    expect(b?.present).toEqual({ aperture: 1 });
  });
  test('a camera as it was: of that camera, at that revision', () => {
    const before = { ...box, name: 'before' };
    const carried = {
      ...CARRIED,
      earlier: [
        { value: toy, revision: 2 },
        { value: before, revision: 1 },
        { value: before, revision: 2 }
      ]
    };
    expect(carriedCamera(carried, 'box', 3)).toBe(box);
    expect(carriedCamera(carried, 'box', 2)).toBe(before);
    expect(carriedCamera(carried, 'toy', 1)).toBe(toy);
    expect(carriedCamera(carried, 'toy', 3)).toBeNull();
    expect(carriedCamera(carried, 'box', 4)).toBeNull();
    expect(cameraOfFrame(CARRIED, { loadId: 'b', cameraRevision: 1 })).toBe(toy);
    expect(cameraOfFrame(CARRIED, { loadId: 'nowhere', cameraRevision: 1 })).toBeNull();
  });
  test('the latest frames come first, each with its own film', () =>
    expect(carriedRecent(CARRIED).map((r) => [r.frame.id, r.filmName])).toEqual([
      ['a2', 'Slow'],
      ['b1', 'Fast'],
      ['a1', 'Slow']
    ]));
});

describe('a change reaches what it is about, and nothing else', () => {
  const frame = (more: object = {}) =>
    newFrameWith({ id: 'b2', loadId: 'b', number: 2, choice: { aperture: 0 }, cameraRevision: 1, ...more });
  test('a frame moves the controls of its own camera, told by its own film', () => {
    const now = then({ kind: 'log', frame: frame() });
    expect(now.cameras[0]).toBe(CARRIED.cameras[0]);
    expect(now.cameras[1]).toMatchObject({
      stands: { aperture: 0 },
      last: { choice: { aperture: 0, time: 0 } }
    });
    const [slower, faster] = ['slow', 'fast'].map((filmId) => {
      const loads = CARRIED.loads.map((l) => (l.id === 'b' ? { ...l, filmId } : l));
      const [logged] = after({ ...CARRIED, loads }, [change({ kind: 'log', frame: frame() })]).frames.slice(
        -1
      );
      return logged?.expected?.deltaStops ?? NaN;
    });
    expect((faster ?? 0) - (slower ?? 0)).toBeCloseTo(4, 6);
  });
  test('a frame logged with an earlier camera leaves the controls where they are', () => {
    const earlier = [{ value: toy, revision: 0 }];
    const now = after({ ...CARRIED, earlier }, [
      change({ kind: 'log', frame: frame({ cameraRevision: 0 }) })
    ]);
    expect(now.cameras[1]?.stands).toEqual({ aperture: 1 });
  });
  test('a frame is never later than its logging', () => {
    const late = change({ kind: 'log', frame: frame({ takenAt: momentAt(Date.UTC(2030, 0, 1), 'UTC') }) });
    expect(after(CARRIED, [late]).frames.find((f) => f.id === 'b2')?.takenAt).toEqual(late.madeAt);
    const early = momentAt(Date.UTC(2026, 0, 1), 'UTC');
    const told = after(CARRIED, [change({ kind: 'log', frame: frame({ takenAt: early }) })]);
    expect(told.frames.find((f) => f.id === 'b2')?.takenAt).toEqual(early);
  });
  test('an edit and a removal take one frame', () => {
    const edited = then({ kind: 'edit', frameId: 'a2', from: { note: '' }, to: { note: 'fog' } });
    expect(edited.frames.map((f) => [f.id, f.note, f.revision])).toEqual([
      ['a1', '', 1],
      ['b1', '', 1],
      ['a2', 'fog', 2]
    ]);
    const removed = then({ kind: 'remove', frameId: 'a1', from: {} });
    expect(removed.frames.map((f) => f.id)).toEqual(['b1', 'a2']);
  });
  test('reminders are one camera’s, finishing one load’s', () => {
    const now = then(
      { kind: 'checks', cameraId: 'toy', from: [], to: ['wind on'] },
      { kind: 'finish', loadId: 'b', finished: true }
    );
    expect(now.cameras.map((c) => c.camera.checks)).toEqual([['cap off'], ['wind on']]);
    expect(now.loads.map((l) => l.finishedAt === null)).toEqual([true, false]);
  });
  test('an outing is added, changed where it stands, and gone', () => {
    const outing = (id: string, name: string): Outing => ({
      id,
      name,
      date: '2026-05-01',
      sky: 'clear',
      budget: null,
      stops: []
    });
    const put1 = (id: string, to: Outing | null): Action => ({
      kind: 'outing',
      outingId: id,
      from: null,
      to
    });
    const two = then(put1('x', outing('x', 'first')), put1('y', outing('y', 'second')));
    expect(two.outings.map((o) => o.name)).toEqual(['first', 'second']);
    const changed = after(two, [change(put1('x', outing('x', 'renamed')))]);
    expect(changed.outings.map((o) => o.name)).toEqual(['renamed', 'second']);
    expect(after(changed, [change(put1('y', null))]).outings.map((o) => o.id)).toEqual(['x']);
    expect(after(changed, [change(put1('z', null))]).outings).toHaveLength(2);
  });
});

describe('the queue: one thing at a time', () => {
  const edit = (key: string, frameId: string): Change =>
    change({ kind: 'edit', frameId, from: { note: '' }, to: { note: 'fog' } }, key);
  const conflict = { reason: 'gone' } as const;
  const asked: Queue = answered(
    [edit('a', 'f1'), edit('b', 'f2'), edit('c', 'f1'), edit('d', 'f2')].reduce<Queue>(put, []),
    [
      { key: 'a', outcome: 'conflict', conflict },
      { key: 'b', outcome: 'conflict', conflict }
    ]
  );
  const states = (queue: Queue) => queue.map((q) => q.state);
  test('insisting settles one', () => {
    expect(states(insisted(asked, 'a'))).toEqual(['waiting', 'asked', 'waiting', 'waiting']);
    expect(states(insisted(asked, 'nowhere'))).toEqual(states(asked));
    expect(insisted(asked, 'c')).toEqual(asked);
  });
  test('leaving one out takes what followed on it, not what came before or is about another', () => {
    expect(states(leftOut(asked, 'a'))).toEqual(['left', 'asked', 'left', 'waiting']);
    const early = [edit('z', 'f2'), ...asked.map((q) => q.change)].reduce<Queue>(put, []);
    const later = answered(early, [{ key: 'b', outcome: 'conflict', conflict }]);
    expect(states(leftOut(later, 'b'))).toEqual(['waiting', 'waiting', 'left', 'waiting', 'left']);
    expect(leftOut(asked, 'd')).toEqual(asked);
  });
  test('taken back, it waits again with what followed, and the other stays left', () => {
    const both = leftOut(leftOut(asked, 'a'), 'b');
    expect(states(both)).toEqual(['left', 'left', 'left', 'left']);
    expect(states(takenBack(both, 'b'))).toEqual(['left', 'waiting', 'left', 'waiting']);
    expect(states(takenBack(asked, 'a'))).toEqual(states(asked));
    expect(states(takenBack(both, 'nowhere'))).toEqual(states(both));
  });
  test('what is left out is counted neither as waiting nor as asked', () => {
    expect(countsOf(leftOut(asked, 'a'))).toEqual({ waiting: 1, asked: 1 });
    expect(countsOf([])).toEqual({ waiting: 0, asked: 0 });
  });
  test('a change keeps its own time unless the one before is later', () => {
    const [first, second] = [edit('p', 'f1'), edit('q', 'f1')];
    expect([first, second].reduce<Queue>(put, []).map((q) => q.change.madeAt)).toEqual([
      first.madeAt,
      second.madeAt
    ]);
    const turned = [second, first].reduce<Queue>(put, []).map((q) => q.change.madeAt.at);
    expect(turned).toEqual([second.madeAt.at, second.madeAt.at]);
  });
});
