import { error, fail, redirect } from '@sveltejs/kit';
import { readThing, textsFromThing, TYPICAL_THING } from '#schema/sheet/thing-entry.ts';
import { revisionOf, textsOf } from '#server/http/form.ts';
import { serverNow, store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** The texts of one thing. */
export const load: PageServerLoad = ({ params }) => {
  const thing = store().things.find(params.id);
  if (!thing) error(404, 'That is not in the bag.');
  return { start: textsFromThing(thing), revision: store().things.revisionOf(params.id) };
};

export const actions: Actions = {
  default: async ({ request, params }) => {
    const texts = textsOf(await request.formData());
    const s = store();
    const failed = s.together(() => {
      const before = s.things.find(params.id);
      if (!before) error(404, 'That is not in the bag.');
      const revision = s.things.revisionOf(params.id);
      const read = readThing({ ...TYPICAL_THING, ...texts }, params.id);
      if (!read.ok) return fail(422, { values: texts, faults: read.error, theirs: null, revision });
      if (revisionOf(texts) !== revision)
        return fail(409, { values: texts, faults: [], theirs: textsFromThing(before), revision });
      s.things.put(read.value, serverNow().at);
      return null;
    });
    // outside: a redirect thrown in the transaction would undo it
    if (failed) return failed;
    redirect(303, '/kit#bag');
  }
};
