// The page's end of a line to a worker: typed questions, answers in parts, progress, and a way to take a question back.
import type { FromWorker, ToWorker } from '../../../workers/serve.ts';

/** What is heard of a question. */
export interface Hear<A> {
  part(answer: A): void;
  /** How far it is, 0…1. */
  progress?(share: number): void;
  done?(): void;
  /** It ended without an answer, or the worker could not be started. */
  failed?(words: string): void;
}

/** A worker as the line uses it. */
export interface Worklike<Q, A> {
  onmessage: ((event: MessageEvent<FromWorker<A>>) => unknown) | null;
  onerror: ((event: ErrorEvent) => unknown) | null;
  postMessage(message: ToWorker<Q>): void;
  terminate(): void;
}

/** A line to one worker, started with the first question. */
export class WorkerLine<Q, A> {
  readonly #make: () => Worklike<Q, A>;
  readonly #heard = new Map<number, Hear<A>>();
  #worker: Worklike<Q, A> | null = null;
  #last = 0;

  /** @param make starts the worker; the bundler looks for `new Worker(new URL(…))` where it is called */
  constructor(make: () => Worklike<Q, A>) {
    this.#make = make;
  }

  /** Asks. @returns what takes the question back: nothing more is heard of it */
  ask(question: Q, hear: Hear<A>): () => void {
    const worker = (this.#worker ??= this.#start());
    const job = ++this.#last;
    this.#heard.set(job, hear);
    worker.postMessage({ job, question });
    return () => {
      if (this.#heard.delete(job)) this.#worker?.postMessage({ job, cancel: true });
    };
  }

  /** Ends the worker and all that was asked of it. */
  stop(): void {
    this.#worker?.terminate();
    this.#worker = null;
    this.#heard.clear();
  }

  #start(): Worklike<Q, A> {
    const worker = this.#make();
    worker.onmessage = ({ data }) => {
      const hear = this.#heard.get(data.job);
      if (!hear) return;
      if ('part' in data) hear.part(data.part);
      else if ('share' in data) hear.progress?.(data.share);
      else {
        this.#heard.delete(data.job);
        if ('failed' in data) hear.failed?.(data.failed);
        else hear.done?.();
      }
    };
    worker.onerror = ({ message }) => {
      const all = [...this.#heard.values()];
      this.stop();
      for (const hear of all) hear.failed?.(message);
    };
    return worker;
  }
}
