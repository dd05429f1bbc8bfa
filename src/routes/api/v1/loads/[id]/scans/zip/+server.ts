import { attachment, today } from '#server/files/attachment.ts';
import { writtenScans } from '#server/files/written-scans.ts';
import { zipStream } from '#server/files/formats/zip/zip-out.ts';
import { badFields, logProblem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Copies of a film's scans with what is known of their frames written in. `place`: kept, or taken-out (if not told) of the files. */
export const GET: RequestHandler = ({ params, url }) => {
  const place = url.searchParams.get('place') ?? 'taken-out';
  if (place !== 'kept' && place !== 'taken-out')
    return badFields([{ field: 'place', message: 'must be kept or taken-out' }]);
  const s = store();
  const load = s.loads.find(params.id);
  if (!load) return logProblem({ reason: 'no-load' });
  return attachment(zipStream(writtenScans(s, load.id, place)), `scans-${today()}.zip`, 'application/zip');
};
