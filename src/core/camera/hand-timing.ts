// Times that a person counts on B or T.

/** How unsure a counted time is: one sd in stops for a length of one second; it falls as 1/t. About a quarter second either way. Common practice, no source. */
const SD_STOP_SECONDS = 0.36;

/** Nobody counts less than this well. */
export const SHORTEST_COUNT_SECONDS = 1;

/**
 * One sd in stops of a time counted by hand; t in seconds, > 0.
 * @param seconds > 0
 * @returns stops > 0, smaller the longer it is
 */
export function handTimingSd(seconds: number): number {
  return SD_STOP_SECONDS / seconds;
}

/** Times that are offered where a dial has B or T: whole seconds, each a stop from the next, up to about four minutes. */
export const COUNTED_SECONDS = [1, 2, 4, 8, 15, 30, 60, 120, 240] as const;
