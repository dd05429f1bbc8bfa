// Puts together what a page needs of a pair: camera, film, what is left, and where the controls stand.
import type { Frame } from '#core/log/frame.ts';
import type { Load } from '#core/log/load.ts';
import { pairFrom, type Pair } from '#core/log/pair.ts';
import type { Repositories } from '../repositories.ts';

/** The pair of a load; null when its camera or film is gone. */
export function pairOf(store: Repositories, load: Load): Pair | null {
  const camera = store.cameras.find(load.cameraId);
  const film = store.films.find(load.filmId);
  if (!camera || !film) return null;
  return pairFrom({
    ...{ load, camera, film },
    frames: store.frames.numbersOf(load.id),
    stands: store.cameras.standsAt(load.cameraId),
    last: store.frames.lastOfCamera(load.cameraId),
    lastRemark: store.loads.before(load)?.remark ?? ''
  });
}

/** Frames told as light by memory. */
const RECENT = 14;

/** The latest frames of all films with the names of their films. */
export function recentFrames(
  store: Repositories
): readonly { readonly frame: Frame; readonly filmName: string }[] {
  const names = new Map<string, string | null>();
  const nameOf = (loadId: string): string | null => {
    const load = store.loads.find(loadId);
    const name = (load && store.films.find(load.filmId)?.value.name) ?? null;
    names.set(loadId, name);
    return name;
  };
  return store.frames.recent(RECENT).flatMap((frame) => {
    const filmName = names.get(frame.loadId) ?? nameOf(frame.loadId);
    return filmName === null ? [] : [{ frame, filmName }];
  });
}
