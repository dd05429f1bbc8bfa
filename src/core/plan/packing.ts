// The smallest kit that covers all stops of an outing: the fewest things, and of kits as small the one with the likeliest frames.
// Exact by branch and bound, with a bound on the work: https://en.wikipedia.org/wiki/Branch_and_bound (A. H. Land and A. G. Doig,
// Econometrica 28 (1960) 497).

/** A way to do something, with what it takes. */
export interface PackWay<T> {
  readonly way: T;
  /** Names of things, each once. */
  readonly items: readonly string[];
  /** The better, the higher; 0…1. */
  readonly worth: number;
}

/** Steps after which the best kit found so far is taken: a fraction of a second. */
const MOST_STEPS = 200_000;

interface Found<T> {
  readonly count: number;
  readonly worth: number;
  readonly ways: readonly T[];
}

/**
 * Chooses one way for each task so that as few different things as possible are needed.
 * @param tasks each with its ways, at least one
 * @returns the chosen way of each task, in their order
 */
export function smallestKit<T>(tasks: readonly (readonly PackWay<T>[])[]): readonly T[] {
  // the task with the fewest ways first: its things are needed anyway
  const order = tasks
    .map((ways, index) => ({ index, ways: undominated(ways) }))
    .sort((a, b) => a.ways.length - b.ways.length);
  const carried = new Map<string, number>();
  const chosen: T[] = [];
  let best: Found<T> | null = null;
  let steps = 0;
  const search = (depth: number, worth: number): void => {
    const task = order[depth];
    if (!task) {
      if (!best || carried.size < best.count || worth > best.worth)
        best = { count: carried.size, worth, ways: [...chosen] };
      return;
    }
    const extra = ({ items }: PackWay<T>): number => items.filter((i) => !carried.has(i)).length;
    const ways = [...task.ways].sort((a, b) => extra(a) - extra(b) || b.worth - a.worth);
    for (const way of ways) {
      if (best && ++steps > MOST_STEPS) return;
      const size = carried.size + extra(way);
      if (best && (size > best.count || (size === best.count && isHopeless(depth, worth + way.worth))))
        continue;
      for (const item of way.items) carried.set(item, (carried.get(item) ?? 0) + 1);
      chosen.push(way.way);
      search(depth + 1, worth + way.worth);
      chosen.pop();
      for (const item of way.items) {
        const uses = carried.get(item) ?? 1;
        if (uses === 1) carried.delete(item);
        else carried.set(item, uses - 1);
      }
    }
  };
  /** Whether the tasks that are left cannot make it likelier than the best. */
  const isHopeless = (depth: number, worth: number): boolean => {
    const rest = order.slice(depth + 1).reduce((sum, t) => sum + Math.max(...t.ways.map((w) => w.worth)), 0);
    return best !== null && worth + rest <= best.worth;
  };
  search(0, 0);
  const ways = (best as Found<T> | null)?.ways ?? [];
  return order
    .map(({ index }, i) => ({ index, way: ways[i] }))
    .sort((a, b) => a.index - b.index)
    .flatMap(({ way }) => (way === undefined ? [] : [way]));
}

/** Ways that no other beats with fewer things and as good frames. */
function undominated<T>(ways: readonly PackWay<T>[]): readonly PackWay<T>[] {
  const beats = (a: PackWay<T>, b: PackWay<T>): boolean =>
    a.worth >= b.worth && a.items.every((i) => b.items.includes(i));
  return ways.filter((w, i) => !ways.some((v, j) => j !== i && beats(v, w) && (!beats(w, v) || j < i)));
}
