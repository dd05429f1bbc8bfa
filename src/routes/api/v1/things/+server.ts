import { json } from '@sveltejs/kit';
import { thingFrom, thingSchema } from '#schema/kit/thing.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Filters, flashes, meters, supports, lamps and modifiers of the kit. */
export const GET: RequestHandler = () => json(store().things.list());

/** Stores a thing, new or changed: 201. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, thingSchema);
  if (body instanceof Response) return body;
  store().things.put(thingFrom(body), new Date().toISOString());
  return json(body, { status: 201 });
};
