// Opens the store when the server starts and turns strangers away: requests must name this host, writes come from it.
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { problem } from '#server/problem.ts';
import { closeStore, store } from '#server/store.ts';
import { isOwnHost, isOwnOrigin } from '#server/same-origin.ts';

export const init: ServerInit = () => {
  store();
  process.once('sveltekit:shutdown', closeStore);
};

export const handle: Handle = async ({ event, resolve }) => {
  const host = event.request.headers.get('host') ?? '';
  if (!isOwnHost(host, process.env['HOST'])) {
    return problem(403, 'foreign-host', 'Foreign host', `“${host}” is not an address of this server.`);
  }
  if (event.request.method !== 'GET' && event.request.method !== 'HEAD') {
    const origin = event.request.headers.get('origin');
    if (!isOwnOrigin(origin, host)) {
      return problem(
        403,
        'foreign-origin',
        'Foreign origin',
        'Writes are taken from this server’s own pages only.'
      );
    }
  }
  // the look is there with the first byte: no white flash for eyes that are used to the dark
  const { scheme } = store().settings.read();
  return resolve(event, {
    // the fonts of every page: known before the style sheet is read, so that nothing is laid out twice
    preload: ({ type, path }) => type !== 'asset' && (type !== 'font' || path.includes('latin-wght-normal')),
    transformPageChunk: ({ html }) => html.replace('data-scheme="day"', `data-scheme="${scheme}"`)
  });
};

export const handleError: HandleServerError = ({ error, status, message }) => {
  if (status >= 500) console.error(error);
  return { message: status === 404 ? 'There is no page at this address.' : message };
};
