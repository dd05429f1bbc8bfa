// Films as lines: what is in which camera, how far it is, and how each frame came out.
import { FILMS_ON_PAGE, MOST_FILM_LINES, type FilmLine } from '#core/log/film-line.ts';
import type { Load } from '#core/log/load.ts';
import type { Repositories } from '../repositories.ts';

/** A page of the list of all films. */
export interface FilmPage {
  /** 1 = the latest. */
  readonly page: number;
  readonly pages: number;
  /** Films there are in all. */
  readonly films: number;
}

/** The page of films that an address asks for; null = it asks for none. What is no page is the first. @param asked as the address has it */
export function filmPage(store: Repositories, asked: string | null): FilmPage | null {
  if (asked === null) return null;
  const films = store.loads.count();
  const pages = Math.max(1, Math.ceil(films / FILMS_ON_PAGE));
  const wanted = Number(asked);
  return { page: Number.isInteger(wanted) && wanted >= 1 ? Math.min(wanted, pages) : 1, pages, films };
}

/** The films loaded last, the latest first, or those of a page of all; with one more that is asked for. */
export function filmLines(
  store: Repositories,
  also: Load | null,
  page: FilmPage | null = null
): readonly FilmLine[] {
  const some = page
    ? store.loads.latest(FILMS_ON_PAGE, (page.page - 1) * FILMS_ON_PAGE)
    : store.loads.latest(MOST_FILM_LINES);
  const loads = also && !some.some((l) => l.id === also.id) ? [also, ...some] : some;
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
