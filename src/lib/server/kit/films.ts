// Films in the database: which there are and how they are now. The only SQL about them.
import type { Database } from 'better-sqlite3';
import type { Film } from '#core/film/film.ts';
import type { Revised } from '#core/log/pair.ts';
import type { Moment } from '#core/sky/moment.ts';
import { filmFromJson } from '#schema/kit/film.ts';
import { remembered } from '#schema/reading/remembered.ts';
import { revisionRepository } from './revisions.ts';

interface FilmRow {
  readonly revision: number;
  readonly definition: string;
}

const filmOf = remembered(filmFromJson);
const fromRow = ({ definition, revision }: FilmRow): Revised<Film> => ({
  ...{ value: filmOf(definition), revision }
});
const NOW = `select film.id, film.revision, definition from film
  join film_revision on film_id = film.id and film_revision.revision = film.revision`;

/** The films of a database. */
export function filmRepository(db: Database) {
  const revisions = revisionRepository(db);
  const all = db.prepare<[], FilmRow>(`${NOW} where deleted_at is null order by created_at, name`);
  const one = db.prepare<[string], FilmRow>(`${NOW} where film.id = ?`);
  const insert = db.prepare<[string, string]>('insert into film (id, created_at) values (?, ?)');
  const update = db.prepare<[number, string]>('update film set revision = ? where id = ?');
  const remove = db.prepare<[string, string]>(
    'update film set deleted_at = ? where id = ? and deleted_at is null'
  );
  const restore = db.prepare<[string]>('update film set deleted_at = null where id = ?');
  const isRemoved = db.prepare<[string]>('select 1 from film where id = ? and deleted_at is not null');
  const find = (id: string): Revised<Film> | null => {
    const row = one.get(id);
    return row ? fromRow(row) : null;
  };

  const add = db.transaction((film: Film, since: Moment): void => {
    insert.run(film.id, since.at);
    revisions.addFilm(film, 1, since);
  });
  const change = db.transaction((film: Film, since: Moment): number | null => {
    const before = find(film.id);
    if (!before) return null;
    revisions.addFilm(film, before.revision + 1, since);
    update.run(before.revision + 1, film.id);
    return before.revision + 1;
  });

  return {
    /** Films in the kit, oldest first. */
    list: (): readonly Revised<Film>[] => all.all().map(fromRow),
    /** A film as it is now. Also finds films in the trash: their frames are still told by them. */
    find,
    isRemoved: (id: string): boolean => isRemoved.get(id) !== undefined,
    /** Stores a new film; its range is the caller's to check. */
    add: (film: Film, since: Moment): void => {
      add(film, since);
    },
    /** Keeps how a film is from now on as a new revision. @returns its number, null when there is no such film */
    change: (film: Film, since: Moment): number | null => change(film, since),
    /** Puts a film in the trash; what was shot on it stays. @returns false if it was there already */
    remove: (id: string, at: string): boolean => remove.run(at, id).changes > 0,
    /** Takes removing back. @returns false when there is no such film */
    restore: (id: string): boolean => restore.run(id).changes > 0
  };
}
