import { attachment, today } from '#server/files/attachment.ts';
import { writtenScans } from '#server/files/written-scans.ts';
import { zipStream } from '#server/files/zip-out.ts';
import { logProblem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Copies of a film's scans with what is known of their frames written in. */
export const GET: RequestHandler = ({ params }) => {
  const s = store();
  const load = s.loads.find(params.id);
  if (!load) return logProblem({ reason: 'no-load' });
  return attachment(zipStream(writtenScans(s, load.id)), `scans-${today()}.zip`, 'application/zip');
};
