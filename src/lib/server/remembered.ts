// Remembers what texts of the database were read as: the same text is the same value, and checking it takes longer than
// looking it up. Values are readonly, so that one can stand in many places.

/** Texts remembered at most; beyond that all are forgotten and it begins anew. */
const MOST = 5000;

/** A reader that reads each text once. */
export function remembered<T>(read: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    const before = known.get(text);
    if (before !== undefined) return before;
    const value = read(text);
    if (known.size >= MOST) known.clear();
    known.set(text, value);
    return value;
  };
}
