import { biasSchema } from '#schema/log/judgement.ts';
import { basedOn, changedMeanwhile, tagged } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { judgedStatesOf } from '#server/learn/judged.ts';
import { takeUpBias } from '#server/learn/learning.ts';
import { problem } from '#server/http/problem.ts';
import { serverNow, store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Takes a bias up: every answer uses it from now on; how it was stays in the history. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  const body = await readBody(request, biasSchema);
  if (body instanceof Response) return body;
  const now = store().cameras.find(params.id);
  if (now && based !== null && based !== now.revision)
    return changedMeanwhile('camera', now.value, now.revision);
  const frames = judgedStatesOf(store(), params.id).length;
  const done = takeUpBias(store(), params.id, { ...body, frames }, serverNow());
  if (!done) return problem(404, 'no-camera', 'No such camera', 'That camera is not in the kit any more.');
  return tagged({ ...body, frames }, store().cameras.find(params.id)?.revision ?? 1);
};
