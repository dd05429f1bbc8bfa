// Answers questions over the whole log beside the server, over a connection of its own. Built as a file of its own.
import { parentPort, workerData } from 'node:worker_threads';
import { string } from 'yup';
import { openBeside } from '../database/open.ts';
import { repositoriesOf } from '../repositories.ts';
import { answerTo } from './questions.ts';
import type { Answered, Asked } from './reader.ts';

const store = repositoriesOf(openBeside(string().required().validateSync(workerData)));
parentPort?.on('message', ({ id, name, about }: Asked) => {
  parentPort?.postMessage(answered(id, () => answerTo(store, name, about)));
});

function answered(id: number, read: () => Extract<Answered, { answer: unknown }>['answer']): Answered {
  try {
    return { id, answer: read() };
  } catch (error) {
    return { id, failure: error instanceof Error ? error : new Error(String(error)) };
  }
}
