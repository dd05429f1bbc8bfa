// The marks of a frame with the values they had, as JSON; null stands for an infinite distance.
import { array, boolean, number, object, string, type InferType } from 'yup';
import { CONTROL_ACTS, MARK_SYMBOLS } from '#core/camera/position.ts';
import type { NotedMark } from '#core/camera/noted.ts';

/** The marks of a frame. */
export const notedSchema = array(
  object({
    control: string().required().max(40),
    label: string().required().max(40),
    acts: string().oneOf(CONTROL_ACTS).required(),
    mark: string().defined().max(20),
    symbol: string().oneOf(MARK_SYMBOLS).nullable().defined(),
    value: number().nullable().defined(),
    gear: string().max(40).nullable().defined(),
    chosen: boolean().required(),
    byHand: boolean().required()
  }).required()
)
  .max(20)
  .required();

/** The marks of a checked body. */
export function notedFrom(body: InferType<typeof notedSchema>): readonly NotedMark[] {
  return body.map((mark) => ({ ...mark, value: mark.value ?? Infinity }));
}

/** Reads stored marks. @throws {ValidationError} when they are none */
export function notedFromJson(text: string): readonly NotedMark[] {
  return notedFrom(notedSchema.validateSync(JSON.parse(text), { strict: true }));
}
