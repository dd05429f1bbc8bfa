import { json } from '@sveltejs/kit';
import { frameEditSchema } from '#schema/log/frame.ts';
import { readBody } from '#server/http/json-body.ts';
import { logProblem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Changes a frame's number and note. */
export const PATCH: RequestHandler = async ({ request, params }) => {
  const body = await readBody(request, frameEditSchema);
  if (body instanceof Response) return body;
  const outcome = store().logbook.change(params.id, body);
  return outcome.ok ? json(outcome.frame) : logProblem(outcome.refusal);
};

/** Moves a frame to the trash. */
export const DELETE: RequestHandler = ({ params }) => {
  const outcome = store().logbook.remove(params.id);
  return outcome.ok ? json(outcome.frame) : logProblem(outcome.refusal);
};
