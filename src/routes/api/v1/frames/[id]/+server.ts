import { factsFrom, frameEditSchema } from '#schema/log/frame.ts';
import { basedOn, tagged } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { logProblem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** One frame, those in the trash too. */
export const GET: RequestHandler = ({ params }) => {
  const frame = store().frames.find(params.id);
  return frame ? tagged(frame, frame.revision) : logProblem({ reason: 'no-frame' });
};

/** Changes facts of a frame: what the body does not name stays. */
export const PATCH: RequestHandler = async ({ request, params }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  const body = await readBody(request, frameEditSchema);
  if (body instanceof Response) return body;
  const outcome = store().logbook.change(params.id, factsFrom(body), based);
  return outcome.ok ? tagged(outcome.frame, outcome.frame.revision) : logProblem(outcome.refusal);
};

/** Moves a frame to the trash. */
export const DELETE: RequestHandler = ({ request, params }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  const outcome = store().logbook.remove(params.id, based);
  return outcome.ok ? tagged(outcome.frame, outcome.frame.revision) : logProblem(outcome.refusal);
};
