import { fail, redirect } from '@sveltejs/kit';
import { readFilm } from '#schema/sheet/film-entry.ts';
import { textsOf, textsNamed } from '#server/http/form.ts';
import { serverNow, store } from '#server/store.ts';
import type { Actions } from './$types';

export const actions: Actions = {
  default: async ({ request }) => {
    const form = await request.formData();
    const [texts, formats] = [textsOf(form), textsNamed(form, 'formats')];
    const read = readFilm(texts, formats, crypto.randomUUID());
    if (!read.ok) return fail(422, { values: texts, formats, faults: read.error });
    store().films.add(read.value, serverNow());
    redirect(303, '/kit');
  }
};
