// What the server answers, checked. Fetched when an answer is to be read: the checks weigh much, and most answers are nothing but yes.
import { array, number, object, string } from 'yup';
import { parseWith } from '#schema/reading/parse.ts';

const problemSchema = object({ detail: string().required(), revision: number().integer().optional() });

/** Why something was not done, with the revision that there is now; null = the answer does not say. */
export function problemIn(
  answer: unknown
): { readonly words: string; readonly revision: number | null } | null {
  const read = parseWith(problemSchema, answer);
  return read.ok ? { words: read.value.detail, revision: read.value.revision ?? null } : null;
}

const placesSchema = array(
  object({
    name: string().required(),
    country: string().required(),
    latitude: number().required(),
    longitude: number().required(),
    zone: string().required()
  }).required()
).required();

/** Places that were found. @throws {ValidationError} */
export const placesIn = (answer: unknown) => placesSchema.validateSync(answer);

/** The time zone that was found. @throws {ValidationError} */
export const zoneIn = (answer: unknown): string =>
  object({ zone: string().required() }).validateSync(answer).zone;
