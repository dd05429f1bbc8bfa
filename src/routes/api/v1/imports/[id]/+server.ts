import { json } from '@sveltejs/kit';
import { csvMappingSchema } from '#schema/files/csv-mapping.ts';
import { readBody } from '#server/http/json-body.ts';
import { pairOf } from '#server/kit/pairs.ts';
import { logProblem, noImport } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** How far an import is. */
export const GET: RequestHandler = ({ params }) => {
  const view = store().imports.find(params.id);
  return view ? json(view) : noImport();
};

/** Says what the columns of a CSV stand for, and which film its frames are on. */
export const PUT: RequestHandler = async ({ request, params }) => {
  const body = await readBody(request, csvMappingSchema);
  if (body instanceof Response) return body;
  const s = store();
  const load = s.loads.find(body.loadId);
  const pair = load && pairOf(s, load);
  if (!pair) return logProblem({ reason: 'no-load' });
  const view = await s.imports.map(params.id, body.mapping, {
    ...{ pair, load },
    zone: load.loadedAt.zone
  });
  return view ? json(view) : noImport();
};

/** Drops an import. */
export const DELETE: RequestHandler = ({ params }) =>
  store().imports.cancel(params.id) ? json({}) : noImport();
