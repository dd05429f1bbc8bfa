import { json } from '@sveltejs/kit';
import { noImport } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Everything of an import goes in, or nothing: its state says which, and its faults why. */
export const POST: RequestHandler = ({ params }) => {
  const view = store().imports.take(params.id);
  if (!view) return noImport();
  if (view.state === 'done') store().learner.look();
  return json(view);
};
