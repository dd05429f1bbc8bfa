import { standsSchema } from '#schema/kit/choice.ts';
import { leaveControls } from '#server/api/kit.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Remembers where a camera's controls stand. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const body = await readBody(request, standsSchema);
  return body instanceof Response ? body : leaveControls(store(), params.id, body);
};
