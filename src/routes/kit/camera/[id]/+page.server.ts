import { error, fail, redirect } from '@sveltejs/kit';
import { filledSheet } from '#schema/sheet/entry.ts';
import { readSheet } from '#schema/sheet/sheet-read.ts';
import { sheetFrom } from '#schema/sheet/sheet-write.ts';
import { textsOf } from '#server/http/form.ts';
import { store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** The sheet of one camera. */
export const load: PageServerLoad = ({ params }) => {
  const stored = store().cameras.find(params.id);
  if (!stored) error(404, 'That camera is not in the kit.');
  return { camera: stored.camera, start: sheetFrom(stored.camera) };
};

export const actions: Actions = {
  default: async ({ request, params }) => {
    const before = store().cameras.find(params.id);
    if (!before) error(404, 'That camera is not in the kit.');
    const texts = textsOf(await request.formData());
    const read = readSheet(filledSheet(texts), params.id, before.camera);
    if (!read.ok) return fail(422, { values: texts, faults: read.error });
    store().cameras.change(read.value);
    redirect(303, '/kit');
  }
};
