import { redirect } from '@sveltejs/kit';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** Straight to the camera; without one, to the three questions. */
export const load: PageServerLoad = ({ url }) => {
  redirect(307, store().cameras.list().length === 0 ? '/start' : `/shoot${url.search}`);
};
