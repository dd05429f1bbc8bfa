// Films in the database. The only SQL about them.
import type { Database } from 'better-sqlite3';
import { FILM_KINDS, type Film, type FilmKind } from '#core/film/film.ts';
import type { FilmTraits } from '#core/film/traits.ts';
import { formatsFromJson } from '#schema/kit/camera.ts';
import { reciprocityFromJson } from '#schema/kit/film.ts';
import { filmTraitsFromJson } from '#schema/kit/traits.ts';
import { remembered } from '#schema/reading/remembered.ts';

interface FilmRow {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly iso: number;
  readonly below_stops: number;
  readonly above_stops: number;
  readonly reciprocity: string;
  readonly development_stops: number;
  readonly age_stops: number;
  readonly sd_stops: number;
  readonly formats: string;
  readonly frames: number;
  readonly traits: string;
}

const reciprocityOf = remembered(reciprocityFromJson);
const formatsOf = remembered(formatsFromJson);
const traitsOf = remembered(filmTraitsFromJson);

function fromRow(row: FilmRow): Film {
  return {
    id: row.id,
    name: row.name,
    kind: kindFrom(row.kind),
    iso: row.iso,
    belowStops: row.below_stops,
    aboveStops: row.above_stops,
    reciprocity: reciprocityOf(row.reciprocity),
    developmentStops: row.development_stops,
    ageStops: row.age_stops,
    sdStops: row.sd_stops,
    formats: formatsOf(row.formats),
    frames: row.frames,
    ...traitsOf(row.traits)
  };
}

function kindFrom(text: string): FilmKind {
  const kind = FILM_KINDS.find((k) => k === text);
  if (!kind) throw new RangeError(`kind must be one of ${FILM_KINDS.join(', ')}, got ${text}`);
  return kind;
}

function toRow(film: Film): Record<string, unknown> {
  const { id, name, kind, iso, belowStops, aboveStops, developmentStops, ageStops, sdStops, frames } = film;
  const { balance, tungstenIso, temperature, price, expires, feet, perforation, packBattery } = film;
  const traits: FilmTraits = {
    ...{ balance, tungstenIso, temperature, price, expires, feet, perforation, packBattery }
  };
  return {
    ...{ id, name, kind, iso, belowStops, aboveStops, developmentStops, ageStops, sdStops, frames },
    reciprocity: JSON.stringify(film.reciprocity),
    formats: JSON.stringify(film.formats),
    traits: JSON.stringify(traits)
  };
}

/** The films of a database. */
export function filmRepository(db: Database) {
  const all = db.prepare<[], FilmRow>(
    'select * from film where deleted_at is null order by created_at, name'
  );
  const one = db.prepare<[string], FilmRow>('select * from film where id = ?');
  const insert = db.prepare<[Record<string, unknown>]>(
    `insert into film (id, name, kind, iso, below_stops, above_stops, reciprocity, development_stops, age_stops,
       sd_stops, formats, frames, traits, created_at)
     values (:id, :name, :kind, :iso, :belowStops, :aboveStops, :reciprocity, :developmentStops, :ageStops,
       :sdStops, :formats, :frames, :traits, :createdAt)`
  );
  const update = db.prepare<[Record<string, unknown>]>(
    `update film set name = :name, kind = :kind, iso = :iso, below_stops = :belowStops, above_stops = :aboveStops,
       reciprocity = :reciprocity, development_stops = :developmentStops, age_stops = :ageStops, sd_stops = :sdStops,
       formats = :formats, frames = :frames, traits = :traits
     where id = :id`
  );
  const remove = db.prepare<[string, string]>(
    'update film set deleted_at = ? where id = ? and deleted_at is null'
  );
  const restore = db.prepare<[string]>('update film set deleted_at = null where id = ?');
  return {
    /** Films in the kit, oldest first. */
    list: (): readonly Film[] => all.all().map(fromRow),
    /** Also finds films in the trash: their frames are still told by them. */
    find: (id: string): Film | null => {
      const row = one.get(id);
      return row ? fromRow(row) : null;
    },
    /** Stores a new film; its range is the caller's to check. */
    add: (film: Film, createdAt: string): void => {
      insert.run({ ...toRow(film), createdAt });
    },
    /** Replaces a film's data. @returns false when there is no such film */
    change: (film: Film): boolean => update.run(toRow(film)).changes > 0,
    /** Puts a film in the trash; what was shot on it stays. @returns false if it was there already */
    remove: (id: string, at: string): boolean => remove.run(at, id).changes > 0,
    /** Takes removing back. @returns false when there is no such film */
    restore: (id: string): boolean => restore.run(id).changes > 0
  };
}
