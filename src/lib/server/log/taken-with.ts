// What a frame was taken with: its camera and its film as they were, the film as it was developed.
import type { Camera } from '#core/camera/camera.ts';
import type { Film } from '#core/film/film.ts';
import { developedFilm } from '#core/log/exposed.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Load } from '#core/log/load.ts';
import type { Repositories } from '../repositories.ts';

/** A frame's camera and film as they were for it. */
export interface TakenWith {
  readonly load: Load;
  readonly camera: Camera;
  readonly film: Film;
}

type Needed = Pick<Repositories, 'loads' | 'revisions'>;

/**
 * Looks up what frames were taken with; asked for many frames, it looks each load and revision up once.
 * @returns a look-up that gives null for a frame whose load or revisions are not stored
 */
export function takenWith({ loads, revisions }: Needed) {
  const known = new Map<string, TakenWith | null>();
  const find = (loadId: string, cameraRevision: number, filmRevision: number): TakenWith | null => {
    const load = loads.find(loadId);
    const camera = load && revisions.camera(load.cameraId, cameraRevision)?.value;
    const film = load && revisions.film(load.filmId, filmRevision)?.value;
    return camera && film ? { load, camera, film: developedFilm(film, load.development) } : null;
  };
  return ({
    loadId,
    cameraRevision,
    filmRevision
  }: Pick<Frame, 'loadId' | 'cameraRevision' | 'filmRevision'>): TakenWith | null => {
    const key = `${loadId} ${cameraRevision} ${filmRevision}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const found = find(loadId, cameraRevision, filmRevision);
    known.set(key, found);
    return found;
  };
}
