import { answerCameraEye, cameraEyeQuestionSchema } from '#schema/light/light-question.ts';
import { answerLight } from '#server/api/light.ts';
import type { RequestHandler } from './$types';

/** What a camera’s eye sees against what the subject gets. */
export const POST: RequestHandler = ({ request }) =>
  answerLight(request, cameraEyeQuestionSchema, answerCameraEye);
