import { attachment, today } from '#server/files/attachment.ts';
import { streamOf } from '#server/files/export-rows.ts';
import { badFields, problem } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Cameras, films and things as a small file for somebody else: `camera`, `film`, `thing` with an id, `filters=1`, `revisions`. */
export const GET: RequestHandler = ({ url: { searchParams } }) => {
  const revisions = searchParams.get('revisions') ?? 'newest';
  if (revisions !== 'all' && revisions !== 'newest')
    return badFields([{ field: 'revisions', message: 'must be all or newest' }]);
  const lines = store().kitFile({
    ...{ cameras: searchParams.getAll('camera'), films: searchParams.getAll('film') },
    ...{ things: searchParams.getAll('thing'), filters: searchParams.get('filters') === '1', revisions }
  });
  if (lines.length === 0)
    return problem(404, 'nothing-there', 'Nothing there', 'Nothing of that is in the kit.');
  return attachment(streamOf(lines.values()), `kit-${today()}.jsonl`, 'application/jsonl');
};
