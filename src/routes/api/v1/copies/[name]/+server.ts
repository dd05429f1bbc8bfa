import { json } from '@sveltejs/kit';
import { damagedCopy, noCopy } from '#server/copies/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** What would be different with a copy. */
export const GET: RequestHandler = async ({ params }) => {
  const { copies } = store();
  const copy = copies.find(params.name);
  if (!copy) return noCopy();
  try {
    return json(await copies.against(copy));
  } catch (error) {
    return damagedCopy(copy.name, error);
  }
};
