import { json } from '@sveltejs/kit';
import { noImport } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Moves the frames of a CSV that was taken to the trash, all or none, and takes back the development that came with them. */
export const POST: RequestHandler = ({ params }) => {
  const s = store();
  const taken = s.imports.taken(params.id);
  if (!taken) return noImport();
  s.together(() => {
    for (const id of taken.frameIds) s.logbook.remove(id);
    if (taken.developed !== null) s.loadChanges.change(taken.developed, { development: null });
  });
  return json({ removed: taken.frameIds.length });
};
