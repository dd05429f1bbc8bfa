import { json } from '@sveltejs/kit';
import { noImport } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Everything of an import goes in, or nothing. */
export const POST: RequestHandler = ({ params }) => {
  if (!store().imports.take(params.id)) return noImport();
  store().learner.look();
  return json(store().imports.find(params.id));
};
