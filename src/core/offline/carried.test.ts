import { describe, expect, test } from 'vitest';
import type { NewFrame } from '../log/frame.ts';
import { cameraWith, filmWith, fixed, marked } from '../error/pairs.test.fixtures.ts';
import { loadWith, newFrameWith } from '../log/frames.test.fixtures.ts';
import { momentAt } from '../sky/moment.ts';
import { after, carriedInUse, carriedPair, carriedPairs, carriedRecent, type Carried } from './carried.ts';
import type { Change, Action } from './change.ts';

const camera = {
  ...cameraWith([marked('aperture', [12, 8]), fixed('time', 'N', 1 / 90)]),
  id: 'box',
  checks: []
};
const film = { ...filmWith(), id: 'film' };
const LOAD = loadWith({ cameraId: 'box', filmId: 'film', framesTotal: 4 });
const CARRIED: Carried = {
  inUse: 'two',
  cameras: [{ camera, revision: 1, stands: null, last: null }],
  films: [{ value: film, revision: 1 }],
  earlier: [],
  things: [],
  outings: [],
  ...{ exercises: [], guesses: [] },
  loads: [
    { ...LOAD, id: 'one' },
    { ...LOAD, id: 'two' }
  ],
  frames: []
};
const frame = (number: number, more: Partial<NewFrame> = {}): NewFrame =>
  newFrameWith({
    ...{
      id: `f${number}`,
      loadId: 'one',
      number,
      conditions: { support: 'standing' },
      choice: { aperture: 1 }
    },
    ...more
  });

let at = 0;
const change = (action: Action): Change => ({
  ...{ key: `k${++at}`, madeAt: momentAt(Date.UTC(2026, 4, 1, 10, at), 'UTC'), action }
});
const log = (n: number): Change => change({ kind: 'log', frame: frame(n) });
const then = (...actions: (Action | Change)[]): Carried =>
  after(
    CARRIED,
    actions.map((d) => ('action' in d ? d : change(d)))
  );

describe('what is carried', () => {
  test('the pair asked for, else the one in use at home, else the first', () => {
    expect(carriedInUse(CARRIED, 'one')?.loadId).toBe('one');
    expect(carriedInUse(CARRIED, 'nowhere')?.loadId).toBe('two');
    expect(carriedInUse({ ...CARRIED, inUse: null }, null)?.loadId).toBe('one');
    expect(carriedInUse({ ...CARRIED, loads: [] }, null)).toBeNull();
    expect(carriedPairs(CARRIED)).toHaveLength(2);
    expect(carriedPair({ ...CARRIED, films: [] }, 'one')).toBeNull();
  });
  test('frames logged away count on the film, move the controls and are remembered by the camera', () => {
    const pair = carriedPair(then(log(1), log(2)), 'one');
    expect(pair).toMatchObject({ framesLeft: 2, nextNumber: 3, present: { aperture: 1 } });
    expect(pair?.lastConditions).toEqual({ support: 'standing' });
  });
  test('what is expected of such a frame is worked out as at home', () => {
    const [logged] = then(log(1)).frames;
    expect(logged?.expected?.pUsable).toBeGreaterThan(0);
    expect(logged?.takenAt.at).toMatch(/^2026-05-01T10:/);
    expect(logged?.set.map((n) => n.mark)).toEqual(['8', 'N']);
  });
  test('the same frame twice is there once; one at a position that is not carried is not', () => {
    const odd = change({ kind: 'log', frame: frame(2, { loadId: 'nowhere' }) });
    expect(then(log(1), log(1), odd).frames).toHaveLength(1);
  });
  test('the camera of a frame is the one it was logged with, though home has another by now', () => {
    const now = cameraWith([marked('aperture', [16, 12, 8]), fixed('time', 'N', 1 / 90)], { id: 'box' });
    const carried: Carried = {
      ...CARRIED,
      cameras: [{ camera: now, revision: 2, stands: null, last: null }],
      earlier: [{ value: camera, revision: 1 }]
    };
    const [logged] = after(carried, [log(1)]).frames;
    expect(logged?.set[0]).toMatchObject({ mark: '8', value: 8 });
    expect(carriedPair(after(carried, [log(1)]), 'one')?.present).toEqual({});
  });
  test('edits, deletions and taking them back', () => {
    const from = { number: 1, note: '' };
    const edited = then(log(1), log(2), {
      kind: 'edit',
      frameId: 'f1',
      from,
      to: { number: 3, note: 'fog' }
    });
    expect(edited.frames.map((f) => [f.number, f.note])).toEqual([
      [2, ''],
      [3, 'fog']
    ]);
    const gone: Action = { kind: 'remove', frameId: 'f1', from };
    expect(then(log(1), gone).frames).toEqual([]);
    expect(then(log(1), gone, { kind: 'restore', frameId: 'f1' }).frames.map((f) => f.id)).toEqual(['f1']);
    expect(then({ kind: 'restore', frameId: 'f9' }).frames).toEqual([]);
  });
  test('dials, reminders, the end of a film and its side', () => {
    const now = then(
      { kind: 'stand', cameraId: 'box', cameraRevision: 1, from: {}, to: { aperture: 0 } },
      { kind: 'checks', cameraId: 'box', from: [], to: ['cock it'] },
      { kind: 'side', loadId: 'one', side: 2 },
      { kind: 'finish', loadId: 'two', finished: true },
      { kind: 'settings', from: {}, edit: { scheme: 'dark' } }
    );
    expect(carriedPair(now, 'one')).toMatchObject({ present: { aperture: 0 }, side: 2, finished: false });
    expect(carriedPair(now, 'one')?.camera.checks).toEqual(['cock it']);
    expect(carriedPair(now, 'two')?.finished).toBe(true);
    expect(
      carriedPair(after(now, [change({ kind: 'finish', loadId: 'two', finished: false })]), 'two')?.finished
    ).toBe(false);
  });
  test('the latest frames, newest first, with the names of their films', () => {
    const recent = carriedRecent(then(log(1), log(2)));
    expect(recent.map((r) => [r.frame.number, r.filmName])).toEqual([
      [2, film.name],
      [1, film.name]
    ]);
  });
});
