// Changing frames through the offline: done on the phone at once, at home when it answers.
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { Action } from '#core/offline/change.ts';
import type { FrameActs } from '../log/frame-acts.ts';
import { offline } from './offline.svelte.ts';
import { sayConflict } from './say-offline.ts';

async function put(action: Action): Promise<Result<null, string>> {
  const outcome = await offline.put(action);
  if (outcome.kind !== 'asked') return ok(null);
  return err(`${sayConflict(outcome.conflict, null)} Say above what is right.`);
}

/** What a frame's card does on the phone. Light, subject and tags stay as they were: they are changed at home. */
export const offlineActs: FrameActs = {
  whole: false,
  change: ({ id, number, note }, to) =>
    put({
      ...{ kind: 'edit', frameId: id, from: { number, note } },
      to: { number: to.number, note: to.note }
    }),
  remove: ({ id, number, note }) => put({ kind: 'remove', frameId: id, from: { number, note } }),
  restore: ({ id }) => put({ kind: 'restore', frameId: id }),
  changed: () => Promise.resolve()
};
