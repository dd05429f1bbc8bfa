import { store } from '#server/store.ts';
import type { LayoutServerLoad } from './$types';

/** Whether the address names a film that is not there. */
export const load: LayoutServerLoad = ({ url }) => {
  const film = url.searchParams.get('film');
  return { filmGone: film !== null && store().loads.find(film) === null };
};
