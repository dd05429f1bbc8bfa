// A database that a history runs on, and all of it that a history may do through.
import { openDatabase } from '#server/database/open.ts';
import { seedDemo } from '#server/demo/seed.ts';
import { loadChanges } from '#server/kit/change-load.ts';
import { filmLoading } from '#server/kit/load-film.ts';
import { logbook } from '#server/log/logbook.ts';
import { manyFrames } from '#server/log/many-frames.ts';
import { repositoriesOf } from '#server/repositories.ts';
import { phoneChanges } from '#server/sync/sync.ts';
import { momentAt } from '#core/sky/moment.ts';

/** Clocks that people carry. */
export const ZONES = ['Europe/Oslo', 'Asia/Tokyo', 'America/Lima', 'Pacific/Auckland', 'UTC'] as const;
/** When every history begins, ms. */
const BEGIN = Date.parse('2026-05-01T08:00:00Z');

/** A database with cameras and films and nothing noted, and a clock that a history moves on. */
export function openWorld() {
  const seeded = openDatabase(':memory:');
  seedDemo(seeded);
  const [cameras, films] = [repositoriesOf(seeded).cameras.list(), repositoriesOf(seeded).films.list()];
  seeded.close();
  const db = openDatabase(':memory:');
  const repositories = repositoriesOf(db);
  let minutes = 0;
  const now = () => momentAt(BEGIN + minutes * 60_000, 'UTC');
  for (const { value } of cameras) repositories.cameras.add(value, now());
  for (const { value } of films) repositories.films.add(value, now());
  return {
    ...repositories,
    cameraIds: cameras.map((c) => c.value.id),
    filmIds: films.map((f) => f.value.id),
    now,
    pass: (by: number): void => {
      minutes += by;
    },
    log: logbook(db, now),
    many: manyFrames(db, now),
    loading: filmLoading(db, now),
    changing: loadChanges(db, now),
    sync: phoneChanges(db, now),
    countFrames: db.prepare<[], { readonly n: number }>('select count(*) as n from frame'),
    /** Lets a history happen, and then as if it had not. */
    undone: <T>(history: () => T): T => {
      minutes = 0;
      db.exec('begin immediate');
      try {
        return history();
      } finally {
        db.exec('rollback');
      }
    },
    close: (): void => {
      db.close();
    }
  };
}

/** @see openWorld */
export type World = ReturnType<typeof openWorld>;
