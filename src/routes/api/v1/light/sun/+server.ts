import { answerSun, sunQuestionSchema } from '#schema/light/light-question.ts';
import { answerLight } from '#server/api/light.ts';
import type { RequestHandler } from './$types';

/** Light of sun, moon and sky at a place and moment, its course and events. */
export const POST: RequestHandler = ({ request }) => answerLight(request, sunQuestionSchema, answerSun);
