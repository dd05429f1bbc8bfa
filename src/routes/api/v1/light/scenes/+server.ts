import { SCENES } from '#core/light/scenes.ts';
import { jsonAnswer } from '#server/http/json-answer.ts';
import type { RequestHandler } from './$types';

/** The named scenes. */
export const GET: RequestHandler = () => jsonAnswer(SCENES);
