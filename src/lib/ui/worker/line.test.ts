import { expect, it } from 'vitest';
import { serve, type Answering, type FromWorker, type Post, type ToWorker } from '../../../workers/serve.ts';
import { WorkerLine, type Worklike } from './line.ts';

/** Both ends, joined without a worker. Messages arrive later, as they do between threads. */
function joined(answering: Answering<number, number>): WorkerLine<number, number> {
  return new WorkerLine<number, number>(() => {
    const later = (then: () => void): void => void setTimeout(then);
    const near: Worklike<number, number> = {
      ...{ onmessage: null, onerror: null, terminate: () => undefined },
      postMessage: (message: ToWorker<number>) =>
        later(() => far.onmessage?.({ data: message } as MessageEvent<ToWorker<number>>))
    };
    const far: Post<number, number> = {
      onmessage: null,
      postMessage: (message: FromWorker<number>) =>
        later(() => near.onmessage?.({ data: message } as MessageEvent<FromWorker<number>>))
    };
    serve(far, answering);
    return near;
  });
}

function* counted(to: number, progress: (share: number) => void): Iterable<number> {
  for (let i = 1; i <= to; i++) {
    progress(i / to);
    yield i;
  }
}

it('answers come in parts, in order, with how far it is', async () => {
  const heard: string[] = [];
  await new Promise<void>((done) => {
    joined(counted).ask(3, {
      part: (n) => heard.push(`part ${n}`),
      progress: (share) => heard.push(`${Math.round(share * 100)} %`),
      done
    });
  });
  expect(heard).toEqual(['33 %', 'part 1', '67 %', 'part 2', '100 %', 'part 3']);
});

it('nothing is heard of a question that was taken back, and the next one is answered', async () => {
  const line = joined(counted);
  const heard: number[] = [];
  const back = line.ask(1000, { part: (n) => heard.push(n) });
  back();
  await new Promise<void>((done) => void line.ask(2, { part: (n) => heard.push(n), done }));
  expect(heard).toEqual([1, 2]);
});

it('a question taken back in its midst is not worked out to the end', async () => {
  let worked = 0;
  const line = joined(function* (to) {
    for (let i = 1; i <= to; i++) {
      worked = i;
      yield i;
    }
  });
  await new Promise<void>((done) => {
    const back = line.ask(10_000, {
      part: (n) => {
        if (n !== 2) return;
        back();
        line.ask(1, { part: () => undefined, done });
      }
    });
  });
  expect(worked).toBeLessThan(10);
});

it('what fails in the worker is told', async () => {
  const words = await new Promise<string>((done) => {
    joined(() => {
      throw new Error('no such sum');
    }).ask(1, { part: () => undefined, failed: done });
  });
  expect(words).toBe('no such sum');
});
