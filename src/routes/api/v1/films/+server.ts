import { json } from '@sveltejs/kit';
import { filmSchema } from '#schema/kit/film.ts';
import { addFilm } from '#server/api/kit.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** The films of the kit. */
export const GET: RequestHandler = () =>
  json(
    store()
      .films.list()
      .map((f) => f.value)
  );

/** Stores a new film: 201; 200 when it was there already. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, filmSchema);
  return body instanceof Response ? body : addFilm(store(), body);
};
