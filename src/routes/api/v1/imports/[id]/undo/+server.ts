import { json } from '@sveltejs/kit';
import { noImport } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Moves the frames of a CSV that was taken to the trash, all or none. */
export const POST: RequestHandler = ({ params }) => {
  const ids = store().imports.taken(params.id);
  if (!ids) return noImport();
  store().together(() => {
    for (const id of ids) store().logbook.remove(id);
  });
  return json({ removed: ids.length });
};
