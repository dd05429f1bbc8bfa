// Things that come in kinds, in Yup: one shape for each `kind`, and a message that names all kinds. The shapes are kept
// beside the lazy schema, so that the description of the API can list them.
import { string, type Schema } from 'yup';

const shapesOf = new WeakMap<object, readonly Schema[]>();

/** The field that tells the kinds apart. @param all every kind there is, for the message */
export function kindField<T extends string>(name: T, all: readonly string[]) {
  const words = `The kind must be one of ${all.join(', ')}.`;
  return string<T>().oneOf([name], words).required(words);
}

/** The `kind` of a value of unknown shape. */
export function kindOf(value: unknown): unknown {
  return typeof value === 'object' && value !== null && 'kind' in value ? value.kind : undefined;
}

/** Remembers the shapes that a lazy schema chooses from. */
export function keepShapes(lazySchema: object, shapes: readonly Schema[]): void {
  shapesOf.set(lazySchema, shapes);
}

/** The shapes of a lazy schema; null when it was given none. */
export function shapesFor(schema: object): readonly Schema[] | null {
  return shapesOf.get(schema) ?? null;
}
