import { error, fail, redirect } from '@sveltejs/kit';
import { readThing, textsFromThing, TYPICAL_THING } from '#schema/sheet/thing-entry.ts';
import { textsOf } from '#server/http/form.ts';
import { store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** The texts of one thing. */
export const load: PageServerLoad = ({ params }) => {
  const thing = store().things.find(params.id);
  if (!thing) error(404, 'That is not in the bag.');
  return { start: textsFromThing(thing) };
};

export const actions: Actions = {
  default: async ({ request, params }) => {
    if (!store().things.find(params.id)) error(404, 'That is not in the bag.');
    const texts = textsOf(await request.formData());
    const read = readThing({ ...TYPICAL_THING, ...texts }, params.id);
    if (!read.ok) return fail(422, { values: texts, faults: read.error });
    store().things.put(read.value, new Date().toISOString());
    redirect(303, '/kit#bag');
  }
};
