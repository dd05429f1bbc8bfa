import { settingsEditSchema } from '#schema/settings/settings-schema.ts';
import { basedOn, changedMeanwhile, tagged } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** What the program remembers of the person. */
export const GET: RequestHandler = () => tagged(store().settings.read(), store().settings.revision());

/** Changes what is named. */
export const PATCH: RequestHandler = async ({ request }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  const body = await readBody(request, settingsEditSchema);
  if (body instanceof Response) return body;
  return store().together(() => {
    const revision = store().settings.revision();
    if (based !== null && based !== revision)
      return changedMeanwhile('setting', store().settings.read(), revision);
    const settings = store().settings.change(body);
    return tagged(settings, store().settings.revision());
  });
};
