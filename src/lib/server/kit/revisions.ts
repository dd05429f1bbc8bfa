// Cameras and films as they were from a day on. The only SQL about revisions.
import type { Database } from 'better-sqlite3';
import type { Camera } from '#core/camera/camera.ts';
import type { Film } from '#core/film/film.ts';
import type { Revised, RevisionKind } from '#core/log/pair.ts';
import { moment, type Moment } from '#core/sky/moment.ts';
import { cameraFromJson } from '#schema/kit/camera.ts';
import { filmFromJson } from '#schema/kit/film.ts';
import { remembered } from '#schema/reading/remembered.ts';

/** A camera as it was from a moment on. */
export interface CameraRevision extends Revised<Camera> {
  readonly what: RevisionKind;
  /** In the owner's words: "film back converted". */
  readonly note: string;
  readonly since: Moment;
}

/** A film as it was from a moment on. */
export interface FilmRevision extends Revised<Film> {
  readonly since: Moment;
}

interface RevisionRow {
  readonly revision: number;
  readonly definition: string;
  readonly since_at: string;
  readonly since_zone: string;
}
interface CameraRow extends RevisionRow {
  readonly what: RevisionKind;
  readonly note: string;
}

const cameraOf = remembered(cameraFromJson);
const filmOf = remembered(filmFromJson);

const cameraRevision = (row: CameraRow): CameraRevision => ({
  ...{ value: cameraOf(row.definition), revision: row.revision, what: row.what, note: row.note },
  since: moment(row.since_at, row.since_zone)
});
const filmRevision = (row: RevisionRow): FilmRevision => ({
  ...{ value: filmOf(row.definition), revision: row.revision },
  since: moment(row.since_at, row.since_zone)
});

/** What is stored with a new revision of a camera. */
export type NewRevision = Omit<CameraRevision, 'value' | 'revision'>;

/** The revisions of a database's cameras and films. */
export function revisionRepository(db: Database) {
  const camera = db.prepare<[string, number], CameraRow>(
    'select * from camera_revision where camera_id = ? and revision = ?'
  );
  const cameras = db.prepare<[string], CameraRow>(
    'select * from camera_revision where camera_id = ? order by revision'
  );
  const inForce = db.prepare<[string, string], CameraRow>(
    'select * from camera_revision where camera_id = ? and since_at <= ? order by revision desc limit 1'
  );
  const film = db.prepare<[string, number], RevisionRow>(
    'select * from film_revision where film_id = ? and revision = ?'
  );
  const films = db.prepare<[string], RevisionRow>(
    'select * from film_revision where film_id = ? order by revision'
  );
  const filmInForce = db.prepare<[string, string], RevisionRow>(
    'select * from film_revision where film_id = ? and since_at <= ? order by revision desc limit 1'
  );
  const addCamera = db.prepare<[Record<string, unknown>]>(
    `insert into camera_revision (camera_id, revision, definition, what, note, since_at, since_zone)
     values (:id, :revision, :definition, :what, :note, :at, :zone)`
  );
  const addFilm = db.prepare<[Record<string, unknown>]>(
    `insert into film_revision (film_id, revision, definition, since_at, since_zone)
     values (:id, :revision, :definition, :at, :zone)`
  );
  return {
    /** A camera at a revision; null when that is not stored. */
    camera: (id: string, revision: number): CameraRevision | null => {
      const row = camera.get(id, revision);
      return row ? cameraRevision(row) : null;
    },
    /** Every revision of a camera, the first first. */
    ofCamera: (id: string): readonly CameraRevision[] => cameras.all(id).map(cameraRevision),
    /** The camera as it was at an instant; its first revision before that. */
    cameraAt: (id: string, at: string): CameraRevision | null => {
      const row = inForce.get(id, at) ?? cameras.get(id);
      return row ? cameraRevision(row) : null;
    },
    film: (id: string, revision: number): FilmRevision | null => {
      const row = film.get(id, revision);
      return row ? filmRevision(row) : null;
    },
    /** The film as it was at an instant; its first revision before that. */
    filmAt: (id: string, at: string): FilmRevision | null => {
      const row = filmInForce.get(id, at) ?? films.get(id);
      return row ? filmRevision(row) : null;
    },
    /** Every revision of a film, the first first. */
    ofFilm: (id: string): readonly FilmRevision[] => films.all(id).map(filmRevision),
    addCamera: (value: Camera, revision: number, { what, note, since }: NewRevision): void => {
      addCamera.run({ id: value.id, revision, definition: JSON.stringify(value), what, note, ...since });
    },
    addFilm: (value: Film, revision: number, since: Moment): void => {
      addFilm.run({ id: value.id, revision, definition: JSON.stringify(value), ...since });
    }
  };
}
