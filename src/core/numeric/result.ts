// An answer that may be refused: the value, or a reason as data. Words for people are chosen at the edge.

/** Either a value or a typed refusal; told apart by `ok`. */
export type Result<T, E> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E };

/**
 * Wraps a value as a success.
 * @param value what was found
 * @returns the success
 */
export function ok<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value };
}

/**
 * Wraps a refusal.
 * @param error why
 * @returns the refusal
 */
export function err<E>(error: E): { readonly ok: false; readonly error: E } {
  return { ok: false, error };
}

/**
 * Ends a `switch` over a closed union: a forgotten case fails to compile.
 * @param value of a kind that nobody thought of
 * @throws {Error} at run time
 */
export function assertNever(value: never): never {
  throw new TypeError(`unexpected case: ${JSON.stringify(value)}`);
}
