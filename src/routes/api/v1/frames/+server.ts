import { json } from '@sveltejs/kit';
import { newFrameFrom, newFrameSchema } from '#schema/frame.ts';
import { readBody } from '#server/json-body.ts';
import { logProblem } from '#server/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Logs a frame: 201 with the frame, 200 when it had been stored before. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, newFrameSchema);
  if (body instanceof Response) return body;
  const outcome = store().logbook.log(newFrameFrom(body));
  if (!outcome.ok) return logProblem(outcome.refusal);
  return json(outcome.frame, { status: outcome.repeated ? 200 : 201 });
};
