// Shapes that several kinds share when a camera is stored or sent. In JSON, null stands for an infinite distance.
import { array, boolean, number, object, string, type InferType, type Schema } from 'yup';
import { CONTROL_ACTS, CONTROL_SHAPES, MARK_SYMBOLS, type Position } from '../position.ts';

/** The field that tells the kinds apart. */
export function kindField<T extends string>(name: T) {
  return string<T>().oneOf([name]).required();
}

/** What stands on the camera at a position. */
export const markShape = {
  mark: string().defined().max(20),
  symbol: string().oneOf(MARK_SYMBOLS).nullable().defined()
};
/** One position. */
export const positionShape = object({
  ...markShape,
  value: number().nullable().defined(),
  byHand: boolean<true>().oneOf([true]).optional()
});
/** Positions in printed order. */
export const positionsShape = array(positionShape.required()).required();
/** Id and label. */
export const namedShape = { id: string().required().max(40), label: string().required().max(40) };
/** How it looks. */
export const lookShape = string().oneOf(CONTROL_SHAPES).required();
/** What it acts on. */
export const actsShape = string().oneOf(CONTROL_ACTS).required();
/** The cell that reads the light. */
export const eyeShape = object({
  place: string<'outside' | 'behind-lens'>().oneOf(['outside', 'behind-lens']).required(),
  believesIso: number().required(),
  angleDegrees: number().positive().max(180).nullable().defined()
}).required();

/** A position of a checked body. */
export function positionFrom(p: InferType<typeof positionShape>): Position {
  const { mark, symbol, value, byHand } = p;
  return { mark, symbol, value: value ?? Infinity, ...(byHand ? { byHand } : {}) };
}

/** What a kind can do together with how it is stored: one entry of a registry. */
export type Stored<K, S extends Schema, T> = K & {
  readonly schema: S;
  /** From a checked body. */
  from(body: InferType<S>): T;
};

/** Puts a kind and its stored form together. */
export function stored<K extends object, S extends Schema, T>(
  kind: K,
  schema: S,
  from: (body: InferType<S>) => T
): Stored<K, S, T> {
  return { ...kind, schema, from };
}
