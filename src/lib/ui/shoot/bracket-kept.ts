// A bracket as it was kept over a reload, checked. Fetched where one was kept.
import { array, number, object, string } from 'yup';
import { choiceFrom, choiceSchema } from '#schema/kit/choice.ts';
import { parseWith } from '#schema/reading/parse.ts';
import type { Bracket } from './bracket.ts';

const bracketSchema = object({
  series: string().required(),
  loadId: string().required(),
  choices: array(choiceSchema).min(1).max(3).required(),
  done: number().integer().min(0).max(3).required()
}).required();

/** The bracket that is under way; null when it is done or not readable. @throws {SyntaxError} for what is no JSON */
export function bracketIn(kept: string): Bracket | null {
  const read = parseWith(bracketSchema, JSON.parse(kept));
  if (!read.ok || read.value.done >= read.value.choices.length) return null;
  return { ...read.value, choices: read.value.choices.map(choiceFrom) };
}
