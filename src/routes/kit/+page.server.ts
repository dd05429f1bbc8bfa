import { fail, type Cookies } from '@sveltejs/kit';
import { IN_USE_COOKIE } from '#schema/settings/settings.ts';
import { textOf } from '#server/http/form.ts';
import { nextFirstNumber, packFilterAsked } from '#server/kit/next-load.ts';
import { loadInUseHere } from '#server/kit/in-use.ts';
import { pairOf } from '#server/kit/pairs.ts';
import { explainLoadRefusal } from '#server/http/problem.ts';
import { serverNow, store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** Remembers on the device which loaded camera was chosen last. */
function useHere(cookies: Cookies, loadId: string): void {
  cookies.set(IN_USE_COOKIE, loadId, { path: '/', httpOnly: false, secure: false, maxAge: 34_560_000 });
}

export const load: PageServerLoad = ({ cookies }) => {
  const s = store();
  const open = s.loads.listOpen();
  return {
    cameras: s.cameras.list().map(({ value: camera }) => {
      const load = open.find((l) => l.cameraId === camera.id);
      if (load) return { camera, pair: pairOf(s, load), next: null };
      const before = s.loads.latestOf(camera.id);
      return {
        ...{ camera, pair: null },
        next: {
          firstNumber: before ? nextFirstNumber(before, s.frames.listByLoad(before.id)) : 1,
          packFilter: packFilterAsked(before),
          remark: before?.remark ?? ''
        }
      };
    }),
    retired: s.cameras.retired().map(({ id, name }) => ({ id, name })),
    films: s.films.list().map((f) => f.value),
    things: s.things.list(),
    inUse: loadInUseHere(s, cookies)?.id ?? null
  };
};

const now = (): string => serverNow().at;

/** What was done, so that the page can offer to take it back. */
const done = (did: string, id: string, words: string, undo: string) => ({ did, id, words, undo });

export const actions: Actions = {
  take: async ({ request, cookies }) => {
    const s = store();
    const id = textOf(await request.formData(), 'id');
    if (!s.loads.find(id)) return fail(404, { message: 'That film is not in a camera any more.' });
    s.loads.use(id);
    useHere(cookies, id);
  },
  load: async ({ request, cookies }) => {
    const form = await request.formData();
    const [cameraId, filmId, frames] = ['camera', 'film', 'frames'].map((n) => textOf(form, n));
    const refuse = (message: string, anyway = false) =>
      fail(422, { cameraId, filmId, frames, message, anyway });
    const framesTotal = Number(frames);
    if (!Number.isInteger(framesTotal) || framesTotal < 1 || framesTotal > 200) {
      return refuse(`“${frames ?? ''}” is no number of frames. Give a whole number from 1 to 200.`);
    }
    const first = textOf(form, 'first') === '' ? 1 : Number(textOf(form, 'first'));
    if (!Number.isInteger(first) || first < 1 || first > 90_000)
      return refuse(`“${textOf(form, 'first')}” is no frame number. Give a whole number from 1 on.`);
    const before = store().loads.latestOf(cameraId ?? '');
    const packFilter = packFilterAsked(before);
    const id = crypto.randomUUID();
    const outcome = store().loading.load({
      ...{ id, cameraId: cameraId ?? '', filmId: filmId ?? '', framesTotal },
      ...{ firstNumber: first, loadedAt: serverNow(), anyway: textOf(form, 'anyway') === 'yes' },
      packFilter: packFilter && textOf(form, 'packFilter') === 'yes' ? { ...packFilter, on: false } : null
    });
    if (outcome.ok) {
      useHere(cookies, id);
      return;
    }
    const { refusal } = outcome;
    return refuse(explainLoadRefusal(refusal), refusal.reason === 'misfit' && !refusal.final);
  },
  finish: async ({ request }) => {
    const id = textOf(await request.formData(), 'id');
    return store().loads.finish(id, serverNow())
      ? done('finish', id, 'The film is finished.', 'reopen')
      : fail(409, { message: 'That film was finished already.' });
  },
  reopen: async ({ request }) => {
    const id = textOf(await request.formData(), 'id');
    if (store().loads.reopen(id)) return;
    return fail(409, { message: 'The camera holds another film by now, so this one stays finished.' });
  },
  turnOver: async ({ request }) => {
    const id = textOf(await request.formData(), 'id');
    const s = store();
    if (!s.loads.turnOver(id))
      return fail(409, { message: 'Only double-run film that is in a camera can be turned over.' });
    return done('turn', id, `Side ${s.loads.find(id)?.side ?? 1} is up.`, 'turnOver');
  },
  retire: async ({ request }) => {
    const id = textOf(await request.formData(), 'id');
    return store().cameras.retire(id, now())
      ? done('retire', id, 'The camera is out of the kit; its frames stay in the log.', 'bringBack')
      : fail(409, { message: 'That camera is out of the kit already.' });
  },
  bringBack: async ({ request }) => {
    const id = textOf(await request.formData(), 'id');
    if (!store().cameras.bringBack(id)) return fail(404, { message: 'There is no such camera.' });
  },
  removeFilm: async ({ request }) => {
    const id = textOf(await request.formData(), 'id');
    return store().films.remove(id, now())
      ? done('film', id, 'The film is out of the kit; what was shot on it stays.', 'restoreFilm')
      : fail(409, { message: 'That film is out of the kit already.' });
  },
  restoreFilm: async ({ request }) => {
    const id = textOf(await request.formData(), 'id');
    if (!store().films.restore(id)) return fail(404, { message: 'There is no such film.' });
  },
  removeThing: async ({ request }) => {
    const id = textOf(await request.formData(), 'id');
    return store().things.remove(id, now())
      ? done('thing', id, 'It is out of the bag.', 'restoreThing')
      : fail(409, { message: 'That is out of the bag already.' });
  },
  restoreThing: async ({ request }) => {
    const id = textOf(await request.formData(), 'id');
    if (!store().things.restore(id)) return fail(404, { message: 'There is no such thing.' });
  }
};
