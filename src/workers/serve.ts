// The worker's end of a line: questions are answered in parts, how far it is is told, and what is no longer wanted is left.

/** What the page sends. */
export type ToWorker<Q> =
  { readonly job: number; readonly question: Q } | { readonly job: number; readonly cancel: true };

/** What the worker sends. */
export type FromWorker<A> =
  | { readonly job: number; readonly part: A }
  | { readonly job: number; readonly share: number }
  | { readonly job: number; readonly done: true }
  | { readonly job: number; readonly failed: string };

/** Where messages come from and go to: a worker's own scope, or another of that shape. */
export interface Post<Q, A> {
  onmessage: ((event: MessageEvent<ToWorker<Q>>) => unknown) | null;
  postMessage(message: FromWorker<A>): void;
}

/** Answers a question in parts. @param progress tells how far it is, 0…1 */
export type Answering<Q, A> = (
  question: Q,
  progress: (share: number) => void
) => Iterable<A> | AsyncIterable<A>;

/** Lets messages in: a cancelling one is only heard between two parts. */
const pause = (): Promise<void> => new Promise((done) => setTimeout(done));

/** Answers the questions that come, one after the other, until each is done or no longer wanted. */
export function serve<Q, A>(post: Post<Q, A>, answering: Answering<Q, A>): void {
  const left = new Set<number>();
  const answer = async (job: number, question: Q): Promise<void> => {
    await pause();
    if (left.delete(job)) return;
    for await (const part of answering(question, (share) => post.postMessage({ job, share }))) {
      if (left.delete(job)) return;
      post.postMessage({ job, part });
      await pause();
      if (left.delete(job)) return;
    }
    post.postMessage({ job, done: true });
  };
  post.onmessage = ({ data }) => {
    if ('cancel' in data) {
      left.add(data.job);
      return;
    }
    answer(data.job, data.question).catch((error: unknown) =>
      post.postMessage({ job: data.job, failed: error instanceof Error ? error.message : String(error) })
    );
  };
}
