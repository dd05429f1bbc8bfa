// Films as lines: what is in which camera, how far it is, and how each frame came out.
import { FILMS_ON_PAGE, MOST_FILM_LINES, stripOf, type FilmLine } from '#core/log/film-line.ts';
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
  const cameraName = once((id) => store.cameras.find(id)?.value.name ?? null);
  const filmName = once((id) => store.films.find(id)?.value.name ?? null);
  return loads.flatMap((load) => {
    const names = { cameraName: cameraName(load.cameraId), filmName: filmName(load.filmId) };
    if (names.cameraName === null || names.filmName === null) return [];
    const { framesTotal, firstNumber, loadedAt } = load;
    return {
      ...{ loadId: load.id, cameraName: names.cameraName, filmName: names.filmName },
      ...{ framesTotal, firstNumber, loadedAt, finished: load.finishedAt !== null },
      ...stripOf(load, strips.get(load.id) ?? [])
    };
  });
}

/** Looks each up once: the films of a page share a few cameras. */
function once(find: (id: string) => string | null): (id: string) => string | null {
  const known = new Map<string, string | null>();
  return (id) => {
    const before = known.get(id);
    if (before !== undefined) return before;
    const found = find(id);
    known.set(id, found);
    return found;
  };
}
