import { json } from '@sveltejs/kit';
import { MOST_IMPORT_BYTES } from '#server/files/imports.ts';
import { uploadFailed } from '#server/http/bodies.ts';
import { problem, untyped } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Takes a file in to be read and shown: an archive, its ZIP, or a CSV of frames. Nothing is stored until it is taken. */
export const POST: RequestHandler = async ({ request, url }) => {
  const name = (url.searchParams.get('name') ?? '').slice(0, 200);
  if (!request.headers.has('content-type')) return untyped();
  if (!request.body) return problem(422, 'empty', 'No file', 'The file is empty.');
  try {
    const view = await store().imports.start(name, request.body);
    return view
      ? json(view, { status: 201 })
      : problem(
          413,
          'too-large',
          'Too large',
          `A file may have at most ${MOST_IMPORT_BYTES / 1024 ** 3} GB.`
        );
  } catch (error) {
    return uploadFailed(error, store().config.scansPath);
  }
};
