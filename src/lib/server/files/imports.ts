// Imports, one at a time: read and checked in the background, shown, then taken as a whole or not at all.
import { createWriteStream, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Database } from 'better-sqlite3';
import { momentAt } from '#core/sky/moment.ts';
import { loadChanges } from '../kit/change-load.ts';
import { loadRepository } from '../kit/loads.ts';
import type { scanIntake } from '../scans/intake.ts';
import type { CsvMapping } from './formats/csv/csv.ts';
import type { CsvTarget } from './formats/csv/csv-rows.ts';
import { Job, type ImportView } from './import-job.ts';
import { fileOf, mapRows, readFileOf, takeIn, unpackedOf, type Tell } from './import-work.ts';
import type { Found } from './findings.ts';
import { stagedScans } from './scan-files.ts';

/** Largest file that is taken, bytes. */
export const MOST_IMPORT_BYTES = 4 * 1024 ** 3;

/** Who does the long work. @see import-work.ts */
export interface ImportHands {
  readonly read: (folder: string, tell: Tell, broken: AbortSignal) => Promise<Found>;
  readonly map: (
    folder: string,
    mapping: CsvMapping,
    target: CsvTarget,
    broken: AbortSignal
  ) => Promise<Found>;
  /** @returns what stands against it by now; nothing = it is in */
  readonly take: (folder: string, fresh: number) => Promise<readonly string[]>;
}

/** Does the work on this thread, over a connection that is open; others have their turn in between. */
export function handsHere(db: Database): ImportHands {
  return {
    read: (folder, tell) => readFileOf(db, folder, tell),
    map: (folder, mapping, target) => mapRows(db, folder, mapping, target),
    // eslint-disable-next-line @typescript-eslint/require-await -- as it is beside the server
    take: async (folder, fresh) => takeIn(db, folder, fresh)
  };
}

const whyOf = (error: unknown): string => (error instanceof Error ? `${error.message}.` : 'not readable');

/**
 * The imports of a store.
 * @param folder where files wait, emptied at the start
 */
export function importJobs(
  db: Database,
  folder: string,
  intake: ReturnType<typeof scanIntake>,
  hands: ImportHands = handsHere(db)
) {
  const loads = loadRepository(db);
  const films = loadChanges(db, () => momentAt(Date.now(), 'UTC'));
  let taking: Promise<void> = Promise.resolve();
  let job: Job | null = null;
  /** Each import waits in a folder of its own: one that is broken off takes nothing of another along. */
  const folderOf = ({ id }: Job): string => join(folder, id);
  const scansOf = (own: Job) => stagedScans(unpackedOf(folderOf(own)), intake);
  const drop = (own: Job): void => rmSync(folderOf(own), { recursive: true, force: true });
  const settle = (own: Job): void => {
    if (own.state === 'refused') drop(own);
  };

  async function read(own: Job): Promise<void> {
    const tell = (lines: number): boolean => {
      own.found = { ...own.found, lines };
      return own.state === 'reading';
    };
    try {
      const found = await hands.read(folderOf(own), tell, own.broken.signal);
      const { scanNames, scans, faultCount } = found;
      const whys = scanNames && faultCount === 0 ? await scansOf(own).look(scans, scanNames) : [];
      if (own.state !== 'reading') return;
      own.hear(found);
      if (whys.length > 0) own.refuse(whys.map((why) => ({ line: 0, why })));
    } catch (error) {
      // its folder may be gone by now
      if (own.state !== 'reading') return;
      own.refuse([{ line: own.found.lines + 1, why: whyOf(error) }]);
    }
    settle(own);
  }

  /** Notes with a film how it was developed. @returns what speaks against it by now, and what takes it back */
  function develop(own: Job): { readonly against: readonly string[]; readonly undo: () => void } {
    const undo = (): void => undefined;
    const said = own.found.rows?.development;
    if (!said) return { against: [], undo };
    const { loadId, development } = said;
    if (loads.find(loadId)?.development)
      return { against: ['The development of this film was noted here meanwhile.'], undo };
    const changed = films.change(loadId, { development });
    if (!changed.ok) return { against: ['The film cannot be developed: it is in the camera again.'], undo };
    return { against: [], undo: () => films.change(loadId, { development: null }) };
  }

  async function takeOwn(own: Job): Promise<ImportView> {
    const developed = develop(own);
    let moved: (() => void) | null = null;
    const undo = (): void => {
      moved?.();
      developed.undo();
    };
    try {
      if (developed.against.length === 0) moved = scansOf(own).moveIn(own.found.scans);
      const against = moved ? await hands.take(folderOf(own), own.fresh()) : developed.against;
      if (against.length > 0) {
        undo();
        own.refuse(against.map((why) => ({ line: 0, why })));
        settle(own);
        return own.view();
      }
    } catch (error) {
      undo();
      own.state = 'ready';
      throw error;
    }
    own.state = 'done';
    drop(own);
    return own.view();
  }

  return {
    /** Takes a file in and begins to read it; once it is here, an import before it that was not taken is dropped. @returns null when it is too large */
    start: async (name: string, body: AsyncIterable<Uint8Array>): Promise<ImportView | null> => {
      const own = new Job(name);
      mkdirSync(folderOf(own), { recursive: true });
      let bytes = 0;
      const counted = new Transform({
        transform(chunk: Buffer, _encoding, done) {
          bytes += chunk.length;
          done(bytes > MOST_IMPORT_BYTES ? new RangeError('too large') : null, chunk);
        }
      });
      try {
        await pipeline(Readable.from(body), counted, createWriteStream(fileOf(folderOf(own))));
      } catch (error) {
        drop(own);
        if (error instanceof RangeError) return null;
        throw error;
      }
      // one that is just going in is let
      await taking;
      if (job) {
        if (job.state !== 'done') job.cancel();
        drop(job);
      }
      job = own;
      void read(own);
      return own.view();
    },
    find: (id: string): ImportView | null => (job?.id === id ? job.view() : null),
    /** Says what the columns of a CSV stand for: its rows are checked as frames of a film. */
    map: async (id: string, mapping: CsvMapping, target: CsvTarget): Promise<ImportView | null> => {
      const own = job?.id === id ? job : null;
      const columns = own?.found.columns;
      if (!own || !columns || !['mapping', 'ready', 'refused'].includes(own.state)) return null;
      own.state = 'reading';
      try {
        const found = await hands.map(folderOf(own), mapping, target, own.broken.signal);
        if (!own.broken.signal.aborted) own.hear(found, columns);
      } catch (error) {
        // it may have been dropped meanwhile
        if (!own.broken.signal.aborted) own.refuse([{ line: 0, why: whyOf(error) }]);
      }
      return own.view();
    },
    /** Everything goes in, or nothing, and then it is told what stands against it. @returns null when nothing is ready */
    take: (id: string): Promise<ImportView | null> => {
      const own = job?.id === id ? job : null;
      if (own?.state !== 'ready') return Promise.resolve(null);
      own.state = 'taking';
      const taken = takeOwn(own);
      taking = taken.then(
        () => undefined,
        () => undefined
      );
      return taken;
    },
    /** Waits while an import goes in: it holds the database, and who writes meanwhile would hold everybody up. */
    settled: (): Promise<void> => taking,
    /** What of a CSV was taken last: its frames, and the film whose development came with them; null = nothing of the kind was. */
    taken: (
      id: string
    ): { readonly frameIds: readonly string[]; readonly developed: string | null } | null =>
      job?.id === id && job.state === 'done' && job.found.rows
        ? {
            frameIds: job.found.rows.frameIds,
            developed: job.found.rows.development?.loadId ?? null
          }
        : null,
    cancel: (id: string): boolean => {
      if (job?.id !== id || job.state === 'done' || job.state === 'taking') return false;
      job.cancel();
      drop(job);
      return true;
    },
    /** Clears away what was cut off when the server last stopped. */
    tidy: (): void => rmSync(folder, { recursive: true, force: true }),
    /** Breaks off what is being read. */
    stop: (): void => job?.broken.abort()
  };
}
