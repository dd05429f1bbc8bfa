// Listens for the built app, over HTTP or HTTPS: what every answer says of itself, files too, and a stop that leaves the database whole.
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from './prepare.js';

/** A page that is looked at goes on on the connection it has: one that is just being closed fails the request sent on it. */
const KEEP_ALIVE_MS = 120_000;
/** What is being sent may take so long to end when the server stops. */
const STOP_MS = 10_000;
/** As the pages’ own, for files (src/lib/server/http/headers.ts). */
const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin'
};

/**
 * @param {{ host: string; port: number; secure?: { key: string; cert: string }; own?: import('node:http').RequestListener }} options
 *   `own` answers what it knows and leaves the rest
 * @throws {Error} when the app cannot be opened, in words
 */
export async function serve({ host, port, secure, own }) {
  /** @type {{ handler: import('node:http').RequestListener }} */
  const { handler } = await import(pathToFileURL(resolve(ROOT, 'build/handler.js')).href);
  /** @type {import('node:http').RequestListener} */
  const answer = (request, response) => {
    for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
    if (secure) response.setHeader('strict-transport-security', 'max-age=2592000');
    own?.(request, response);
    if (!response.writableEnded) handler(request, response);
  };
  const server = secure
    ? createSecureServer({ ...secure, keepAliveTimeout: KEEP_ALIVE_MS }, answer)
    : createServer({ keepAliveTimeout: KEEP_ALIVE_MS }, answer);
  const stop = () => {
    server.closeIdleConnections();
    // the app closes its database on this
    server.close((error) => error || process.emit(/** @type {any} */ ('sveltekit:shutdown')));
    setTimeout(() => server.closeAllConnections(), STOP_MS).unref();
  };
  server.on('request', (request) =>
    request.on('close', () => server.listening || server.closeIdleConnections())
  );
  for (const signal of ['SIGTERM', 'SIGINT']) process.once(signal, stop);
  await new Promise((done) => server.listen(port, host, () => done(null)));
}
