import { chancesOfRequest } from '#server/api/plan.ts';
import type { RequestHandler } from './$types';

/** The chance of a usable frame by day and hour. Nothing is stored. */
export const POST: RequestHandler = ({ request }) => chancesOfRequest(request);
