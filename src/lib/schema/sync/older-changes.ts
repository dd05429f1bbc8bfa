// Changes as older versions kept them on phones and in files, brought to the form of today: none is lost with a new version.
import type { Queued } from '#core/offline/queue.ts';
import { parseWith } from '../reading/parse.ts';
import { queuedFrom, queuedItemSchema } from './change.ts';

type Json = Readonly<Record<string, unknown>>;

const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null;
/** Conflicts that tell nothing but their reason. */
const BARE = ['deleted', 'no-frame', 'gone', 'no-such-position'] as const;

/** Form 1 knew neither zones nor revisions: the clocks are the phone's, and 0 stands for "as it was then". */
function fromFormOne(item: Json, zone: string): unknown {
  const { change, conflict } = item;
  if (!isObject(change) || !isObject(change['deed'])) return item;
  const { key, madeAt: at, deed } = change;
  const madeAt = { at, zone };
  const more: Json =
    deed['kind'] === 'log' && isObject(deed['frame'])
      ? { frame: { ...deed['frame'], takenAt: madeAt, cameraRevision: 0, filmRevision: 0 } }
      : deed['kind'] === 'stand'
        ? { cameraRevision: 0 }
        : deed['kind'] === 'settings'
          ? { from: {} }
          : {};
  const upgraded = { key, madeAt, action: { ...deed, ...more } };
  if (item['state'] !== 'left') return { state: 'waiting', change: upgraded, settled: [] };
  const reason = isObject(conflict) ? conflict['reason'] : undefined;
  return {
    ...{ state: 'left', change: upgraded },
    conflict: { reason: BARE.find((name) => name === reason) ?? 'gone' }
  };
}

/**
 * Reads a change of a phone's queue, of whichever form.
 * @param zone the phone's clocks, for forms that did not keep them
 * @returns null when it cannot be read
 */
export function readQueued(item: unknown, zone: string): Queued | null {
  const read = parseWith(queuedItemSchema, { item: isObject(item) ? fromFormOne(item, zone) : item });
  return read.ok ? queuedFrom(read.value.item) : null;
}
