// Everything that is kept in a database, repository by repository. Rules over several of them ask for these, not for the store.
import type { Database } from 'better-sqlite3';
import { noticeRepository } from './database/notices.ts';
import { cameraRepository } from './kit/cameras.ts';
import { filmRepository } from './kit/films.ts';
import { loadRepository } from './kit/loads.ts';
import { revisionRepository } from './kit/revisions.ts';
import { thingRepository } from './kit/things.ts';
import { judgementRepository } from './learn/judgements.ts';
import { observationRepository } from './learn/observations.ts';
import { filmSums } from './log/film-sums.ts';
import { framePictures } from './log/frame-pictures.ts';
import { frameRepository } from './log/frames.ts';
import { frameSearch } from './log/frame-search.ts';
import { outingRepository } from './plan/outings.ts';
import { exerciseRepository } from './practice/exercises.ts';
import { scanRepository } from './scans/repository.ts';
import { settingsRepository } from './settings/settings.ts';

/** The repositories of a database. */
export function repositoriesOf(db: Database) {
  return {
    cameras: cameraRepository(db),
    films: filmRepository(db),
    /** Cameras and films as they were. */
    revisions: revisionRepository(db),
    loads: loadRepository(db),
    frames: frameRepository(db),
    /** Pictures of the scene, kept with frames. */
    pictures: framePictures(db),
    search: frameSearch(db),
    scans: scanRepository(db),
    judgements: judgementRepository(db),
    /** What judged frames say, kept. */
    observations: observationRepository(db),
    /** Sums over judged frames. */
    numbers: filmSums(db),
    things: thingRepository(db),
    outings: outingRepository(db),
    /** Drills, days in the field and guesses. */
    exercises: exerciseRepository(db),
    settings: settingsRepository(db),
    /** What the person is told once. */
    notices: noticeRepository(db),
    /** Does several things as one: all, or none when something throws. */
    together: <T>(work: () => T): T => db.transaction(work).immediate()
  };
}

/** @see repositoriesOf */
export type Repositories = ReturnType<typeof repositoriesOf>;
