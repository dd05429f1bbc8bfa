import { json } from '@sveltejs/kit';
import { sentFrom, syncSchema } from '#schema/sync/change.ts';
import { SYNC_FORM } from '#schema/sync/limits.ts';
import { readBody } from '#server/http/json-body.ts';
import { otherForm } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Does what a phone did while it was away, each change once. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, syncSchema, otherForm(SYNC_FORM));
  if (body instanceof Response) return body;
  return json({ outcomes: store().changes.take(sentFrom(body)) });
};
