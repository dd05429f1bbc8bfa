import { describe, expect, test } from 'vitest';
import { NOON } from '#core/log/frames.test.fixtures.ts';
import type { Conflict, Action } from '#core/offline/change.ts';
import { sayConflict, sayAction, sayInsist, sayLeaveOut } from './say-offline.ts';
import { sayState } from './say-state.ts';

const remove: Action = { kind: 'remove', frameId: 'f', from: { number: 3, note: 'fog' } };
const finish: Action = { kind: 'finish', loadId: 'l', finished: false };

describe('the queue in words', () => {
  test.each([
    [{ waiting: 0, asked: 0, sending: false, away: false }, 'All sent'],
    [{ waiting: 0, asked: 0, sending: false, away: true }, 'Away'],
    [{ waiting: 3, asked: 0, sending: false, away: true }, '3 waiting'],
    [{ waiting: 3, asked: 0, sending: true, away: false }, 'Sending 3'],
    [{ waiting: 3, asked: 1, sending: false, away: false }, '1 needs you'],
    [{ waiting: 0, asked: 2, sending: false, away: false }, '2 need you']
  ])('%j: %s', (state, words) => expect(sayState(state)).toBe(words));

  test.each<[Conflict, RegExp, string | null]>([
    [{ reason: 'edited', theirs: { number: 3, note: '' } }, /There: frame 3, note none/, 'Delete it still'],
    [{ reason: 'deleted' }, /deleted on the server/, 'Bring it back with mine'],
    [{ reason: 'no-frame' }, /not in the log/, null],
    [{ reason: 'gone' }, /not in the kit/, null],
    [{ reason: 'before-load', loadedAt: NOON }, /loaded on 1 May 2026, 12:00 Oslo/, null],
    [{ reason: 'settings-changed', theirs: { leastChance: 0.4 } }, /the chance to stop at/, 'Keep mine'],
    [{ reason: 'no-such-position' }, /no such position/, 'Log it as the camera stands'],
    [{ reason: 'retired', cameraName: 'Heron' }, /Heron was removed/, 'Log it all the same'],
    [{ reason: 'checks-changed', theirs: [] }, /none/, 'Keep mine'],
    [{ reason: 'stands-moved', theirs: {} }, /as they were/, 'Keep mine']
  ])('%j', (conflict, words, press) => {
    expect(sayConflict(conflict, null)).toMatch(words);
    expect(sayInsist(remove, conflict)).toBe(press);
  });

  test('what pressing does follows the change', () => {
    const taken = { reason: 'taken', number: 3, theirs: { number: 3, note: '', takenAt: NOON } } as const;
    expect(sayInsist(remove, { ...taken, next: 4 })).toBe('Keep both: mine becomes 4');
    expect(sayInsist({ kind: 'restore', frameId: 'f' }, { ...taken, next: null })).toBeNull();
    expect(sayInsist(finish, { reason: 'finished', filmName: 'x' })).toBeNull();
    expect(sayLeaveOut(remove)).toBe('Keep the server’s');
    expect(sayAction(remove, null)).toBe('Delete frame 3, note “fog”');
    expect(sayAction(finish, null)).toBe('a film is back in the camera');
  });
});
