import { fail, redirect } from '@sveltejs/kit';
import { readEntry } from '#schema/entry.ts';
import { store } from '#server/store.ts';
import type { Actions } from './$types';

export const actions: Actions = {
  default: async ({ request }) => {
    const form = await request.formData();
    const texts = Object.fromEntries([...form].flatMap(([k, v]) => (typeof v === 'string' ? [[k, v]] : [])));
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
      side: null
    });
    s.loads.takeInHand(id);
    redirect(303, '/shoot');
  }
};
