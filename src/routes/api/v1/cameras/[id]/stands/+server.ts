import { standsSchema } from '#schema/kit/choice.ts';
import { controlsOf, leaveControls } from '#server/api/kit.ts';
import { basedOn } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Where a camera's controls stand, with the tag that a change names. */
export const GET: RequestHandler = ({ params }) => controlsOf(store(), params.id);

/** Remembers where a camera's controls stand. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  const body = await readBody(request, standsSchema);
  return body instanceof Response ? body : leaveControls(store(), params.id, body, based);
};
