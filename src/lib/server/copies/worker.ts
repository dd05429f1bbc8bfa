// Does the long work on copies beside the server. Built as a file of its own.
import { parentPort, workerData } from 'node:worker_threads';
import { doCopyWork, type CopyWork } from './work.ts';

void doCopyWork(workerData as CopyWork).then((done) => parentPort?.postMessage(done));
