// Reads a JSON body against a schema, or answers why not.
import type { Schema } from 'yup';
import { parseWith } from '#schema/reading/parse.ts';
import { badFields, problem } from './problem.ts';

/** Largest body taken, bytes. */
export const MAX_BODY_BYTES = 256 * 1024;

/**
 * The body as the schema describes it, or the answer to send back.
 * @param before looks at the body before its fields are checked: an answer of its own, or null
 */
export async function readBody<T>(
  request: Request,
  schema: Schema<T>,
  before: (value: unknown) => Response | null = () => null
): Promise<T | Response> {
  const type = request.headers.get('content-type') ?? '';
  if (!type.startsWith('application/json')) {
    return problem(415, 'not-json', 'Not JSON', 'Send the body as application/json.');
  }
  const text =
    Number(request.headers.get('content-length') ?? 0) > MAX_BODY_BYTES ? null : await request.text();
  if (text === null || text.length > MAX_BODY_BYTES)
    return problem(413, 'too-large', 'Too large', 'A body may have at most 256 kB.');
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return problem(400, 'broken-json', 'Broken JSON', 'The body is not readable as JSON.');
  }
  const answer = before(value);
  if (answer) return answer;
  const parsed = parseWith(schema, value);
  return parsed.ok ? parsed.value : badFields(parsed.error);
}
