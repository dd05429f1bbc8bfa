// Remembers what was read: the same value read again is looked up, as checking it takes longer. What is read is readonly, so that
// one can stand in many places.

/** Values remembered at most; beyond that all are forgotten and it begins anew. */
const MOST = 5000;

/**
 * A reader that reads each value once.
 * @param keyOf what a value is known by; itself, unless it is an object, which is another one each time
 */
export function remembered<V, T>(
  read: (value: V) => T,
  keyOf: (value: V) => unknown = (value) => value
): (value: V) => T {
  const known = new Map<unknown, T>();
  return (value) => {
    const key = keyOf(value);
    const before = known.get(key);
    if (before !== undefined) return before;
    const fresh = read(value);
    if (known.size >= MOST) known.clear();
    known.set(key, fresh);
    return fresh;
  };
}
