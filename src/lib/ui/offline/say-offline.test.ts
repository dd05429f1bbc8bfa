import { describe, expect, test } from 'vitest';
import type { Conflict, Action } from '#core/offline/change.ts';
import { sayConflict, sayDeed, sayInsist, sayLeaveOut, sayState } from './say-offline.ts';

const remove: Action = { kind: 'remove', frameId: 'f', from: { number: 3, note: 'fog' } };
const finish: Action = { kind: 'finish', loadId: 'l', finished: false };

describe('the offline in words', () => {
  test.each([
    [{ waiting: 0, asked: 0, sending: false, away: false }, 'All sent'],
    [{ waiting: 0, asked: 0, sending: false, away: true }, 'Away'],
    [{ waiting: 3, asked: 0, sending: false, away: true }, '3 waiting'],
    [{ waiting: 3, asked: 0, sending: true, away: false }, 'Sending 3'],
    [{ waiting: 3, asked: 1, sending: false, away: false }, '1 needs you'],
    [{ waiting: 0, asked: 2, sending: false, away: false }, '2 need you']
  ])('%j: %s', (state, words) => expect(sayState(state)).toBe(words));

  test.each<[Conflict, RegExp, string | null]>([
    [
      { reason: 'edited', theirs: { number: 3, note: '' } },
      /there it is frame 3, no note/,
      'Delete it still'
    ],
    [{ reason: 'deleted' }, /deleted at home/, 'Bring it back with mine'],
    [{ reason: 'no-frame' }, /not in the log/, null],
    [{ reason: 'gone' }, /not in the kit/, null],
    [
      { reason: 'beyond-end', number: 9, framesTotal: 8 },
      /8 frames; there is no frame 9/,
      'Keep mine: the film held more'
    ],
    [{ reason: 'no-such-position' }, /no such position/, 'Log it as the camera stands'],
    [{ reason: 'retired', cameraName: 'Heron' }, /Heron was taken out/, 'Log it all the same'],
    [{ reason: 'checks-changed', theirs: [] }, /none/, 'Keep mine'],
    [{ reason: 'stands-moved', theirs: {} }, /as they were/, 'Keep mine']
  ])('%j', (conflict, words, press) => {
    expect(sayConflict(conflict, null)).toMatch(words);
    expect(sayInsist(remove, conflict)).toBe(press);
  });

  test('what pressing does follows the change', () => {
    const taken = { reason: 'taken', number: 3, theirs: { number: 3, note: '', loggedAt: '' } } as const;
    expect(sayInsist(remove, { ...taken, next: 4 })).toBe('Keep both: mine becomes 4');
    expect(sayInsist({ kind: 'restore', frameId: 'f' }, { ...taken, next: null })).toBeNull();
    expect(sayInsist(finish, { reason: 'finished', filmName: 'x' })).toBeNull();
    expect(sayLeaveOut(remove)).toBe('Keep home’s');
    expect(sayDeed(remove, null)).toBe('Delete frame 3, “fog”');
    expect(sayDeed(finish, null)).toBe('a film is back in the camera');
  });
});
