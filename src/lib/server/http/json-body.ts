// Reads a JSON body against a schema, or answers why not.
import type { Schema } from 'yup';
import { parseWith } from '#schema/reading/parse.ts';
import { badFields, problem } from './problem.ts';

/** How deep a value may lie: what a person notes is flat. */
const DEEPEST = 24;

/** Whether brackets lie deeper in one another than anything of ours, those in texts left out. */
function isTooDeep(text: string): boolean {
  let depth = 0;
  for (let i = 0, inText = false; i < text.length; i++) {
    const c = text.charCodeAt(i);
    if (inText) {
      // a backslash takes the next one along
      if (c === 92) i++;
      else if (c === 34) inText = false;
    } else if (c === 34) inText = true;
    else if (c === 91 || c === 123) {
      if (++depth > DEEPEST) return true;
    } else if (c === 93 || c === 125) depth--;
  }
  return false;
}

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
  // its size was looked at before anything else: bodies.ts
  const text = await request.text();
  if (isTooDeep(text))
    return problem(400, 'too-deep', 'Too deep', `Brackets may lie ${DEEPEST} deep in one another at most.`);
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
