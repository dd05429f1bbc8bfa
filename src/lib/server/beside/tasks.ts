// Long work of its own kind, each piece done in a worker of its own, so that nobody waits for it but who asked.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Config } from '../config.ts';
import { doCopyWork, type CopyDone, type CopyWork } from '../copies/work.ts';
import { takeStaged } from '../files/take-staged.ts';

/** What an import's taking is about. */
export interface TakeWork {
  readonly does: 'take';
  readonly database: string;
  /** Lines that were staged and are new. */
  readonly fresh: number;
}

/** What can be done. */
export type Task = CopyWork | TakeWork;

/** Does a task on this thread. @throws {Error} when it cannot be done: nothing is changed then */
export async function doTask(task: Task): Promise<CopyDone | readonly string[]> {
  return task.does === 'take' ? takeStaged(task.database, task.fresh) : doCopyWork(task);
}

/** Has tasks done in a worker of their own; where none was built (`npm run dev`), here. */
export function tasksBeside({ workersPath }: Pick<Config, 'workersPath'>) {
  const file = resolve(workersPath, 'task.js');
  const run = (task: Task): Promise<unknown> =>
    existsSync(file)
      ? new Promise((done, fail) => {
          const worker = new Worker(file, { workerData: task });
          worker.once('message', done);
          worker.once('error', fail);
          worker.once('exit', () => fail(new Error('The work was broken off.')));
        })
      : doTask(task);
  return {
    copy: async (work: CopyWork): Promise<CopyDone> => (await run(work)) as CopyDone,
    /** @returns what stands against it; nothing = it is in */
    take: async (work: TakeWork): Promise<readonly string[]> => (await run(work)) as readonly string[]
  };
}
