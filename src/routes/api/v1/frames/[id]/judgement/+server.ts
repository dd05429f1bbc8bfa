import { json } from '@sveltejs/kit';
import { judgementSchema } from '#schema/log/judgement.ts';
import { readBody } from '#server/http/json-body.ts';
import { logProblem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Says how a frame came out; what was said before is replaced. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const body = await readBody(request, judgementSchema);
  if (body instanceof Response) return body;
  const frame = store().frames.find(params.id);
  if (!frame || frame.deletedAt !== null) return logProblem({ reason: 'no-frame' });
  const judgement = { ...body, frameId: frame.id, judgedAt: new Date().toISOString() };
  store().judgements.put(judgement);
  return json(judgement);
};

/** Takes a judgement back. */
export const DELETE: RequestHandler = ({ params }) => {
  const judgement = store().judgements.find(params.id);
  if (!judgement) return logProblem({ reason: 'no-frame' });
  store().judgements.drop(params.id);
  return json(judgement);
};
