// Imports, one at a time: read and checked in the background, shown, then taken as a whole or not at all.
import { createWriteStream, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Database } from 'better-sqlite3';
import { momentAt } from '#core/sky/moment.ts';
import { explainSqlite } from '../database/sqlite-words.ts';
import { loadChanges } from '../kit/change-load.ts';
import { loadRepository } from '../kit/loads.ts';
import type { scanIntake } from '../scans/intake.ts';
import type { CsvMapping } from './formats/csv/csv.ts';
import type { CsvTarget } from './formats/csv/csv-rows.ts';
import { stageRows } from './formats/csv/stage-rows.ts';
import { explainDisk } from './disk-words.ts';
import { formatOf } from './formats/formats.ts';
import { headOf } from './formats/text-file.ts';
import { Job, type ImportView } from './import-job.ts';
import { stagedScans } from './scan-files.ts';
import { staging } from './staging.ts';

/** Largest file that is taken, bytes. */
export const MOST_IMPORT_BYTES = 4 * 1024 ** 3;

/**
 * The imports of a store.
 * @param folder where files wait, emptied at the start
 * @param beside takes what is staged in beside the server; null = on this connection
 */
export function importJobs(
  db: Database,
  folder: string,
  intake: ReturnType<typeof scanIntake>,
  beside: ((fresh: number) => Promise<readonly string[]>) | null = null
) {
  const stage = staging(db);
  const loads = loadRepository(db);
  const films = loadChanges(db, () => momentAt(Date.now(), 'UTC'));
  // eslint-disable-next-line @typescript-eslint/require-await -- as it is beside the server
  const takeBeside = beside ?? (async (fresh: number) => stage.take(fresh));
  let taking: Promise<void> = Promise.resolve();
  let job: Job | null = null;
  /** Each import waits in a folder of its own: one that is broken off takes nothing of another along. */
  const folderOf = ({ id }: Job): string => join(folder, id);
  const pathOf = (own: Job): string => join(folderOf(own), 'file');
  const scansOf = (own: Job) => stagedScans(folderOf(own), intake);

  /** Clears an import's files away, and what is staged where that is its own. */
  function drop(own: Job): void {
    if (job === own) stage.clear();
    rmSync(folderOf(own), { recursive: true, force: true });
  }

  /** What stands against an import is told; nothing of it stays. */
  function refuseAll(own: Job, faults: readonly string[]): void {
    for (const fault of faults) own.refuse(0, fault);
    own.state = 'refused';
    drop(own);
  }

  async function readFileOf(own: Job): Promise<void> {
    const path = pathOf(own);
    const head = await headOf(path);
    const format = formatOf(head);
    if (head.length === 0) own.refuse(1, 'The file is empty.');
    else if (!format) own.refuse(1, 'The file is no text. A CSV is read as UTF-8, UTF-16 or Windows-1252.');
    else {
      const lookAtScans = (names: readonly string[]) => scansOf(own).look(stage.scans(), names);
      await format.read({ path, folder: folderOf(own), job: own, stage, lookAtScans });
    }
  }

  async function read(own: Job): Promise<void> {
    try {
      await readFileOf(own);
    } catch (error) {
      if (error instanceof TypeError) own.refuse(own.lines + 1, 'This is no UTF-8. Save the file as UTF-8.');
      else {
        const told = explainSqlite(error, db.name) ?? explainDisk(error, folder);
        own.refuse(own.lines + 1, told ?? (error instanceof Error ? `${error.message}.` : 'not readable'));
      }
    }
    own.settle();
    if (own.state === 'refused') drop(own);
  }

  /** Notes with a film how it was developed. @returns what speaks against it by now, and what takes it back */
  function develop(own: Job): { readonly against: readonly string[]; readonly undo: () => void } {
    const undo = (): void => undefined;
    if (!own.development) return { against: [], undo };
    const { loadId, development } = own.development;
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
      if (developed.against.length === 0) moved = scansOf(own).moveIn(stage.scans());
      const against = moved ? await takeBeside(own.fresh()) : developed.against;
      if (against.length > 0) {
        undo();
        refuseAll(own, against);
        return own.view();
      }
    } catch (error) {
      undo();
      own.state = 'ready';
      throw error;
    }
    stage.forget();
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
        await pipeline(Readable.from(body), counted, createWriteStream(pathOf(own)));
      } catch (error) {
        drop(own);
        if (error instanceof RangeError) return null;
        throw error;
      }
      // one that is just going in is let
      await taking;
      if (job) {
        if (job.state !== 'done') job.state = 'cancelled';
        drop(job);
      }
      stage.clear();
      job = own;
      void read(own);
      return own.view();
    },
    find: (id: string): ImportView | null => (job?.id === id ? job.view() : null),
    /** Says what the columns of a CSV stand for: its rows are checked as frames of a film. */
    map: (id: string, mapping: CsvMapping, target: CsvTarget): ImportView | null => {
      const own = job?.id === id ? job : null;
      const table = own?.table;
      if (!own || !table || !['mapping', 'ready', 'refused'].includes(own.state)) return null;
      stage.clear();
      [own.counts, own.faults, own.faultCount, own.read, own.frameIds] = [{}, [], 0, [], []];
      own.development = null;
      stageRows(own, stage, table, mapping, target);
      own.state = own.faultCount > 0 ? 'refused' : 'ready';
      if (own.state === 'refused') stage.clear();
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
      job?.id === id && job.state === 'done' && job.table
        ? { frameIds: job.frameIds, developed: job.development?.loadId ?? null }
        : null,
    cancel: (id: string): boolean => {
      if (job?.id !== id || job.state === 'done' || job.state === 'taking') return false;
      job.state = 'cancelled';
      drop(job);
      return true;
    },
    /** Clears away what was cut off when the server last stopped. */
    tidy: (): void => {
      stage.clear();
      rmSync(folder, { recursive: true, force: true });
    }
  };
}
