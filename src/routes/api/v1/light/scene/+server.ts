import { answerScene, sceneQuestionSchema } from '#schema/light/light-question.ts';
import { answerLight } from '#server/api/light.ts';
import type { RequestHandler } from './$types';

/** Light of a named scene. */
export const POST: RequestHandler = ({ request }) => answerLight(request, sceneQuestionSchema, answerScene);
