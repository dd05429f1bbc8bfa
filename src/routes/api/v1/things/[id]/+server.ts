import { tagged } from '#server/http/precondition.ts';
import { json } from '@sveltejs/kit';
import { notInKit } from '#server/api/kit.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** One thing. */
export const GET: RequestHandler = ({ params }) => {
  const thing = store().things.find(params.id);
  return thing ? tagged(thing, store().things.revisionOf(params.id)) : notInKit('thing', params.id);
};

/** Puts a thing in the trash. */
export const DELETE: RequestHandler = ({ params }) => {
  const thing = store().things.find(params.id);
  if (!thing) return notInKit('thing', params.id);
  store().things.remove(params.id, new Date().toISOString());
  return json(thing);
};
