// What the kit's API does with a checked body: store it, or say in words why not.
import type { InferType } from 'yup';
import { settingOf, type Choice } from '#core/camera/setting.ts';
import { cameraFaults } from '#core/camera/faults.ts';
import { filmFaults } from '#core/film/faults.ts';
import { cameraFrom, type cameraSchema } from '#schema/kit/camera.ts';
import { filmFrom, type filmSchema } from '#schema/kit/film.ts';
import { explainCameraFault, explainFilmFault } from '#schema/reading/words.ts';
import { badFields, problem } from '../http/problem.ts';
import type { Store } from '../store.ts';

const now = (): string => new Date().toISOString();

/** JSON of a value; infinite distances become null. */
function answer(value: unknown, status = 200): Response {
  return new Response(JSON.stringify(value), { status, headers: { 'content-type': 'application/json' } });
}

/** Nothing of that id is in the kit. */
export function notInKit(noun: string, id: string): Response {
  return problem(404, `no-${noun}`, `No such ${noun}`, `There is no ${noun} “${id}” in the kit.`);
}

function idsDiffer(): Response {
  return badFields([{ field: 'id', message: 'The id in the body must be the one in the address.' }]);
}

type CameraBody = InferType<typeof cameraSchema>;
type FilmBody = InferType<typeof filmSchema>;

function cameraTrouble(body: CameraBody): Response | null {
  const faults = cameraFaults(cameraFrom(body));
  return faults.length === 0
    ? null
    : badFields(faults.map((f) => ({ field: 'camera', message: explainCameraFault(f) })));
}

function filmTrouble(body: FilmBody): Response | null {
  const faults = filmFaults(filmFrom(body));
  return faults.length === 0
    ? null
    : badFields(faults.map((f) => ({ field: 'film', message: explainFilmFault(f) })));
}

/** Stores a new camera. */
export function addCamera(store: Store, body: CameraBody): Response {
  const trouble = cameraTrouble(body);
  if (trouble) return trouble;
  const before = store.cameras.find(body.id);
  if (before) return answer(before.camera);
  store.cameras.add(cameraFrom(body), now());
  return answer(body, 201);
}

/** Replaces a camera. */
export function changeCamera(store: Store, id: string, body: CameraBody): Response {
  if (body.id !== id) return idsDiffer();
  const trouble = cameraTrouble(body);
  if (trouble) return trouble;
  return store.cameras.change(cameraFrom(body)) ? answer(body) : notInKit('camera', id);
}

/** One camera, retired ones too. */
export function tellCamera(store: Store, id: string): Response {
  const stored = store.cameras.find(id);
  return stored ? answer(stored.camera) : notInKit('camera', id);
}

/** Takes a camera out of the kit. */
export function retireCamera(store: Store, id: string): Response {
  const stored = store.cameras.find(id);
  if (!stored) return notInKit('camera', id);
  store.cameras.retire(id, now());
  return answer(stored.camera);
}

/** Remembers where a camera's controls stand. */
export function leaveControls(store: Store, id: string, { choice }: { readonly choice: Choice }): Response {
  const camera = store.cameras.find(id)?.camera;
  if (!camera) return notInKit('camera', id);
  const setting = settingOf(camera, choice);
  if (!setting) {
    return badFields([{ field: 'choice', message: 'The camera has no such position. Reload the page.' }]);
  }
  store.cameras.leaveAt(id, setting.choice);
  return answer({ choice: setting.choice });
}

/** Stores a new film. */
export function addFilm(store: Store, body: FilmBody): Response {
  const trouble = filmTrouble(body);
  if (trouble) return trouble;
  const before = store.films.find(body.id);
  if (before) return answer(before);
  store.films.add(filmFrom(body), now());
  return answer(body, 201);
}

/** Replaces a film. */
export function changeFilm(store: Store, id: string, body: FilmBody): Response {
  if (body.id !== id) return idsDiffer();
  const trouble = filmTrouble(body);
  if (trouble) return trouble;
  return store.films.change(filmFrom(body)) ? answer(body) : notInKit('film', id);
}

/** One film, those in the trash too. */
export function tellFilm(store: Store, id: string): Response {
  const film = store.films.find(id);
  return film ? answer(film) : notInKit('film', id);
}

/** Puts a film in the trash. */
export function removeFilm(store: Store, id: string): Response {
  const film = store.films.find(id);
  if (!film) return notInKit('film', id);
  store.films.remove(id, now());
  return answer(film);
}

/** Changes a load: null leaves a part as it is. */
export function changeLoad(
  store: Store,
  id: string,
  change: { readonly finished: boolean | null; readonly side: 1 | 2 | null }
): Response {
  const load = store.loads.find(id);
  if (!load) return notInKit('load', id);
  const conflict = (detail: string): Response => problem(409, 'load', 'The kit says otherwise', detail);
  if (change.side !== null && change.side !== load.side && !store.loads.turnOver(id)) {
    return conflict('Only double-run film that is in the camera can be turned over.');
  }
  const finished = load.finishedAt !== null;
  if (change.finished === true && !finished) store.loads.finish(id, now());
  if (change.finished === false && finished && !store.loads.reopen(id)) {
    return conflict('The camera holds another film by now, so this one stays finished.');
  }
  return answer(store.loads.find(id));
}
