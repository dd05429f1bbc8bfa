import { error, fail, redirect } from '@sveltejs/kit';
import { offSheet, same } from '#schema/sheet/untouched.ts';
import { readFilm, textsFromFilm } from '#schema/sheet/film-entry.ts';
import { revisionOf, textsOf, textsNamed } from '#server/http/form.ts';
import { serverNow, store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** The texts of one film. */
export const load: PageServerLoad = ({ params }) => {
  const stored = store().films.find(params.id);
  if (!stored) error(404, 'That film is not in the kit.');
  const { value: film, revision } = stored;
  return { name: film.name, revision, start: { texts: textsFromFilm(film), formats: film.formats } };
};

export const actions: Actions = {
  default: async ({ request, params }) => {
    const form = await request.formData();
    const [values, formats] = [textsOf(form), textsNamed(form, 'formats')];
    const s = store();
    const failed = s.together(() => {
      const before = s.films.find(params.id);
      if (!before) error(404, 'That film is not in the kit.');
      const { revision } = before;
      const read = readFilm(values, formats, params.id);
      if (!read.ok)
        return fail(422, { values, formats, faults: read.error, theirs: null, mine: null, revision });
      if (revisionOf(values) !== revision)
        return fail(409, {
          ...{ values, formats, faults: [], revision },
          ...{ theirs: textsFromFilm(before.value), mine: textsFromFilm(read.value) }
        });
      // a form that says the same is no revision
      const now = { ...read.value, ...offSheet(before.value, read.value) };
      if (!same(now, before.value)) s.films.change(now, serverNow());
      return null;
    });
    // outside: a redirect thrown in the transaction would undo it
    if (failed) return failed;
    redirect(303, '/kit');
  }
};
