import { fail, redirect } from '@sveltejs/kit';
import { readEntry } from '#schema/sheet/entry.ts';
import { textsOf } from '#server/http/form.ts';
import { store } from '#server/store.ts';
import type { Actions } from './$types';

export const actions: Actions = {
  default: async ({ request }) => {
    const texts = textsOf(await request.formData());
    const read = readEntry(texts, () => crypto.randomUUID());
    if (!read.ok) return fail(422, { values: texts, faults: read.error });
    const s = store();
    const { camera, film, frames } = read.value;
    const now = new Date().toISOString();
    const id = crypto.randomUUID();
    s.cameras.add(camera, now);
    s.films.add(film, now);
    s.loads.add({
      id,
      cameraId: camera.id,
      filmId: film.id,
      framesTotal: frames,
      loadedAt: now,
      finishedAt: null,
      side: film.perforation === 'double-run-8' ? 1 : null
    });
    s.loads.use(id);
    redirect(303, '/shoot');
  }
};
