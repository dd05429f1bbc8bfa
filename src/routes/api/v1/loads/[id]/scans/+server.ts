import { json } from '@sveltejs/kit';
import { assignmentsSchema } from '#schema/log/scan.ts';
import { uploadFailed } from '#server/http/bodies.ts';
import { readBody } from '#server/http/json-body.ts';
import { logProblem, problem, untyped } from '#server/http/problem.ts';
import { MOST_BYTES } from '#server/scans/intake.ts';
import { scanProblem } from '#server/scans/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** The scans of a film. */
export const GET: RequestHandler = ({ params }) => json(store().scans.ofLoad(params.id));

/** Takes a scan in: the body is the file, `name` what it is called. */
export const POST: RequestHandler = async ({ request, params, url }) => {
  const name = (url.searchParams.get('name') ?? '').split(/[\\/]/).at(-1)?.trim().slice(0, 200) ?? '';
  if (name === '') return problem(422, 'no-name', 'No name', 'Say what the file is called: ?name=…');
  if (!store().loads.find(params.id)) return logProblem({ reason: 'no-load' });
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES)
    return scanProblem(name, { fault: 'too-large' });
  if (!request.headers.has('content-type')) return untyped();
  if (!request.body) return scanProblem(name, { fault: 'empty' });
  try {
    const taken = await store().intake.take(params.id, name, request.body);
    return taken.ok ? json(taken.value, { status: 201 }) : scanProblem(name, taken.error);
  } catch (error) {
    return uploadFailed(error, store().config.scansPath);
  }
};

/** Says which frames its scans show. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const body = await readBody(request, assignmentsSchema);
  if (body instanceof Response) return body;
  if (!store().scans.assign(params.id, body.assignments)) {
    return problem(
      404,
      'no-scan',
      'Nothing was changed',
      'One of the scans or frames is not on this film any more: reload the page.'
    );
  }
  return json(store().scans.ofLoad(params.id));
};
