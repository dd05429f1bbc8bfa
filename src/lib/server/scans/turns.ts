// Work that waits for its turn.

/** Lets some works go on side by side; the others wait, first come first served. @param abreast 1 or more */
export function turns(abreast: number): <T>(work: () => Promise<T>) => Promise<T> {
  let going = 0;
  const waiting: (() => void)[] = [];
  return async (work) => {
    if (going >= abreast) await new Promise<void>((next) => waiting.push(next));
    else going += 1;
    try {
      return await work();
    } finally {
      // whoever waits longest takes the place over
      const next = waiting.shift();
      if (next) next();
      else going -= 1;
    }
  };
}
