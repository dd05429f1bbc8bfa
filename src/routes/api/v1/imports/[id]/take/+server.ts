import { json } from '@sveltejs/kit';
import { noCopyMade } from '#server/copies/problem.ts';
import { explainSqlite } from '#server/database/sqlite-words.ts';
import { explainDisk } from '#server/files/disk-words.ts';
import { noImport, problem } from '#server/http/problem.ts';
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
  try {
    const view = await store().imports.take(params.id);
    if (!view) return noImport();
    if (view.state === 'done') store().learner.look();
    return json(view);
  } catch (error) {
    const { databasePath, scansPath } = store().config;
    const words = explainSqlite(error, databasePath) ?? explainDisk(error, scansPath);
    if (words === null) throw error;
    return problem(507, 'not-stored', 'Not stored', words);
  }
};
