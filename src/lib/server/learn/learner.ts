// Has it worked out what judged frames say before a page asks: when the server starts and after an import.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Config } from '../config.ts';
import type { Repositories } from '../repositories.ts';

/** @see learner */
export interface Learner {
  /** Looks at all judged frames, beside the server. */
  readonly look: () => void;
  readonly stop: () => void;
}

/** Works out in a worker what judged frames say. Where none was built (`npm run dev`), the first page to ask works it out. */
export function learner(
  { databasePath, workersPath, build }: Config,
  { observations }: Pick<Repositories, 'observations'>
): Learner {
  observations.begin(build);
  const file = resolve(workersPath, 'learn.js');
  let worker: Worker | null = null;
  const look = (): void => {
    if (worker || !existsSync(file)) return;
    worker = new Worker(file, { workerData: databasePath });
    worker.unref();
    worker.once('error', (error) => console.error('What judged frames say was not worked out:', error));
    worker.once('exit', () => (worker = null));
  };
  return { look, stop: () => void worker?.terminate() };
}
