// The ways to know the light, for other programs: a question comes in, an answer goes out, nothing is stored.
import { jsonAnswer } from '../http/json-answer.ts';
import type { Schema } from 'yup';
import type { Result } from '#core/numeric/result.ts';
import type { FieldFault } from '#schema/reading/parse.ts';
import { readBody } from '../http/json-body.ts';
import { badFields } from '../http/problem.ts';

/** Answers a JSON body of a schema, or says which fields are wrong. */
export async function answerLight<T>(
  request: Request,
  schema: Schema<T>,
  answerFor: (body: T) => Result<unknown, readonly FieldFault[]>
): Promise<Response> {
  const body = await readBody(request, schema);
  if (body instanceof Response) return body;
  const found = answerFor(body);
  return found.ok ? jsonAnswer(found.value) : badFields(found.error);
}
