import { json } from '@sveltejs/kit';
import { noOuting } from '#server/api/plan.ts';
import { tagged } from '#server/http/precondition.ts';
import { serverNow, store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** One outing. */
export const GET: RequestHandler = ({ params }) => {
  const outing = store().outings.find(params.id);
  return outing ? tagged(outing, store().outings.revisionOf(params.id)) : noOuting(params.id);
};

/** Puts an outing in the trash. */
export const DELETE: RequestHandler = ({ params }) => {
  const outing = store().outings.find(params.id);
  if (!outing) return noOuting(params.id);
  store().outings.remove(params.id, serverNow().at);
  return json(outing);
};
