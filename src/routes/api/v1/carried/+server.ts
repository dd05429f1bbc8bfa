import { carriedAnswer } from '#server/sync/carried.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** What a phone carries; 304 when it carries just that already. */
export const GET: RequestHandler = ({ request }) => {
  const { body, tag } = carriedAnswer(store());
  const headers = { etag: tag, 'cache-control': 'no-store', 'content-type': 'application/json' };
  if (request.headers.get('if-none-match') === tag) return new Response(null, { status: 304, headers });
  return new Response(body, { headers });
};
