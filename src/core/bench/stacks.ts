// Filters put together: every stack of what is owned.

/** Filters one over the other. */
export interface Stack {
  readonly filters: readonly { readonly name: string; readonly stops: number }[];
  /** What they take together. */
  readonly stops: number;
}

/** More than three glasses over each other nobody uses. */
const MOST = 3;

/**
 * Every stack, the weakest first: bare, each filter, and two or three of them. Of stacks as strong the one with fewer glasses.
 * @param owned filters, each of which can be used once
 */
export function stacksOf(owned: Stack['filters']): readonly Stack[] {
  let all: Stack[] = [{ filters: [], stops: 0 }];
  for (const filter of owned) {
    const more = all
      .filter((s) => s.filters.length < MOST)
      .map((s): Stack => ({ filters: [...s.filters, filter], stops: s.stops + filter.stops }));
    all = [...all, ...more];
  }
  const ordered = all.sort((a, b) => a.stops - b.stops || a.filters.length - b.filters.length);
  return ordered.filter((s, i) => i === 0 || s.stops !== ordered[i - 1]?.stops);
}
