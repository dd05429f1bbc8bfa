import { json } from '@sveltejs/kit';
import { logProblem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Takes a frame back from the trash. */
export const POST: RequestHandler = ({ params }) => {
  const outcome = store().logbook.restore(params.id);
  return outcome.ok ? json(outcome.frame) : logProblem(outcome.refusal);
};
