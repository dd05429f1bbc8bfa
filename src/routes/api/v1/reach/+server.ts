import { reachOfRequest } from '#server/api/engine.ts';
import type { RequestHandler } from './$types';

/** In which light the pair comes out. Nothing is stored. */
export const POST: RequestHandler = ({ request }) => reachOfRequest(request);
