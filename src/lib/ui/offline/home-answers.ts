// What the server answers a phone, looked at before it counts. Fetched with the first answer: the shapes of all that can be asked
// about weigh more than the rest.
import type { Outcome } from '#core/offline/change.ts';
import { parseWith } from '#schema/reading/parse.ts';
import { outcomesFrom, syncAnswerSchema } from '#schema/sync/change.ts';
import { unknownFramesSchema } from '#schema/sync/known-frames.ts';

/** What came of changes; null = half an answer, which is none. */
export function outcomesOf(body: unknown): readonly Outcome[] | null {
  const read = parseWith(syncAnswerSchema, body);
  return read.ok ? outcomesFrom(read.value) : null;
}

/** The frames that the server does not know; null = that was no answer. */
export function unknownOf(body: unknown): readonly string[] | null {
  const read = parseWith(unknownFramesSchema, body);
  return read.ok ? read.value.unknown : null;
}
