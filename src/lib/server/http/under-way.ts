// Requests that are being answered. Who puts another file in the place of the database does it while no other is under way: those
// that are have their answer first, those that come wait.

/** So long others are waited for, ms: an upload may take for ever. */
const MOST_MS = 10_000;

/** Keeps count of requests. @param mostMs so long is waited until one is alone */
export function requestsUnderWay(mostMs = MOST_MS) {
  let count = 0;
  let alone: Promise<unknown> | null = null;
  let left: () => void = () => undefined;

  return {
    /** Answers a request, once nobody need be alone. */
    answer: async <T>(work: () => T | Promise<T>): Promise<T> => {
      while (alone) await alone.catch(() => null);
      count += 1;
      try {
        return await work();
      } finally {
        count -= 1;
        left();
      }
    },
    /**
     * Does something for a request that is under way, while no other is.
     * @throws {Error} when another one is alone just now
     */
    alone: async <T>(work: () => T | Promise<T>): Promise<T> => {
      if (alone) throw new Error('A copy is just being brought back. Wait until it is there.');
      const empty = new Promise<void>((done) => {
        left = () => (count <= 1 ? done() : undefined);
        left();
        setTimeout(done, mostMs).unref();
      });
      const working = empty.then(work);
      alone = working;
      try {
        return await working;
      } finally {
        alone = null;
        left = () => undefined;
      }
    }
  };
}

/** The requests of this server. */
export const underWay = requestsUnderWay();
