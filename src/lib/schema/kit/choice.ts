// Where a camera's controls stand, as JSON: position numbers by control id.
import { lazy, number, object, type Schema } from 'yup';
import type { Choice } from '#core/camera/setting.ts';
import { keepShapes } from '../reading/kinds.ts';

/** Checks a choice: whole position numbers from 0 by control id. */
export const choiceSchema = lazy((value: unknown) => choiceOf(value));

const choiceOf = (value: unknown) =>
  object(
    Object.fromEntries(
      Object.keys(typeof value === 'object' && value !== null ? value : {}).map((key) => [
        key,
        number().integer().min(0).required()
      ])
    )
  ).required();

/** A choice that may be left out. */
export const optionalChoiceSchema = lazy((value: unknown) =>
  value === undefined ? object().optional().default(undefined) : choiceOf(value)
);
keepShapes(optionalChoiceSchema, [object({})]);

/** A checked choice. */
export function choiceFrom(value: Readonly<Record<string, unknown>>): Choice {
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, Number(v)]));
}

/** Reads a stored choice. */
export function choiceFromJson(text: string): Choice {
  return choiceFrom(choiceSchema.validateSync(JSON.parse(text), { strict: true }));
}

/** A body that says where a camera's controls stand. */
export const standsSchema: Schema<{ readonly choice: Choice }> = object({ choice: choiceSchema }).required();
