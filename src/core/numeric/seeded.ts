// Numbers that look like chance and are the same for the same seed. T. Ettinger, mulberry32 (2017, public domain); from memory.

/** A source of numbers. */
export interface Seeded {
  /** Evenly spread over [from, to). */
  readonly between: (from: number, to: number) => number;
  /** One of a list, each as likely. @throws {RangeError} when it is empty */
  readonly oneOf: <T>(list: readonly T[]) => T;
  /** Normal, mean 0 and sd 1. Box and Muller (1958). */
  readonly normal: () => number;
}

/** @param seed a whole number */
export function seeded(seed: number): Seeded {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
  return {
    between: (from, to) => from + (to - from) * next(),
    oneOf: (list) => {
      const one = list[Math.floor(next() * list.length)];
      if (one === undefined) throw new RangeError('list must have something in it');
      return one;
    },
    normal: () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next())
  };
}
