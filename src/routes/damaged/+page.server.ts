import { fail, redirect } from '@sveltejs/kit';
import { sayDamage } from '#server/copies/problem.ts';
import { bringBack, store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** What is wrong with the database, and the newest copy that is not. */
export const load: PageServerLoad = () => {
  const { damage, copies } = store();
  if (!damage) redirect(303, '/shoot');
  return { said: sayDamage(damage), copy: copies.newestGood(), folder: copies.folder };
};

export const actions: Actions = {
  /** Puts the newest good copy in its place; the damaged file is kept beside it. */
  default: async () => {
    const { damage, copies } = store();
    const copy = damage ? copies.newestGood() : null;
    if (!copy) return fail(409, { said: `There is no good copy in ${copies.folder}.` });
    try {
      await bringBack(copy);
    } catch (error) {
      return fail(500, { said: error instanceof Error ? error.message : String(error) });
    }
    redirect(303, '/log');
  }
};
