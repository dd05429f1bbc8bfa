import { fail } from '@sveltejs/kit';
import { sharedFormat } from '#core/match/conditions.ts';
import type { Store } from '#server/store.ts';
import { store } from '#server/store.ts';
import { pairOf } from '#server/pairs.ts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
  const s = store();
  const open = s.loads.list().filter((l) => l.finishedAt === null);
  return {
    cameras: s.cameras.list().map((camera) => {
      const load = open.find((l) => l.cameraId === camera.id);
      return { camera, pair: load ? pairOf(s, load) : null };
    }),
    films: s.films.list(),
    inHand: s.loads.inHand()?.id ?? null
  };
};

const textOf = (form: FormData, name: string): string => {
  const value = form.get(name);
  return typeof value === 'string' ? value.trim() : '';
};

function loadFilm(s: Store, form: FormData): { cameraId: string; message: string } | null {
  const cameraId = textOf(form, 'camera');
  const refuse = (message: string) => ({ cameraId, message });
  const camera = s.cameras.find(cameraId)?.camera;
  const film = s.films.find(textOf(form, 'film'));
  if (!camera || !film) return refuse('Choose a film from the list.');
  if (sharedFormat(camera, film) === null) return refuse(`${film.name} does not fit the ${camera.name}.`);
  const frames = Number(textOf(form, 'frames'));
  if (!Number.isInteger(frames) || frames < 1 || frames > 200) {
    return refuse(`“${textOf(form, 'frames')}” is no number of frames. Give a whole number from 1 to 200.`);
  }
  if (s.loads.list().some((l) => l.cameraId === cameraId && l.finishedAt === null)) {
    return refuse(`The ${camera.name} holds a film already. Finish that one first.`);
  }
  const id = crypto.randomUUID();
  s.loads.add({
    ...{ id, cameraId, filmId: film.id, framesTotal: frames },
    ...{
      loadedAt: new Date().toISOString(),
      finishedAt: null,
      side: film.perforation === 'double-run-8' ? 1 : null
    }
  });
  s.loads.takeInHand(id);
  return null;
}

export const actions: Actions = {
  take: async ({ request }) => {
    const s = store();
    const id = textOf(await request.formData(), 'load');
    if (!s.loads.find(id))
      return fail(404, { cameraId: '', message: 'That film is not in a camera any more.' });
    s.loads.takeInHand(id);
    return { taken: id };
  },
  retire: async ({ request }) => {
    const id = textOf(await request.formData(), 'camera');
    if (store().cameras.retire(id, new Date().toISOString())) return { retired: id };
    return fail(409, { cameraId: '', message: 'That camera is out of the kit already.' });
  },
  bringBack: async ({ request }) => {
    const id = textOf(await request.formData(), 'camera');
    if (store().cameras.bringBack(id)) return { broughtBack: id };
    return fail(404, { cameraId: '', message: 'There is no such camera.' });
  },
  load: async ({ request }) => {
    const refused = loadFilm(store(), await request.formData());
    return refused ? fail(422, refused) : { loaded: true };
  },
  finish: async ({ request }) => {
    const id = textOf(await request.formData(), 'load');
    const finished = store().loads.finish(id, new Date().toISOString());
    return finished
      ? { finished: id }
      : fail(409, { cameraId: '', message: 'That film was finished already.' });
  },
  reopen: async ({ request }) => {
    const id = textOf(await request.formData(), 'load');
    if (store().loads.reopen(id)) return { reopened: true };
    return fail(409, {
      cameraId: '',
      message: 'The camera holds another film by now, so this one stays finished.'
    });
  }
};
