import { describe, expect, test } from 'vitest';
import { moment } from '../sky/moment.ts';
import { subjectOf, type Change, type Conflict, type Action } from './change.ts';
import {
  answered,
  cleared,
  countsOf,
  insisted,
  leftOut,
  nextToSend,
  put,
  takenBack,
  type Queue
} from './queue.ts';

const edit = (frameId: string): Action => ({
  ...{ kind: 'edit', frameId },
  ...{ from: { number: 1, note: '' }, to: { number: 1, note: 'fog' } }
});
const change = (key: string, action: Action = edit(key), at = '2026-05-01T10:00:00.000Z'): Change => ({
  ...{ key, madeAt: moment(at, 'UTC'), action }
});
const queueOf = (...changes: Change[]): Queue => changes.reduce(put, []);
const keysToSend = (queue: Queue, most = 9) => nextToSend(queue, most).map((s) => s.change.key);
const GONE: Conflict = { reason: 'gone' };
const conflict = (key: string) => ({ key, outcome: 'conflict', conflict: GONE }) as const;

describe('the queue', () => {
  test('keeps the order in which changes were made, however the phone’s clock is moved', () => {
    const queue = queueOf(
      change('a', edit('a'), '2026-05-01T10:00:00.000Z'),
      change('b', edit('b'), '2025-01-01T00:00:00.000Z')
    );
    expect(keysToSend(queue)).toEqual(['a', 'b']);
    expect(queue.map((q) => q.change.madeAt.at)).toEqual([
      '2026-05-01T10:00:00.000Z',
      '2026-05-01T10:00:00.000Z'
    ]);
  });
  test('forgets what was done, and asks about what was not; a second answer changes nothing', () => {
    const outcomes = [{ key: 'a', outcome: 'done' } as const, conflict('b')];
    const queue = answered(queueOf(change('a'), change('b'), change('c')), outcomes);
    expect(queue.map((q) => [q.change.key, q.state])).toEqual([
      ['b', 'asked'],
      ['c', 'waiting']
    ]);
    expect(answered(queue, outcomes)).toEqual(queue);
    expect(countsOf(queue)).toEqual({ waiting: 1, asked: 1 });
  });
  test('an answer that comes after a repetition was done at home ends the asking too', () => {
    const queue = answered(queueOf(change('a')), [conflict('a')]);
    expect(answered(queue, [{ key: 'a', outcome: 'done' }])).toEqual([]);
  });
  test('holds back what follows on the same frame, and nothing else', () => {
    const queue = answered(queueOf(change('a'), change('a2', edit('a')), change('b')), [conflict('a')]);
    expect(keysToSend(queue)).toEqual(['b']);
    expect(keysToSend(queue, 0)).toEqual([]);
  });
  test('what is long goes a few at a time, in order, and always one', () => {
    const long = (key: string): Change =>
      change(key, {
        ...{ kind: 'picture', frameId: key },
        picture: { jpeg: `/9j/${'A'.repeat(1000)}`, subjectStops: 0, phone: { offsetStops: 0, slope: 1.4 } }
      });
    const queue = queueOf(long('a'), long('b'), change('c'), long('d'));
    const sent = (chars: number) => nextToSend(queue, 9, chars).map((s) => s.change.key);
    expect(sent(3000)).toEqual(['a', 'b', 'c']);
    expect(sent(1500)).toEqual(['a', 'b', 'c'].slice(0, sent(1500).length));
    expect(sent(10)).toEqual(['a']);
  });
  test('remembers everything the person saw and overrode', () => {
    const asked = answered(queueOf(change('a')), [conflict('a')]);
    const again = insisted(asked, 'a');
    expect(nextToSend(again, 9)).toEqual([{ change: change('a'), settled: [GONE] }]);
    const second: Conflict = { reason: 'deleted' };
    const twice = insisted(answered(again, [{ key: 'a', outcome: 'conflict', conflict: second }]), 'a');
    expect(nextToSend(twice, 9)[0]?.settled).toEqual([GONE, second]);
    expect(insisted(twice, 'a')).toEqual(twice);
  });
  test('what is left out takes along what followed on it, can be taken back, or thrown away', () => {
    const asked = answered(queueOf(change('a'), change('a2', edit('a')), change('b')), [conflict('a')]);
    const left = leftOut(asked, 'a');
    expect(left.map((q) => q.state)).toEqual(['left', 'left', 'waiting']);
    expect(leftOut(left, 'b')).toEqual(left);
    expect(keysToSend(takenBack(left, 'a'))).toEqual(['a', 'a2', 'b']);
    expect(cleared(left).map((q) => q.change.key)).toEqual(['b']);
  });
  test.each<[Action, string]>([
    [{ kind: 'stand', cameraId: 'c', cameraRevision: 1, from: {}, to: {} }, 'stand c'],
    [{ kind: 'checks', cameraId: 'c', from: [], to: [] }, 'checks c'],
    [{ kind: 'side', loadId: 'l', side: 2 }, 'load l'],
    [{ kind: 'finish', loadId: 'l', finished: true }, 'load l'],
    [{ kind: 'settings', from: {}, edit: {} }, 'settings'],
    [{ kind: 'restore', frameId: 'f' }, 'frame f']
  ])('%j is about %s', (action, subject) => expect(subjectOf(action)).toBe(subject));
});
