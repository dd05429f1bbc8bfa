import { matchAnswer } from '#server/api/engine.ts';
import type { RequestHandler } from './$types';

/** What to set: every setting with its chance and its reasons, best first. Nothing is stored. */
export const POST: RequestHandler = ({ request }) => matchAnswer(request);
