import 'fake-indexeddb/auto';
import { deleteDB, openDB } from 'idb';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { moment } from '#core/sky/moment.ts';
import type { Change } from '#core/offline/change.ts';
import { put, type Queue } from '#core/offline/queue.ts';
import { memoryStore, openStore, saidOf, type OfflineStore } from './store.ts';

const change = (key: string): Change => ({
  ...{ key, madeAt: moment('2026-05-01T10:00:00.000Z', 'Europe/Oslo') },
  action: { kind: 'restore', frameId: 'frame' }
});
let store: OfflineStore | null = null;
const open = async (): Promise<OfflineStore> => (store = await openStore());
beforeEach(() => deleteDB('just-enough'));
afterEach(() => store?.close());

describe('the store of a phone', () => {
  test('keeps the queue over a closing', async () => {
    const first = await open();
    await first.changeQueue((q) => put(q, change('change-1')));
    first.close();
    const again = await open();
    expect((await again.readQueue()).map((q) => q.change.key)).toEqual(['change-1']);
    expect(await again.readKept()).toBeNull();
  });
  test('two tabs that put something in at once lose neither', async () => {
    const one = await open();
    const two = await openStore();
    await Promise.all(
      [one, two, one, two].map((s, i) => s.changeQueue((q) => put(q, change(`change-${i}`))))
    );
    expect((await one.readQueue()).map((q) => q.change.key).sort()).toEqual([
      'change-0',
      'change-1',
      'change-2',
      'change-3'
    ]);
    two.close();
  });
  test('what another version wrote is put aside, and the rest stays in its order', async () => {
    const first = await open();
    await first.changeQueue((q) => put(put(q, change('change-1')), change('change-2')));
    first.close();
    const raw = await openDB('just-enough');
    const queue = (await raw.get('queue', 'queue')) as Queue;
    const odd = { state: 'someday', what: 'from another time' };
    await raw.put('queue', [queue[0], odd, queue[1]], 'queue');
    raw.close();
    const again = await open();
    expect((await again.readQueue()).map((q) => q.change.key)).toEqual(['change-1', 'change-2']);
    expect(await again.readUnreadable()).toEqual([odd]);
    await again.dropUnreadable();
    expect(await again.readUnreadable()).toEqual([]);
  });
  test('where nothing is kept it lasts as long as the page', async () => {
    const memory = memoryStore();
    await memory.changeQueue((q) => put(q, change('change-1')));
    expect(await memory.readQueue()).toHaveLength(1);
    expect(await memory.readUnreadable()).toEqual([]);
  });
  test('a full phone and a private visit are told apart in words', () => {
    expect(saidOf(new DOMException('full', 'QuotaExceededError'))).toMatch(
      /no room left.*save the queue to a file/
    );
    expect(saidOf(new DOMException('no', 'InvalidStateError'))).toMatch(/keeps nothing/);
  });
});
