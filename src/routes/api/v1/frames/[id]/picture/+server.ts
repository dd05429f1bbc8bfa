import { json } from '@sveltejs/kit';
import { framePictureSchema } from '#schema/log/frame-picture.ts';
import { readBody } from '#server/http/json-body.ts';
import { logProblem, problem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

const none = (): Response =>
  problem(404, 'no-picture', 'No picture', 'No picture of the scene is kept with this frame.');

/** The picture of the scene that is kept with a frame. */
export const GET: RequestHandler = ({ params }) => {
  const picture = store().pictures.find(params.id);
  return picture ? json(picture) : none();
};

/** Keeps a picture of the scene with a frame, in place of the one before. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const body = await readBody(request, framePictureSchema);
  if (body instanceof Response) return body;
  return store().together(() => {
    if (!store().frames.find(params.id)) return logProblem({ reason: 'no-frame' });
    store().pictures.put(params.id, body);
    return json(body);
  });
};

/** Takes the picture away. */
export const DELETE: RequestHandler = ({ params }) =>
  store().together(() => {
    const picture = store().pictures.find(params.id);
    if (!picture) return none();
    store().pictures.put(params.id, null);
    return json(picture);
  });
