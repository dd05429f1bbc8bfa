// Has the long work on copies done in a worker, so that nobody waits for it but who asked.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Config } from '../config.ts';
import { doCopyWork, type CopyDone, type CopyWork } from './work.ts';

/** Does work on copies; where no worker was built (`npm run dev`), here. */
export function besideServer({
  workersPath
}: Pick<Config, 'workersPath'>): (work: CopyWork) => Promise<CopyDone> {
  const file = resolve(workersPath, 'copy.js');
  return (work) =>
    existsSync(file)
      ? new Promise((done, fail) => {
          const worker = new Worker(file, { workerData: work });
          worker.once('message', done);
          worker.once('error', fail);
          worker.once('exit', () => fail(new Error('The work on the copy was broken off.')));
        })
      : doCopyWork(work);
}
