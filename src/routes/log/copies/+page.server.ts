import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** The copies of the database, the newest first, and where they lie. */
export const load: PageServerLoad = () => {
  const { copies } = store();
  return { copies: copies.list(), folder: copies.folder };
};
