// What can be done to a logged frame from its card.
import { invalidateAll } from '$app/navigation';
import type { Frame } from '#core/log/frame.ts';
import { ok, type Result } from '#core/numeric/result.ts';
import type { SomeFacts } from '#core/offline/change.ts';
import { frameFrom, frameSchema } from '#schema/log/frame.ts';
import { parseWith } from '#schema/reading/parse.ts';
import { changeFrame, removeFrame, restoreFrame, type Refused } from '../api.ts';

/** Why a change was not made, and how the frame is now where somebody else changed it. */
export interface ActProblem {
  readonly words: string;
  readonly theirs: Frame | null;
}

/** Where a card's changes go. */
export interface FrameActs {
  /** @param from the facts that are changed, as they were when the form was opened */
  readonly change: (frame: Frame, from: SomeFacts, to: SomeFacts) => Promise<Result<null, ActProblem>>;
  readonly remove: (frame: Frame) => Promise<Result<null, ActProblem>>;
  readonly restore: (frame: Frame) => Promise<Result<null, ActProblem>>;
  /** After each of them: fetches what is true now. */
  readonly changed: () => Promise<void>;
}

function problemOf({ words, theirs }: Refused): ActProblem {
  const read = parseWith(frameSchema, theirs);
  return { words, theirs: read.ok ? frameFrom(read.value) : null };
}

async function done(sent: Promise<Result<null, Refused>>): Promise<Result<null, ActProblem>> {
  const result = await sent;
  return result.ok ? ok(null) : { ok: false, error: problemOf(result.error) };
}

/** At the server: straight into the log, on the revision that was seen. */
export const homeActs: FrameActs = {
  change: ({ id, revision }, _from, to) => done(changeFrame(id, to, revision)),
  remove: ({ id, revision }) => done(removeFrame(id, revision)),
  restore: async ({ id }) => {
    const restored = await restoreFrame(id);
    return restored.ok ? restored : { ok: false, error: { words: restored.error, theirs: null } };
  },
  changed: invalidateAll
};
