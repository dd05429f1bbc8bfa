// Shapes that several kinds share when a camera is stored or sent. In JSON, null stands for an infinite distance.
import { array, boolean, number, object, string, type InferType, type Schema } from 'yup';
import { CONTROL_ACTS, CONTROL_SHAPES, MARK_SYMBOLS, type Position } from '../position.ts';

/**
 * The field that tells the kinds apart.
 * @param name of the kind
 * @returns a field that takes this name alone
 */
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

/**
 * A position of a checked body.
 * @param p body that was checked
 * @returns the position
 */
export function positionFrom(p: InferType<typeof positionShape>): Position {
  const { mark, symbol, value, byHand } = p;
  return { mark, symbol, value: value ?? Infinity, ...(byHand ? { byHand } : {}) };
}

/** How a kind is told on a sheet and stored: one entry of a registry. */
export interface Form<Sheet, S extends Schema, T> {
  readonly sheet: Sheet;
  readonly schema: S;
  /** From a checked body. */
  from(body: InferType<S>): T;
}

/**
 * Puts them together.
 * @param sheet what is typed @param schema what is stored @param from a checked body to the thing
 * @returns the three as one
 */
export function form<Sheet, S extends Schema, T>(
  sheet: Sheet,
  schema: S,
  from: (body: InferType<S>) => T
): Form<Sheet, S, T> {
  return { sheet, schema, from };
}
