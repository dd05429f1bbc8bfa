import { loadEditSchema } from '#schema/kit/load.ts';
import { momentOfBody } from '#schema/reading/moment.ts';
import { notInKit } from '#server/api/kit.ts';
import { basedOn, tagged } from '#server/http/precondition.ts';
import { readBody } from '#server/http/json-body.ts';
import { loadChangeProblem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** One load. */
export const GET: RequestHandler = ({ params }) => {
  const load = store().loads.find(params.id);
  return load ? tagged(load, load.revision) : notInKit('load', params.id);
};

/** Changes a load: its end, its side, when it was loaded, its numbers, the filter on the pack, its development, a remark. */
export const PATCH: RequestHandler = async ({ request, params }) => {
  const based = basedOn(request);
  if (based instanceof Response) return based;
  const body = await readBody(request, loadEditSchema);
  if (body instanceof Response) return body;
  const { finished, side, loadedAt, firstNumber, packFilter, development, lab, reel, remark } = body;
  const outcome = store().loadChanges.change(
    params.id,
    {
      ...(finished === undefined ? {} : { finished }),
      ...(side === undefined ? {} : { side }),
      ...(loadedAt === undefined ? {} : { loadedAt: momentOfBody(loadedAt) }),
      ...(firstNumber === undefined ? {} : { firstNumber }),
      ...(packFilter === undefined ? {} : { packFilter }),
      ...(development === undefined ? {} : { development }),
      ...(lab === undefined ? {} : { lab }),
      ...(reel === undefined ? {} : { reel }),
      ...(remark === undefined ? {} : { remark })
    },
    based
  );
  return outcome.ok ? tagged(outcome.load, outcome.load.revision) : loadChangeProblem(outcome.refusal);
};
