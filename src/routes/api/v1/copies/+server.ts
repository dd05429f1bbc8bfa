import { json } from '@sveltejs/kit';
import { noCopyMade } from '#server/copies/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** The copies of the database, the newest first. */
export const GET: RequestHandler = () => json(store().copies.list());

/** Makes one now. */
export const POST: RequestHandler = async () => {
  try {
    return json(await store().copies.make('asked'), { status: 201 });
  } catch (error) {
    return noCopyMade(error);
  }
};
