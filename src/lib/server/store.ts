// The one open database of the running server, with its repositories.
import { archiveLines } from './files/export-rows.ts';
import { importJobs } from './files/imports.ts';
import { cameraRepository } from './kit/cameras.ts';
import { join } from 'node:path';
import { readConfig } from './config.ts';
import { openDatabase } from './database/open.ts';
import { seedDemo } from './demo/seed.ts';
import { filmRepository } from './kit/films.ts';
import { frameRepository } from './log/frames.ts';
import { frameSearch } from './log/frame-search.ts';
import { gateOf } from './access/gate.ts';
import { judgementRepository } from './learn/judgements.ts';
import { loadRepository } from './kit/loads.ts';
import { logbook } from './log/logbook.ts';
import { manyFrames } from './log/many-frames.ts';
import { numbersOf } from './log/numbers.ts';
import { passcodes } from './access/passcode.ts';
import { gazetteer } from './light/places.ts';
import { scanIntake } from './scans/intake.ts';
import { scanRepository } from './scans/repository.ts';
import { settingsRepository } from './settings/settings.ts';
import { phoneChanges } from './sync/sync.ts';
import { thingRepository } from './kit/things.ts';

function openStore() {
  const config = readConfig(process.env);
  const db = openDatabase(config.databasePath);
  if (config.demo) seedDemo(db);
  // opened when first asked: most days begin with the place of the last one
  let places: ReturnType<typeof gazetteer> | null = null;
  const scans = scanRepository(db);
  const intake = scanIntake(config.scansPath, scans, () => new Date().toISOString());
  const imports = importJobs(db, join(config.scansPath, 'incoming'), intake);
  imports.tidy();
  const access = passcodes(db, () => Date.now());
  return {
    config,
    /** The passcode and who is signed in. */
    access,
    gate: gateOf(access),
    cameras: cameraRepository(db),
    films: filmRepository(db),
    loads: loadRepository(db),
    frames: frameRepository(db),
    search: frameSearch(db),
    scans,
    /** The files of the scans. */
    intake,
    /** Files that come in. */
    imports,
    /** Everything that is kept, line by line. */
    archive: () => archiveLines(db, new Date().toISOString()),
    judgements: judgementRepository(db),
    /** Sums over judged frames. */
    numbers: numbersOf(db),
    things: thingRepository(db),
    settings: settingsRepository(db),
    /** Places by name. @throws {Error} when the gazetteer was not made */
    places: () => (places ??= gazetteer(config.placesPath)),
    logbook: logbook(db, () => new Date().toISOString()),
    /** Changes of many frames at once. */
    manyFrames: manyFrames(db, () => new Date().toISOString()),
    /** What phones did while they were away. */
    changes: phoneChanges(db, () => new Date().toISOString()),
    /** Does several things as one: all, or none when something throws. */
    together: <T>(work: () => T): T => db.transaction(work).immediate(),
    close: (): void => {
      places?.close();
      db.close();
    }
  };
}

/** Everything the routes may ask of the database. */
export type Store = ReturnType<typeof openStore>;

let current: Store | null = null;

/** The open store; opens it on first use. @throws {Error} with words for the person who started the server */
export function store(): Store {
  current ??= openStore();
  return current;
}

/** Closes the store, if it is open. */
export function closeStore(): void {
  current?.close();
  current = null;
}
