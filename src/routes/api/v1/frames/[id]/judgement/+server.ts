import { judgementSchema } from '#schema/log/judgement.ts';
import { basedOn, changedMeanwhile, tagged } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { logProblem } from '#server/http/problem.ts';
import { serverNow, store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** What a write on a judgement meets: 0 stands for "not judged yet". */
function against(frameId: string, based: number | null): Response | null {
  const before = store().judgements.find(frameId);
  const revision = before?.revision ?? 0;
  return based === null || based === revision ? null : changedMeanwhile('judgement', before, revision);
}

/** Says how a frame came out; what was said before is replaced. If-Match "0" stands for a frame that is not judged yet. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  const body = await readBody(request, judgementSchema);
  if (body instanceof Response) return body;
  return store().together(() => {
    const frame = store().frames.find(params.id);
    if (!frame || frame.deletedAt !== null) return logProblem({ reason: 'no-frame' });
    const changed = against(frame.id, based);
    if (changed) return changed;
    store().judgements.put({ ...body, frameId: frame.id, judgedAt: serverNow(), revision: 1 });
    const judgement = store().judgements.find(frame.id);
    return tagged(judgement, judgement?.revision ?? 1);
  });
};

/** Takes a judgement away. */
export const DELETE: RequestHandler = ({ request, params }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  return store().together(() => {
    const judgement = store().judgements.find(params.id);
    if (!judgement) return logProblem({ reason: 'no-frame' });
    const changed = against(params.id, based);
    if (changed) return changed;
    store().judgements.drop(params.id);
    return tagged(judgement, 0);
  });
};
