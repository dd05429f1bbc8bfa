// The queue as a file: out of a phone that cannot reach the server, and into any other browser that can. Changes keep their keys, so
// that a file taken in twice, or after the phone came back to the server after all, does nothing twice.
import { array, mixed, number, object, string } from 'yup';
import type { Queue } from '#core/offline/queue.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { zoneHere } from '#core/sky/zone.ts';
import { SYNC_FORM } from '#schema/sync/limits.ts';
import { readQueued } from '#schema/sync/older-changes.ts';
import { parseWith } from '#schema/reading/parse.ts';

const PROGRAM = 'Just Enough';
const fileSchema = object({
  program: string().oneOf([PROGRAM]).required(),
  form: number().integer().required(),
  savedAt: string().required(),
  queue: array(mixed().required()).required()
}).required();

/** The text of the file. @param unreadable what an older version left, as it is @param savedAt UTC ISO 8601 */
export function queueText(queue: Queue, unreadable: readonly unknown[], savedAt: string): string {
  return JSON.stringify({ program: PROGRAM, form: SYNC_FORM, savedAt, queue, unreadable }, null, 2);
}

/** Reads a file. @returns the changes, or why not in words */
export function queueFromText(text: string): Result<Queue, string> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return err(
      'This file is no queue of Just Enough: it cannot be read as JSON. Choose one that “Save to a file” made.'
    );
  }
  const file = parseWith(fileSchema, value);
  if (!file.ok) return err('This file is no queue of Just Enough. Choose one that “Save to a file” made.');
  if (file.value.form > SYNC_FORM)
    return err(
      'This file is from a newer version. Take the new version up here, then take the file in again.'
    );
  const read = file.value.queue.map((item) => readQueued(item, zoneHere()));
  const odd = read.indexOf(null);
  if (odd >= 0) return err(`Change ${odd + 1} in this file cannot be read. Nothing was taken in.`);
  return ok(read.flatMap((r) => r ?? []));
}
