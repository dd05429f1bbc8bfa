// Films as lines: what is in which camera, how far it is, and how each frame came out.
import { MOST_FILM_LINES, type FilmLine } from '#core/log/film-line.ts';
import type { Load } from '#core/log/load.ts';
import type { Repositories } from '../repositories.ts';

/** The films loaded last, the latest first, with one more that is asked for. */
export function filmLines(store: Repositories, also: Load | null): readonly FilmLine[] {
  const latest = store.loads.latest(MOST_FILM_LINES);
  const loads = also && !latest.some((l) => l.id === also.id) ? [also, ...latest] : latest;
  const strips = store.frames.strips(loads.map((l) => l.id));
  return loads.flatMap((load) => {
    const camera = store.cameras.find(load.cameraId)?.value;
    const film = store.films.find(load.filmId)?.value;
    if (!camera || !film) return [];
    return {
      ...{ loadId: load.id, cameraName: camera.name, filmName: film.name, framesTotal: load.framesTotal },
      firstNumber: load.firstNumber,
      ...{ loadedAt: load.loadedAt, finished: load.finishedAt !== null },
      strip: strips.get(load.id) ?? []
    };
  });
}
