import { json } from '@sveltejs/kit';
import { outingFrom, outingSchema } from '#schema/plan/outing.ts';
import { basedOn, changedMeanwhile, tagged } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { serverNow, store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Days out, the oldest first. */
export const GET: RequestHandler = () => json(store().outings.list());

/** Stores an outing, new or changed: 201. One that is there already is changed only with If-Match. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, outingSchema);
  if (body instanceof Response) return body;
  return store().together(() => {
    const before = store().outings.find(body.id);
    const revision = store().outings.revisionOf(body.id);
    const based = before ? basedOn(request) : null;
    if (based instanceof Response) return based;
    if (based !== null && based !== revision) return changedMeanwhile('outing', before, revision);
    store().outings.put(outingFrom(body), serverNow().at);
    return tagged(body, store().outings.revisionOf(body.id), 201);
  });
};
