import { windowsOfRequest } from '#server/api/plan.ts';
import type { RequestHandler } from './$types';

/** When a pair works. Nothing is stored. */
export const POST: RequestHandler = ({ request }) => windowsOfRequest(request);
