import { remediesOfRequest } from '#server/api/engine.ts';
import type { RequestHandler } from './$types';

/** What would help, with what is in the kit. Nothing is stored. */
export const POST: RequestHandler = ({ request }) => remediesOfRequest(request);
