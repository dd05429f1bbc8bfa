import { settingsEditSchema } from '#schema/settings/settings.ts';
import { jsonAnswer } from '#server/api/light.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** What the program remembers of the person. */
export const GET: RequestHandler = () => jsonAnswer(store().settings.read());

/** Changes what is named. */
export const PATCH: RequestHandler = async ({ request }) => {
  const body = await readBody(request, settingsEditSchema);
  return body instanceof Response ? body : jsonAnswer(store().settings.change(body));
};
