import { filmSchema } from '#schema/kit/film.ts';
import { changeFilm, removeFilm, tellFilm } from '#server/api/kit.ts';
import { basedOn } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** One film. */
export const GET: RequestHandler = ({ params }) => tellFilm(store(), params.id);

/** Replaces a film's data. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  const body = await readBody(request, filmSchema);
  return body instanceof Response ? body : changeFilm(store(), params.id, body, based);
};

/** Puts a film in the trash; what was shot on it stays. */
export const DELETE: RequestHandler = ({ params }) => removeFilm(store(), params.id);
