import { attachment, today } from '#server/files/attachment.ts';
import { streamOf } from '#server/files/export-rows.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Everything as JSON Lines. */
export const GET: RequestHandler = () =>
  attachment(streamOf(store().archive()), `just-enough-${today()}.jsonl`, 'application/jsonl');
