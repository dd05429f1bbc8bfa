import { json } from '@sveltejs/kit';
import { newLoadSchema } from '#schema/kit/load.ts';
import { readBody } from '#server/http/json-body.ts';
import { loadFilm } from '#server/kit/load-film.ts';
import { loadProblem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Which film is, or was, in which camera; the latest first. */
export const GET: RequestHandler = () => json(store().loads.list());

/** Loads a film: 201 with the load. 409 with the reason when it does not go in. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, newLoadSchema);
  if (body instanceof Response) return body;
  const { id, cameraId, filmId, framesTotal, anyway } = body;
  const wanted = { id, cameraId, filmId, framesTotal, anyway: anyway ?? false };
  const outcome = loadFilm(store(), wanted, new Date().toISOString());
  return outcome.ok ? json(outcome.load, { status: 201 }) : loadProblem(outcome.refusal);
};
