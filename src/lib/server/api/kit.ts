// What the kit's API does with a checked body: store it, or say in words why not.
import type { InferType } from 'yup';
import { settingOf, type Choice } from '#core/camera/setting.ts';
import { cameraFaults } from '#core/camera/faults.ts';
import { filmFaults } from '#core/film/faults.ts';
import { cameraFrom, type cameraSchema } from '#schema/kit/camera.ts';
import { filmFrom, type filmSchema } from '#schema/kit/film.ts';
import { explainCameraFault, explainFilmFault } from '#schema/reading/words.ts';
import { changedMeanwhile, tagged } from '../http/precondition.ts';
import { badFields, problem } from '../http/problem.ts';
import { serverNow, type Store } from '../store.ts';

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
  if (before) return tagged(before.value, before.revision);
  store.cameras.add(cameraFrom(body), serverNow());
  return tagged(body, 1, 201);
}

/** Keeps how a camera is from now on as a new revision. @param based the revision it was made on; null = whatever it is */
export function changeCamera(store: Store, id: string, body: CameraBody, based: number | null): Response {
  if (body.id !== id) return idsDiffer();
  const trouble = cameraTrouble(body);
  if (trouble) return trouble;
  return store.together(() => {
    const before = store.cameras.find(id);
    if (!before) return notInKit('camera', id);
    if (based !== null && based !== before.revision)
      return changedMeanwhile('camera', before.value, before.revision);
    const revision = store.cameras.change(cameraFrom(body), { what: 'corrected', since: serverNow() });
    return tagged(body, revision ?? before.revision);
  });
}

/** One camera, retired ones too. */
export function tellCamera(store: Store, id: string): Response {
  const stored = store.cameras.find(id);
  return stored ? tagged(stored.value, stored.revision) : notInKit('camera', id);
}

/** Every revision of a camera, the first first. */
export function tellRevisions(store: Store, id: string): Response {
  const all = store.revisions.ofCamera(id);
  if (all.length === 0) return notInKit('camera', id);
  return tagged(
    all.map(({ value: camera, revision, what, note, since }) => ({ camera, revision, what, note, since })),
    all.at(-1)?.revision ?? 1
  );
}

/** Takes a camera out of the kit. */
export function retireCamera(store: Store, id: string): Response {
  const stored = store.cameras.find(id);
  if (!stored) return notInKit('camera', id);
  store.cameras.retire(id, serverNow().at);
  return tagged(stored.value, stored.revision);
}

/** Where a camera's controls stand; nothing of those that nobody told. */
export function controlsOf(store: Store, id: string): Response {
  const revision = store.cameras.standsRevision(id);
  if (revision === null) return notInKit('camera', id);
  return tagged({ choice: store.cameras.standsAt(id) ?? {} }, revision);
}

/** Remembers where a camera's controls stand. @param based the revision it was made on; null = whatever it is */
export function leaveControls(
  store: Store,
  id: string,
  { choice }: { readonly choice: Choice },
  based: number | null
): Response {
  const stored = store.cameras.find(id);
  if (!stored) return notInKit('camera', id);
  const before = store.cameras.standsRevision(id) ?? 1;
  if (based !== null && based !== before)
    return changedMeanwhile('place of the controls', { choice: store.cameras.standsAt(id) ?? {} }, before);
  const setting = settingOf(stored.value, choice);
  if (!setting) {
    return badFields([{ field: 'choice', message: 'The camera has no such position. Reload the page.' }]);
  }
  store.cameras.leaveAt(id, setting.choice);
  return tagged({ choice: setting.choice }, store.cameras.standsRevision(id) ?? before);
}

/** Stores a new film. */
export function addFilm(store: Store, body: FilmBody): Response {
  const trouble = filmTrouble(body);
  if (trouble) return trouble;
  const before = store.films.find(body.id);
  if (before) return tagged(before.value, before.revision);
  store.films.add(filmFrom(body), serverNow());
  return tagged(body, 1, 201);
}

/** Keeps how a film is from now on as a new revision. @param based the revision it was made on; null = whatever it is */
export function changeFilm(store: Store, id: string, body: FilmBody, based: number | null): Response {
  if (body.id !== id) return idsDiffer();
  const trouble = filmTrouble(body);
  if (trouble) return trouble;
  return store.together(() => {
    const before = store.films.find(id);
    if (!before) return notInKit('film', id);
    if (based !== null && based !== before.revision)
      return changedMeanwhile('film', before.value, before.revision);
    const revision = store.films.change(filmFrom(body), serverNow());
    return tagged(body, revision ?? before.revision);
  });
}

/** One film, those in the trash too. */
export function tellFilm(store: Store, id: string): Response {
  const film = store.films.find(id);
  return film ? tagged(film.value, film.revision) : notInKit('film', id);
}

/** Puts a film in the trash. */
export function removeFilm(store: Store, id: string): Response {
  const film = store.films.find(id);
  if (!film) return notInKit('film', id);
  store.films.remove(id, serverNow().at);
  return tagged(film.value, film.revision);
}
