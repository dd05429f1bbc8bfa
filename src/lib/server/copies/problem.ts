// What can go wrong with copies, in words.
import type { Damage } from '../database/health.ts';
import { problem } from '../http/problem.ts';

const said = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** What is wrong with the database. */
export function sayDamage({ path, why, readable }: Damage): string {
  const state = readable
    ? 'What is in it is shown, nothing can be stored.'
    : 'Nothing in it can be read by this program.';
  return `The database ${path} is damaged (${why}). ${state}`;
}

/** There is no copy of that name. */
export function noCopy(): Response {
  return problem(404, 'no-copy', 'No such copy', 'This copy is not there any more. Look at the list again.');
}

/** A copy could not be made. */
export function noCopyMade(error: unknown): Response {
  return problem(507, 'no-copy-made', 'No copy was made', `Nothing was changed. It says: ${said(error)}`);
}

/** A copy cannot be used. */
export function damagedCopy(name: string, error: unknown): Response {
  return problem(
    409,
    'damaged-copy',
    'This copy cannot be used',
    `${name}: ${said(error)} Nothing was changed. Take another one.`
  );
}
