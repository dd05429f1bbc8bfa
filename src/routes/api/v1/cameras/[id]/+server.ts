import { cameraSchema } from '#schema/kit/camera.ts';
import { changeCamera, retireCamera, tellCamera } from '#server/api/kit.ts';
import { basedOn } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** One camera. */
export const GET: RequestHandler = ({ params }) => tellCamera(store(), params.id);

/** Replaces a camera's definition. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  const body = await readBody(request, cameraSchema);
  return body instanceof Response ? body : changeCamera(store(), params.id, body, based);
};

/** Takes a camera out of the kit; its films and frames stay. */
export const DELETE: RequestHandler = ({ params }) => retireCamera(store(), params.id);
