import { fail, redirect } from '@sveltejs/kit';
import { readThing, TYPICAL_THING } from '#schema/sheet/thing-entry.ts';
import { textsOf } from '#server/http/form.ts';
import { store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** A new thing; `kind=` chooses what it starts as. */
export const load: PageServerLoad = ({ url }) => ({
  start: { ...TYPICAL_THING, kind: url.searchParams.get('kind') ?? 'filter' }
});

export const actions: Actions = {
  default: async ({ request }) => {
    const texts = textsOf(await request.formData());
    const read = readThing({ ...TYPICAL_THING, ...texts }, crypto.randomUUID());
    if (!read.ok) return fail(422, { values: texts, faults: read.error });
    store().things.put(read.value, new Date().toISOString());
    redirect(303, '/kit#bag');
  }
};
