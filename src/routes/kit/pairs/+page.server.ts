import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({
  cameras: store()
    .cameras.list()
    .map((c) => c.value),
  kitFilms: store()
    .films.list()
    .map((f) => f.value)
});
