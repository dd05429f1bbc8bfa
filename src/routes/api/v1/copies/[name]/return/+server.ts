import { json } from '@sveltejs/kit';
import { damagedCopy, noCopy } from '#server/copies/problem.ts';
import { bringBack, store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Brings a copy back: everything is as it was then. How it is now is copied first. */
export const POST: RequestHandler = async ({ params }) => {
  const copy = store().copies.find(params.name);
  if (!copy) return noCopy();
  try {
    await bringBack(copy);
  } catch (error) {
    return damagedCopy(copy.name, error);
  }
  return json(copy);
};
