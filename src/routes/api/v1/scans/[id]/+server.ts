import { json } from '@sveltejs/kit';
import { noScan } from '#server/scans/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Moves a scan to the trash. */
export const DELETE: RequestHandler = ({ params }) => {
  const scan = store().scans.find(params.id);
  if (!scan) return noScan();
  store().scans.remove(params.id, new Date().toISOString());
  return json(scan);
};
