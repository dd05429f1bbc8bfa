/** Times an ear can tell apart, seconds. Common practice, no source. */
export const EAR_TIMES = [1 / 60, 1 / 30, 1 / 15, 1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 8, 15] as const;
