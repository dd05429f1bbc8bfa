import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({
  cameras: store().cameras.list(),
  kitFilms: store().films.list()
});
