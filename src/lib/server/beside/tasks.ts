// Long work of its own kind, each piece done in a worker of its own, so that nobody waits for it but who asked.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Config } from '../config.ts';
import { doCopyWork, type CopyDone, type CopyWork } from '../copies/work.ts';
import type { Found } from '../files/findings.ts';
import { doImportWork, type ImportDone, type ImportWork, type Tell } from '../files/import-work.ts';
import type { ImportHands } from '../files/imports.ts';

/** What can be done. */
export type Task = CopyWork | (ImportWork & { readonly database: string });

/** What a worker says: how far it is, or what came of it. */
export type Said = { readonly lines: number } | { readonly done: CopyDone | ImportDone };

/** Does a task on this thread. @throws {Error} when it cannot be done: nothing is changed then */
export async function doTask(task: Task, tell: Tell): Promise<CopyDone | ImportDone> {
  return 'database' in task ? doImportWork(task.database, task, tell) : doCopyWork(task);
}

/** What is read of a file is soon forgotten: cleared away sooner, it takes a third less memory for a tenth more time. */
const LIMITS = { maxYoungGenerationSizeMb: 6 };

/** Has tasks done in a worker of their own; where none was built (`npm run dev`), here. */
export function tasksBeside({ workersPath }: Pick<Config, 'workersPath'>) {
  const file = resolve(workersPath, 'task.js');
  const run = (task: Task, tell: Tell = () => true, broken: AbortSignal | null = null): Promise<unknown> =>
    existsSync(file)
      ? new Promise((done, fail) => {
          const worker = new Worker(file, { workerData: task, resourceLimits: LIMITS });
          worker.on('message', (said: Said) => {
            if ('lines' in said) tell(said.lines);
            else done(said.done);
          });
          worker.once('error', fail);
          worker.once('exit', () => fail(new Error('The work was broken off')));
          broken?.addEventListener('abort', () => void worker.terminate(), { once: true });
        })
      : doTask(task, tell);
  return {
    copy: async (work: CopyWork): Promise<CopyDone> => (await run(work)) as CopyDone,
    /** Who does the long work of imports. @param database its file */
    imports: (database: string): ImportHands => ({
      read: async (folder, tell, broken) =>
        (await run({ does: 'read', database, folder }, tell, broken)) as Found,
      map: async (folder, mapping, target, broken) =>
        (await run({ does: 'map', database, folder, mapping, target }, undefined, broken)) as Found,
      take: async (folder, fresh) =>
        (await run({ does: 'take', database, folder, fresh })) as readonly string[]
    })
  };
}
