// Where the phone keeps its queue and what it carries: IndexedDB. Everything is read and written whole, in one transaction,
// so that two tabs cannot lose each other's changes.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Moment } from '#core/sky/moment.ts';
import type { Queue } from '#core/offline/queue.ts';
import { zoneHere } from '#core/sky/zone.ts';
import type { OfflineKit } from '#schema/sync/carried.ts';

const NAME = 'just-enough';
const VERSION = 4;

/** What is carried, with the tag it had on the server. */
export interface Kept {
  readonly offlineKit: OfflineKit;
  readonly tag: string;
  /** When it was fetched, by the phone's clock. */
  readonly keptAt: Moment;
}

/** Changes that this version cannot read: kept as they are, to be saved to a file. */
export type Unreadable = readonly unknown[];

interface Shape extends DBSchema {
  queue: { key: 'queue'; value: Queue };
  kept: { key: 'kept'; value: Kept };
  unreadable: { key: 'unreadable'; value: Unreadable };
}

/** A phone's store. Writing may be refused: {@link saidOf} has the words. */
export interface OfflineStore {
  readonly readQueue: () => Promise<Queue>;
  /** Changes the queue in one transaction. @returns the queue then */
  readonly changeQueue: (to: (queue: Queue) => Queue) => Promise<Queue>;
  readonly readKept: () => Promise<Kept | null>;
  readonly keep: (kept: Kept) => Promise<void>;
  readonly readUnreadable: () => Promise<Unreadable>;
  readonly dropUnreadable: () => Promise<void>;
  readonly close: () => void;
}

/** Opens the store. @throws {DOMException} where the browser keeps nothing, as on some private visits */
export async function openStore(): Promise<OfflineStore> {
  const db = await openDB<Shape>(NAME, VERSION, {
    upgrade: (fresh) => {
      for (const name of ['queue', 'unreadable'] as const)
        if (!fresh.objectStoreNames.contains(name)) fresh.createObjectStore(name);
      // what an older version carried is fetched anew in the form of today
      if (fresh.objectStoreNames.contains('kept')) fresh.deleteObjectStore('kept');
      fresh.createObjectStore('kept');
    }
  });
  await setAside(db);
  return {
    readQueue: async () => (await db.get('queue', 'queue')) ?? [],
    changeQueue: async (to) => {
      const work = db.transaction('queue', 'readwrite');
      const queue = to((await work.store.get('queue')) ?? []);
      await work.store.put(queue, 'queue');
      await work.done;
      return queue;
    },
    readKept: async () => (await db.get('kept', 'kept')) ?? null,
    keep: async (kept) => {
      await db.put('kept', kept, 'kept');
    },
    readUnreadable: async () => (await db.get('unreadable', 'unreadable')) ?? [],
    dropUnreadable: () => db.delete('unreadable', 'unreadable'),
    close: () => db.close()
  };
}

/** A store for where nothing is kept: it lasts as long as the page. */
export function memoryStore(): OfflineStore {
  let queue: Queue = [];
  let kept: Kept | null = null;
  return {
    readQueue: () => Promise.resolve(queue),
    changeQueue: (to) => Promise.resolve((queue = to(queue))),
    readKept: () => Promise.resolve(kept),
    keep: (next) => {
      kept = next;
      return Promise.resolve();
    },
    readUnreadable: () => Promise.resolve([]),
    dropUnreadable: () => Promise.resolve(),
    close: () => undefined
  };
}

/** Puts aside what another version wrote and this one cannot read, so that the rest can go to the server. */
async function setAside(db: IDBPDatabase<Shape>): Promise<void> {
  const waiting: unknown = await db.get('queue', 'queue');
  // mostly nothing waits, and nothing is to be fetched to read it
  if (waiting === undefined || (Array.isArray(waiting) && waiting.length === 0)) return;
  const reader = await import('#schema/sync/older-changes.ts').catch(() => null);
  // it cannot be had just now: the queue stays as it is, to be looked at with the next page
  if (!reader) return;
  const work = db.transaction(['queue', 'unreadable'], 'readwrite');
  const stored: unknown = await work.objectStore('queue').get('queue');
  const items: readonly unknown[] = Array.isArray(stored) ? stored : stored === undefined ? [] : [stored];
  const read = items.map((item) => reader.readQueued(item, zoneHere()));
  const odd = items.filter((_, i) => read[i] === null);
  if (odd.length > 0) {
    const before = (await work.objectStore('unreadable').get('unreadable')) ?? [];
    await work.objectStore('unreadable').put([...before, ...odd], 'unreadable');
  }
  if (items.length > 0)
    await work.objectStore('queue').put(
      read.flatMap((r) => r ?? []),
      'queue'
    );
  await work.done;
}

/** Why the store refused, in words. */
export function saidOf(error: unknown): string {
  const full = error instanceof DOMException && error.name === 'QuotaExceededError';
  return full
    ? 'This phone has no room left for the queue. Free some room, or save the queue to a file under “Offline”; until then a frame is kept only while this page stays open.'
    : 'This browser keeps nothing (a private visit, perhaps): what is not sent yet is lost when the page is closed. Save it to a file under “Offline” before.';
}
