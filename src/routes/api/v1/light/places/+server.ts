import { jsonAnswer } from '#server/http/json-answer.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Places whose names begin with the words of `q`, the largest first. */
export const GET: RequestHandler = ({ url }) =>
  jsonAnswer(
    store()
      .places()
      .search((url.searchParams.get('q') ?? '').slice(0, 80))
  );
