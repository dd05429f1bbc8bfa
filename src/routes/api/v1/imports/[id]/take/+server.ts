import { json } from '@sveltejs/kit';
import { noCopyMade } from '#server/copies/problem.ts';
import { noImport } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Everything of an import goes in, or nothing: its state says which, and its faults why. A copy is made first. */
export const POST: RequestHandler = async ({ params }) => {
  if (store().imports.find(params.id)?.state !== 'ready') return noImport();
  try {
    await store().copies.make('before-import');
  } catch (error) {
    return noCopyMade(error);
  }
  const view = await store().imports.take(params.id);
  if (!view) return noImport();
  if (view.state === 'done') store().learner.look();
  return json(view);
};
