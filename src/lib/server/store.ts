// The one open database of the running server, with its repositories and the rules over them.
import { existsSync, mkdirSync, renameSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { Database } from 'better-sqlite3';
import { moment, type Moment } from '#core/sky/moment.ts';
import { zoneHere } from '#core/sky/zone.ts';
import { gateOf } from './access/gate.ts';
import { passcodes } from './access/passcode.ts';
import { reader } from './beside/reader.ts';
import { tasksBeside } from './beside/tasks.ts';
import { readConfig } from './config.ts';
import { copiesOf, type Copy } from './copies/copies.ts';
import { holdLock } from './database/lock.ts';
import { damageOf, openForLooking } from './database/health.ts';
import { openDatabase } from './database/open.ts';
import { presenceOf } from './database/presence.ts';
import { seedDemo } from './demo/seed.ts';
import { snapshotLines } from './files/export-rows.ts';
import { importJobs } from './files/imports.ts';
import { kitLines, type KitPart } from './files/kit-file.ts';
import { loadChanges } from './kit/change-load.ts';
import { filmLoading } from './kit/load-film.ts';
import { learner, type Learner } from './learn/learner.ts';
import { underWay } from './http/under-way.ts';
import { gazetteer } from './light/places.ts';
import { logbook } from './log/logbook.ts';
import { manyFrames } from './log/many-frames.ts';
import { repositoriesOf } from './repositories.ts';
import { scanIntake } from './scans/intake.ts';
import { phoneChanges } from './sync/sync.ts';

/** Now, by the clocks of this machine. */
export function serverNow(): Moment {
  return moment(new Date().toISOString(), zoneHere());
}

function openStore() {
  const config = readConfig(process.env);
  mkdirSync(dirname(config.databasePath), { recursive: true });
  const lock = holdLock(config.databasePath, `process ${process.pid}, port ${process.env['PORT'] ?? '?'}`);
  const damage = damageOf(config.databasePath);
  const db = damage ? openForLooking(damage) : openDatabase(config.databasePath);
  if (config.demo && !damage) seedDemo(db);
  // opened when first asked: most days begin with the place of the last one
  let places: ReturnType<typeof gazetteer> | null = null;
  const repositories = repositoriesOf(db);
  const learning = damage ? RESTING : learner(config, repositories);
  const reading = reader(config, repositories, damage !== null);
  const intake = scanIntake(config.scansPath, repositories.scans, () => new Date().toISOString());
  const tasks = tasksBeside(config);
  const imports = importJobs(
    db,
    join(config.scansPath, 'incoming'),
    intake,
    tasks.imports(config.databasePath)
  );
  const copies = copiesOf(config.databasePath, config.copiesPath, () => Date.now(), tasks.copy);
  if (!damage) imports.tidy();
  const keeping = damage ? (): void => undefined : keepCopies(copies, db);
  const access = passcodes(db, () => Date.now());
  return {
    ...repositories,
    config,
    /** What is wrong with the database; null = nothing. It is only looked at then. */
    damage,
    /** Whether the file is where it was opened; else the trouble in words. */
    missing: presenceOf(db),
    /** The passcode and who is signed in. */
    access,
    gate: gateOf(access, db),
    /** What judged frames say, worked out before a page asks. */
    learner: learning,
    /** Reads what takes long beside everything else. */
    reading,
    /** The files of the scans. */
    intake,
    /** Copies of the database. */
    copies,
    /** Files that come in. */
    imports,
    /** Everything that is kept, line by line. */
    archive: () => snapshotLines(db, new Date().toISOString()),
    /** A part of the kit, line by line. */
    kitFile: (part: KitPart) => kitLines(db, part, new Date().toISOString()),
    /** Places by name. @throws {Error} when the gazetteer was not made */
    places: () => (places ??= gazetteer(config.placesPath)),
    logbook: logbook(db, serverNow),
    loading: filmLoading(db, serverNow),
    loadChanges: loadChanges(db, serverNow),
    /** Changes of many frames at once. */
    manyFrames: manyFrames(db, serverNow),
    /** What phones did while they were away. */
    changes: phoneChanges(db, serverNow),
    close: (): void => {
      keeping();
      learning.stop();
      reading.stop();
      imports.stop();
      places?.close();
      db.close();
      lock.release();
    }
  };
}

/** Beside a database that is only looked at nothing is worked out. */
const RESTING: Learner = { look: () => undefined, stop: () => undefined };

const [HOUR_MS, FOLD_MS] = [3_600_000, 300_000];

/**
 * Makes a copy a day, and folds what was written into the one file every few minutes, so that who copies the file has it all.
 * @returns ends it
 */
function keepCopies(copies: ReturnType<typeof copiesOf>, db: Database): () => void {
  const daily = (): void =>
    void copies.daily().catch((error: unknown) => console.error('Today’s copy could not be made:', error));
  const fold = (): void => {
    try {
      // waits for nobody who is just reading
      db.pragma('wal_checkpoint(PASSIVE)');
    } catch {
      // somebody is just reading, or a copy is made: the next time
    }
  };
  const timers = [setInterval(daily, HOUR_MS), setInterval(fold, FOLD_MS)];
  for (const timer of timers) timer.unref();
  daily();
  return () => {
    for (const timer of timers) clearInterval(timer);
  };
}

/**
 * Puts a copy in the place of the database, after a copy of how it is now; a damaged one is kept aside as it is. Asked for by a request:
 * others that are under way are answered first.
 * @throws {Error} when no copy can be made, or the one is damaged: nothing is changed then
 */
export const bringBack = (copy: Copy): Promise<void> =>
  underWay.alone(async () => {
    const { copies, config, damage } = store();
    if (!damage) await copies.make('before-return');
    copies.check(copy);
    closeStore();
    if (damage) setAside(config.databasePath);
    copies.putInPlace(copy, config.databasePath);
    store().learner.look();
  });

/** A damaged file keeps another name: somebody may still get something out of it. */
function setAside(path: string): void {
  const aside = `${path}.damaged-${new Date().toISOString().replace(/[:.]/g, '-')}`;
  for (const rest of ['', '-wal', '-shm']) if (existsSync(path + rest)) renameSync(path + rest, aside + rest);
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
