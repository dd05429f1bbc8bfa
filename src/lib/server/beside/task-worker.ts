// Does one task beside the server. Built as a file of its own.
import { parentPort, workerData } from 'node:worker_threads';
import { doTask, type Said, type Task } from './tasks.ts';

const say = (said: Said): void => parentPort?.postMessage(said);
const tell = (lines: number): boolean => {
  say({ lines });
  return true;
};
void doTask(workerData as Task, tell).then((done) => say({ done }));
