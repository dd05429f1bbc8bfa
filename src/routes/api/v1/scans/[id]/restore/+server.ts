import { json } from '@sveltejs/kit';
import { noScan } from '#server/scans/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Takes a scan back from the trash. */
export const POST: RequestHandler = ({ params }) =>
  store().scans.restore(params.id) ? json(store().scans.find(params.id)) : noScan();
