// A film's reciprocity as it is stored and sent.
import { array, lazy, number, object, string } from 'yup';
import type { Reciprocity } from '#core/film/reciprocity.ts';

const none = object({
  kind: string()
    .oneOf(['none'] as const)
    .required()
});
const exponent = object({
  kind: string()
    .oneOf(['exponent'] as const)
    .required(),
  p: number().min(1).max(3).required(),
  startSeconds: number().positive().required()
});
const table = object({
  kind: string()
    .oneOf(['table'] as const)
    .required(),
  rows: array(
    object({
      meteredSeconds: number().positive().required(),
      neededSeconds: number().positive().required()
    }).required()
  )
    .min(1)
    .required()
});

const byKind = { none, exponent, table } as const;

/** Reciprocity as JSON, told apart by `kind`. */
export const reciprocitySchema = lazy((value: unknown) => {
  const kind = typeof value === 'object' && value !== null && 'kind' in value ? value.kind : 'none';
  return kind === 'exponent' ? byKind.exponent : kind === 'table' ? byKind.table : byKind.none;
});

/** Reads a stored reciprocity. @throws {ValidationError} when it is none */
export function reciprocityFromJson(text: string): Reciprocity {
  return reciprocitySchema.validateSync(JSON.parse(text), { strict: true });
}
