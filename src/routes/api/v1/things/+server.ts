import { json } from '@sveltejs/kit';
import { thingFrom, thingSchema } from '#schema/kit/thing.ts';
import { changedMeanwhile, basedOn, tagged } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { serverNow, store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Filters, flashes, meters, supports, lamps and modifiers of the kit. */
export const GET: RequestHandler = () => json(store().things.list());

/** Stores a thing, new or changed: 201. One that is there already is changed only with If-Match. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, thingSchema);
  if (body instanceof Response) return body;
  return store().together(() => {
    const before = store().things.find(body.id);
    const revision = store().things.revisionOf(body.id);
    const based = before ? basedOn(request) : null;
    if (based instanceof Response) return based;
    if (based !== null && based !== revision) return changedMeanwhile('thing', before, revision);
    store().things.put(thingFrom(body), serverNow().at);
    return tagged(body, store().things.revisionOf(body.id), 201);
  });
};
