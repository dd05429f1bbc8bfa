import { json } from '@sveltejs/kit';
import { loadEditSchema } from '#schema/kit/load.ts';
import { changeLoad, notInKit } from '#server/api/kit.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** One load. */
export const GET: RequestHandler = ({ params }) => {
  const load = store().loads.find(params.id);
  return load ? json(load) : notInKit('load', params.id);
};

/** Finishes a film, takes that back, or turns double-run film over. */
export const PATCH: RequestHandler = async ({ request, params }) => {
  const body = await readBody(request, loadEditSchema);
  if (body instanceof Response) return body;
  const { finished, side } = body;
  return changeLoad(store(), params.id, { finished: finished ?? null, side: side ?? null });
};
