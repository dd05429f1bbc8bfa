// Films in the database. The only SQL about them.
import type { Database } from 'better-sqlite3';
import { FILM_KINDS, type Film, type FilmKind } from '#core/film/film.ts';
import { formatsFromJson } from '#schema/camera.ts';
import { reciprocityFromJson } from '#schema/film.ts';

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
}

function fromRow(row: FilmRow): Film {
  return {
    id: row.id,
    name: row.name,
    kind: kindFrom(row.kind),
    iso: row.iso,
    belowStops: row.below_stops,
    aboveStops: row.above_stops,
    reciprocity: reciprocityFromJson(row.reciprocity),
    developmentStops: row.development_stops,
    ageStops: row.age_stops,
    sdStops: row.sd_stops,
    formats: formatsFromJson(row.formats),
    frames: row.frames
  };
}

function kindFrom(text: string): FilmKind {
  const kind = FILM_KINDS.find((k) => k === text);
  if (!kind) throw new RangeError(`kind must be one of ${FILM_KINDS.join(', ')}, got ${text}`);
  return kind;
}

/** The films of a database. */
export function filmRepository(db: Database) {
  const all = db.prepare<[], FilmRow>('select * from film order by created_at, name');
  const one = db.prepare<[string], FilmRow>('select * from film where id = ?');
  const insert = db.prepare<[Record<string, unknown>]>(
    `insert into film (id, name, kind, iso, below_stops, above_stops, reciprocity, development_stops, age_stops,
       sd_stops, formats, frames, created_at)
     values (:id, :name, :kind, :iso, :belowStops, :aboveStops, :reciprocity, :developmentStops, :ageStops,
       :sdStops, :formats, :frames, :createdAt)`
  );
  return {
    list: (): readonly Film[] => all.all().map(fromRow),
    find: (id: string): Film | null => {
      const row = one.get(id);
      return row ? fromRow(row) : null;
    },
    /** Stores a new film; its range is the caller's to check. */
    add: (film: Film, createdAt: string): void => {
      insert.run({
        ...film,
        reciprocity: JSON.stringify(film.reciprocity),
        formats: JSON.stringify(film.formats),
        createdAt
      });
    }
  };
}
