import { json } from '@sveltejs/kit';
import { newFrameFrom, newFrameSchema } from '#schema/log/frame.ts';
import { filterFromQuery } from '#schema/log/frame-filter.ts';
import { manyEditSchema } from '#schema/log/many-frames.ts';
import { tagged } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { logProblem, manyProblem, problem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Logs a frame: 201 with the frame, 200 when it had been stored before. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, newFrameSchema);
  if (body instanceof Response) return body;
  const outcome = store().logbook.log(newFrameFrom(body));
  if (!outcome.ok) return logProblem(outcome.refusal);
  return tagged(outcome.frame, outcome.frame.revision, outcome.repeated ? 200 : 201);
};

/** A page of frames, newest first, by the filters of the address. */
export const GET: RequestHandler = async ({ url }) => {
  const { filter, problems } = filterFromQuery(url.searchParams);
  if (problems.length > 0) return problem(422, 'bad-filter', 'Bad filter', problems.join(' '));
  const { frames, judgements, more } = await store().reading.ask('found', filter);
  return json({ frames, judgements, more });
};

/** Changes many frames, or none. */
export const PATCH: RequestHandler = async ({ request }) => {
  const body = await readBody(request, manyEditSchema);
  if (body instanceof Response) return body;
  const outcome = store().manyFrames.change(body);
  return outcome.ok ? json({ changed: outcome.changed }) : manyProblem(outcome.refusal);
};
