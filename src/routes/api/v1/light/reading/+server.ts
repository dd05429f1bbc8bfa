import { answerReading, readingQuestionSchema } from '#schema/light/light-question.ts';
import { answerLight } from '#server/api/light.ts';
import type { RequestHandler } from './$types';

/** Light of a reading as people type it. */
export const POST: RequestHandler = ({ request }) =>
  answerLight(request, readingQuestionSchema, answerReading);
