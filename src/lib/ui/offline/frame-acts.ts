// Changing frames through the queue: done on the phone at once, at the server when it answers.
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { Action } from '#core/offline/change.ts';
import type { ActProblem, FrameActs } from '../log/frame-acts.ts';
import { offline } from './offline.svelte.ts';
import { sayConflict } from './say-offline.ts';

async function put(action: Action): Promise<Result<null, ActProblem>> {
  const outcome = await offline.put(action);
  if (outcome.kind !== 'asked') return ok(null);
  return err({ words: `${sayConflict(outcome.conflict, null)} Say above what is right.`, theirs: null });
}

/** What a frame's card does on the phone: the same as at the server, through the queue. */
export const offlineActs: FrameActs = {
  change: ({ id }, from, to) => put({ kind: 'edit', frameId: id, from, to }),
  remove: ({ id, number, note }) => put({ kind: 'remove', frameId: id, from: { number, note } }),
  restore: ({ id }) => put({ kind: 'restore', frameId: id }),
  changed: () => Promise.resolve()
};
