import { json } from '@sveltejs/kit';
import { knownFramesSchema } from '#schema/sync/known-frames.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Which of these frames were never stored here: those in the trash are known. A phone asks it that carries more than it is given. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, knownFramesSchema);
  if (body instanceof Response) return body;
  const { frames } = store();
  return json({ unknown: body.ids.filter((id) => frames.find(id) === null) });
};
