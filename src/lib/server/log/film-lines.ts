// Films as lines: what is in which camera, how far it is, and how each frame came out.
import { MOST_FILM_LINES, type FilmLine } from '#core/log/film-line.ts';
import type { Load } from '#core/log/load.ts';
import type { Repositories } from '../repositories.ts';

/** SQLite: no limit. */
const ALL = -1;

/** The films loaded last, the latest first, with one more that is asked for. @param most how many; Infinity = all */
export function filmLines(
  store: Repositories,
  also: Load | null,
  most: number = MOST_FILM_LINES
): readonly FilmLine[] {
  const latest = store.loads.latest(Number.isFinite(most) ? most : ALL);
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
