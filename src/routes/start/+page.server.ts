import { fail, redirect } from '@sveltejs/kit';
import { readEntry } from '#schema/sheet/entry.ts';
import { textsOf } from '#server/http/form.ts';
import { explainLoadRefusal } from '#server/http/problem.ts';
import { serverNow, store } from '#server/store.ts';
import type { Actions } from './$types';

export const actions: Actions = {
  default: async ({ request }) => {
    const texts = textsOf(await request.formData());
    const read = readEntry(texts, () => crypto.randomUUID());
    if (!read.ok) return fail(422, { values: texts, faults: read.error });
    const s = store();
    const { camera, film, frames } = read.value;
    const now = serverNow();
    s.together(() => {
      s.cameras.add(camera, now);
      s.films.add(film, now);
      const id = crypto.randomUUID();
      const loaded = s.loading.load({
        ...{ id, cameraId: camera.id, filmId: film.id, framesTotal: frames, firstNumber: 1 },
        ...{ loadedAt: now, packFilter: null, anyway: true }
      });
      if (!loaded.ok) throw new Error(explainLoadRefusal(loaded.refusal));
    });
    redirect(303, '/shoot');
  }
};
