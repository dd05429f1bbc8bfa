import { json } from '@sveltejs/kit';
import { biasSchema } from '#schema/log/judgement.ts';
import { readBody } from '#server/http/json-body.ts';
import { judgedFramesOf, takeUpBias } from '#server/learn/learning.ts';
import { problem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Takes a bias up: every answer uses it from now on; how it was stays in the history. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const body = await readBody(request, biasSchema);
  if (body instanceof Response) return body;
  const frames = judgedFramesOf(store(), params.id).length;
  const done = takeUpBias(store(), params.id, { ...body, frames }, new Date().toISOString());
  if (!done) return problem(404, 'no-camera', 'No such camera', 'That camera is not in the kit any more.');
  return json({ ...body, frames });
};
