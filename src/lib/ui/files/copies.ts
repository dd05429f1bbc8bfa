// Copies of the database, as the page asks for them.
import { array, number, object, string, type InferType } from 'yup';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseWith } from '#schema/reading/parse.ts';

const counts = () =>
  object({
    ...{ cameras: number().required(), films: number().required(), loads: number().required() },
    ...{ frames: number().required(), judgements: number().required(), scans: number().required() }
  }).required();
const told = () =>
  object({ count: number().required(), first: array(string().defined()).required() }).required();
const differenceSchema = object({
  ...{ now: counts(), then: counts(), gone: told(), back: told(), changed: told() }
}).required();
/** What would be different with a copy. */
export type Difference = InferType<typeof differenceSchema>;
const problemSchema = object({ detail: string().required() });

async function ask(path: string, method: 'GET' | 'POST'): Promise<Result<unknown, string>> {
  try {
    const response = await fetch(`/api/v1/copies${path}`, { method });
    const body: unknown = await response.json().catch(() => null);
    if (response.ok) return ok(body);
    const problem = parseWith(problemSchema, body);
    return err(problem.ok ? problem.value.detail : `The server answered with ${response.status}.`);
  } catch {
    return err('The server does not answer. Nothing was changed.');
  }
}

const pathOf = (name: string): string => `/${encodeURIComponent(name)}`;

/** Makes a copy now. */
export const makeCopy = (): Promise<Result<unknown, string>> => ask('', 'POST');

/** Compares a copy with today. */
export async function compareCopy(name: string): Promise<Result<Difference, string>> {
  const answer = await ask(pathOf(name), 'GET');
  if (!answer.ok) return answer;
  const read = parseWith(differenceSchema, answer.value);
  return read.ok ? read : err('The server answered with something else.');
}

/** Brings a copy back. */
export const bringCopyBack = (name: string): Promise<Result<unknown, string>> =>
  ask(`${pathOf(name)}/return`, 'POST');
