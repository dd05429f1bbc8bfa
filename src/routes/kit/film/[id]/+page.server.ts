import { error, fail, redirect } from '@sveltejs/kit';
import { readFilm, textsFromFilm } from '#schema/sheet/film-entry.ts';
import { textsOf, textsNamed } from '#server/http/form.ts';
import { store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** The texts of one film. */
export const load: PageServerLoad = ({ params }) => {
  const film = store().films.find(params.id);
  if (!film) error(404, 'That film is not in the kit.');
  return { name: film.name, start: { texts: textsFromFilm(film), formats: film.formats } };
};

export const actions: Actions = {
  default: async ({ request, params }) => {
    if (!store().films.find(params.id)) error(404, 'That film is not in the kit.');
    const form = await request.formData();
    const [texts, formats] = [textsOf(form), textsNamed(form, 'formats')];
    const read = readFilm(texts, formats, params.id);
    if (!read.ok) return fail(422, { values: texts, formats, faults: read.error });
    store().films.change(read.value);
    redirect(303, '/kit');
  }
};
