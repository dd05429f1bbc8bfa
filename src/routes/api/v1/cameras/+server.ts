import { json } from '@sveltejs/kit';
import { cameraSchema } from '#schema/kit/camera.ts';
import { addCamera } from '#server/api/kit.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** The cameras of the kit. */
export const GET: RequestHandler = () =>
  json(
    store()
      .cameras.list()
      .map((c) => c.value)
  );

/** Stores a new camera: 201; 200 when it was there already. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request, cameraSchema);
  return body instanceof Response ? body : addCamera(store(), body);
};
