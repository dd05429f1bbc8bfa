// Does one task beside the server. Built as a file of its own.
import { parentPort, workerData } from 'node:worker_threads';
import { doTask, type Task } from './tasks.ts';

void doTask(workerData as Task).then((done) => parentPort?.postMessage(done));
