import { error, fail, redirect } from '@sveltejs/kit';
import { filledSheet } from '#schema/sheet/entry.ts';
import { readSince } from '#schema/sheet/since.ts';
import { readSheet } from '#schema/sheet/sheet-read.ts';
import { sheetFrom } from '#schema/sheet/sheet-write.ts';
import { revisionOf, textsOf } from '#server/http/form.ts';
import { serverNow, store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** The sheet of one camera. */
export const load: PageServerLoad = ({ params }) => {
  const stored = store().cameras.find(params.id);
  if (!stored) error(404, 'That camera is not in the kit.');
  const history = store().revisions.ofCamera(params.id);
  return {
    ...{ camera: stored.value, revision: stored.revision, start: sheetFrom(stored.value) },
    history: history.map(({ revision, what, note, since }) => ({ revision, what, note, since })).reverse()
  };
};

export const actions: Actions = {
  default: async ({ request, params }) => {
    const texts = textsOf(await request.formData());
    const s = store();
    const failed = s.together(() => {
      const before = s.cameras.find(params.id);
      if (!before) error(404, 'That camera is not in the kit.');
      const read = readSheet(filledSheet(texts), params.id, before.value);
      const since = readSince(texts, serverNow());
      const faults = [...(read.ok ? [] : read.error), ...(since.ok ? [] : since.error)];
      const { revision } = before;
      if (!read.ok || !since.ok)
        return fail(422, { values: texts, faults, theirs: null, mine: null, revision });
      if (revisionOf(texts) !== revision)
        return fail(409, {
          ...{ values: texts, faults: [], revision },
          // both as a whole sheet says them: what a form leaves out is no difference
          ...{ theirs: sheetFrom(before.value), mine: sheetFrom(read.value) }
        });
      // a sheet that says the same is no revision
      if (since.value.what === 'rebuilt' || JSON.stringify(read.value) !== JSON.stringify(before.value))
        s.cameras.change(read.value, since.value);
      return null;
    });
    // outside: a redirect thrown in the transaction would undo it
    if (failed) return failed;
    redirect(303, '/kit');
  }
};
