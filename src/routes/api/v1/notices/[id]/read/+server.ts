import { json } from '@sveltejs/kit';
import { problem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Marks what the person was told once as read. */
export const POST: RequestHandler = ({ params }) =>
  store().notices.read(Number(params.id))
    ? json({})
    : problem(404, 'no-notice', 'No such notice', 'There is no such notice.');
