// Which copies are kept: the newest of each of the last seven days, four weeks and twelve months, and all of the last day.

/** A copy, as far as keeping goes. */
export interface Dated {
  /** Milliseconds since 1970. */
  readonly ms: number;
}

/** How many of each are kept. */
export const KEPT = { days: 7, weeks: 4, months: 12 } as const;

const DAY_MS = 86_400_000;

const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
const monthOf = (ms: number): string => dayOf(ms).slice(0, 7);
/** Weeks begin on Monday: the first of January 1970 was a Thursday. */
const weekOf = (ms: number): string => String(Math.floor((ms / DAY_MS + 3) / 7));

/** The newest of each of the latest `most` groups. */
function newestOf<T extends Dated>(
  copies: readonly T[],
  group: (ms: number) => string,
  most: number
): readonly T[] {
  const seen = new Map<string, T>();
  for (const copy of copies) {
    const name = group(copy.ms);
    if (!seen.has(name) && seen.size < most) seen.set(name, copy);
  }
  return [...seen.values()];
}

/** Those of the copies that are kept, the newest first. @param nowMs milliseconds since 1970 */
export function keptOf<T extends Dated>(copies: readonly T[], nowMs: number): readonly T[] {
  const newestFirst = [...copies].sort((a, b) => b.ms - a.ms);
  const kept = new Set([
    ...newestFirst.filter((c) => c.ms > nowMs - DAY_MS),
    ...newestOf(newestFirst, dayOf, KEPT.days),
    ...newestOf(newestFirst, weekOf, KEPT.weeks),
    ...newestOf(newestFirst, monthOf, KEPT.months)
  ]);
  return newestFirst.filter((c) => kept.has(c));
}
