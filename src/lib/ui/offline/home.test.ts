import { afterEach, describe, expect, test, vi } from 'vitest';
import { moment } from '#core/sky/moment.ts';
import type { Sent } from '#core/offline/queue.ts';
import { deliver } from './home.ts';

const SENT: readonly Sent[] = [
  {
    settled: [],
    change: {
      key: 'change-1',
      madeAt: moment('2026-05-01T10:00:00.000Z', 'Europe/Oslo'),
      action: { kind: 'restore', frameId: 'f' }
    }
  }
];
const answer = (status: number, body: string) =>
  vi.stubGlobal('fetch', () => Promise.resolve(new Response(body, { status })));
afterEach(() => vi.unstubAllGlobals());

describe('what comes of sending', () => {
  test('an answer for each change', async () => {
    const outcomes = [{ key: 'change-1', outcome: 'done' }];
    answer(200, JSON.stringify({ outcomes }));
    expect(await deliver(SENT)).toEqual({ kind: 'answered', outcomes });
  });
  test.each([
    ['half a response', 200, '{"outcomes":[{"key":"chan'],
    ['a response of another shape', 200, '{"outcomes":[{"key":1}]}'],
    ['a page of somebody else’s network', 200, '<html>Sign in to the guest network</html>']
  ])('%s is none: it is sent again', async (_, status, body) => {
    answer(status, body);
    expect(await deliver(SENT)).toEqual({ kind: 'away' });
  });
  test('no network', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
    expect(await deliver(SENT)).toEqual({ kind: 'away' });
  });
  test('what home says against it is for the person to read', async () => {
    answer(409, JSON.stringify({ detail: 'The server runs a newer version.' }));
    expect(await deliver(SENT)).toEqual({
      ...{ kind: 'refused', signedOut: false },
      words: 'The server runs a newer version.'
    });
    answer(401, JSON.stringify({ detail: 'Sign in again.' }));
    expect(await deliver(SENT)).toMatchObject({ kind: 'refused', signedOut: true });
    answer(500, '{}');
    expect(await deliver(SENT)).toMatchObject({ words: 'The server answered with 500.' });
  });
});
