// Asks a worker for what takes long to read, so that nobody else waits for it meanwhile.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Config } from '../config.ts';
import type { Repositories } from '../repositories.ts';
import { answerTo, type QuestionName, type Questions } from './questions.ts';

/** A question as it is sent. */
export interface Asked {
  readonly id: number;
  readonly name: QuestionName;
  readonly about: Questions[QuestionName]['about'];
}

/** What comes back: the answer, or why there is none. */
export type Answered =
  | { readonly id: number; readonly answer: Questions[QuestionName]['answer'] }
  | { readonly id: number; readonly failure: Error };

/** @see reader */
export interface Reader {
  /** @throws {Error} what went wrong at reading */
  readonly ask: <N extends QuestionName>(
    name: N,
    about: Questions[N]['about']
  ) => Promise<Questions[N]['answer']>;
  readonly stop: () => void;
}

/** A worker that nobody asked anything for so long gives its memory back. */
const IDLE_MS = 300_000;

interface Waiting {
  readonly done: (answer: never) => void;
  readonly fail: (failure: Error) => void;
}

/**
 * Reads in one worker, one question after another. Where none was built (`npm run dev`), or the database is only looked at, it is
 * read here.
 * @param here the same database on this thread
 */
export function reader(
  { databasePath, workersPath }: Pick<Config, 'databasePath' | 'workersPath'>,
  here: Repositories,
  lookingOnly: boolean
): Reader {
  const file = resolve(workersPath, 'read.js');
  const waiting = new Map<number, Waiting>();
  let last = 0;
  let worker: Worker | null = null;
  let idle: NodeJS.Timeout | null = null;

  const ended = (failure: Error): void => {
    worker = null;
    for (const { fail } of waiting.values()) fail(failure);
    waiting.clear();
  };
  const taken = (answered: Answered): void => {
    const asked = waiting.get(answered.id);
    waiting.delete(answered.id);
    if ('failure' in answered) asked?.fail(answered.failure);
    else asked?.done(answered.answer as never);
  };
  const stop = (): void => {
    if (idle) clearTimeout(idle);
    const stopped = worker;
    ended(new Error('The server is stopping.'));
    void stopped?.terminate();
  };
  const begin = (): Worker => {
    const begun = new Worker(file, { workerData: databasePath });
    begun.unref();
    begun.on('message', taken);
    begun.once('error', ended);
    begun.once('exit', () => {
      if (worker === begun) ended(new Error('Reading was broken off.'));
    });
    return begun;
  };
  return {
    ask: (name, about) => {
      if (lookingOnly || !existsSync(file)) return Promise.resolve().then(() => answerTo(here, name, about));
      if (idle) clearTimeout(idle);
      idle = setTimeout(stop, IDLE_MS).unref();
      worker ??= begin();
      const asked: Asked = { id: ++last, name, about };
      return new Promise((done, fail) => {
        waiting.set(asked.id, { done, fail });
        worker?.postMessage(asked);
      });
    },
    stop
  };
}
