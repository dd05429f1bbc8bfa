import { json } from '@sveltejs/kit';
import { newLoadSchema } from '#schema/kit/load.ts';
import { readBody } from '#server/http/json-body.ts';
import { momentOfBody } from '#schema/reading/moment.ts';
import { tagged } from '#server/http/precondition.ts';
import { loadProblem } from '#server/http/problem.ts';
import { serverNow, store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Which film is, or was, in which camera; the latest first. */
export const GET: RequestHandler = () => json(store().loads.list());

/** Loads a film: 201 with the load. 409 with the reason when it does not go in. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, newLoadSchema);
  if (body instanceof Response) return body;
  const { loadedAt, firstNumber = 1, packFilter, anyway = false, ...names } = body;
  const outcome = store().loading.load({
    ...{ ...names, firstNumber, packFilter, anyway },
    loadedAt: loadedAt ? momentOfBody(loadedAt) : serverNow()
  });
  return outcome.ok ? tagged(outcome.load, outcome.load.revision, 201) : loadProblem(outcome.refusal);
};
