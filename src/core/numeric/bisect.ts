// Finds where a test changes by halving.

/**
 * Where a test that holds at `inside` and not at `outside` changes: a point where it still holds, within the tolerance.
 * @param inside where the test holds @param outside where it does not, to either side @param tolerance > 0
 * @returns nearer than `tolerance` to the change
 */
export function bisect(
  holds: (x: number) => boolean,
  inside: number,
  outside: number,
  tolerance = 1e-9
): number {
  let [a, b] = [inside, outside];
  while (Math.abs(b - a) > tolerance) {
    const middle = (a + b) / 2;
    if (holds(middle)) a = middle;
    else b = middle;
  }
  return a;
}
