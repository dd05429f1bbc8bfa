import { answerEye, eyeQuestionSchema } from '#schema/light/light-question.ts';
import { answerLight } from '#server/api/light.ts';
import type { RequestHandler } from './$types';

/** Light by a clue of either school, with what the other school says. */
export const POST: RequestHandler = ({ request }) => answerLight(request, eyeQuestionSchema, answerEye);
