// Opens the store when the server starts and turns strangers away: requests must name this host, writes come from it, and a
// server that listens beyond this machine lets in who knows the passcode.
import { randomUUID } from 'node:crypto';
import {
  redirect,
  type Handle,
  type HandleServerError,
  type RequestEvent,
  type ServerInit
} from '@sveltejs/kit';
import { COOKIE, isOpen } from '#server/access/gate.ts';
import { LOOK_COOKIE, schemeOf } from '#schema/settings/settings.ts';
import { readAhead } from '#server/beside/read-ahead.ts';
import { readConfig } from '#server/config.ts';
import { sayDamage } from '#server/copies/problem.ts';
import { explainSqlite } from '#server/database/sqlite-words.ts';
import { explainDisk } from '#server/files/disk-words.ts';
import { afterUpload, bounded } from '#server/http/bodies.ts';
import { setHeaders } from '#server/http/headers.ts';
import { problem } from '#server/http/problem.ts';
import { underWay } from '#server/http/under-way.ts';
import { sayClock } from '#server/log/clock.ts';
import { seedScans } from '#server/demo/scans.ts';
import { closeStore, store } from '#server/store.ts';
import { isOwnHost, isOwnOrigin } from '#server/access/same-origin.ts';

export const init: ServerInit = async () => {
  const { config, access, damage } = openedInWords();
  process.once('sveltekit:shutdown', closeStore);
  if (damage) {
    // who may sign in is in the damaged file: beyond this machine nobody is let in
    if (config.locked)
      throw new Error(
        `${sayDamage(damage)} Start the server with \`npm start\` on its own machine once: it offers the newest good copy.`
      );
    console.error(`${sayDamage(damage)} Open the page /damaged.`);
    return;
  }
  if (config.newPasscode !== null) await access.set(config.newPasscode);
  // it is in the database now, as what it comes to: nobody need find it in the environment
  delete process.env['JUST_ENOUGH_NEW_PASSCODE'];
  if (config.locked && !access.isSet())
    throw new Error('There is no passcode yet. Run `npm run phone` once: it asks for one.');
  const clock = sayClock(store().frames.recent(1)[0], Date.now());
  if (clock !== null) console.error(clock);
  store().learner.look();
  void readAhead(store().reading, store(), Date.now());
  if (config.demoScans) await seedScans(store(), store().intake);
};

/** Opens the store; what SQLite refuses is said in words. */
function openedInWords(): ReturnType<typeof store> {
  try {
    return store();
  } catch (error) {
    const words = explainSqlite(error, readConfig(process.env).databasePath);
    throw words === null ? error : new Error(words, { cause: error });
  }
}

const answer: Handle = async ({ event, resolve }) => {
  const { config, access } = store();
  const host = event.request.headers.get('host') ?? '';
  if (!isOwnHost(host, config.hosts)) {
    return problem(403, 'foreign-host', 'Foreign host', `“${host}” is not an address of this server.`);
  }
  if (event.request.method !== 'GET' && event.request.method !== 'HEAD') {
    const { headers } = event.request;
    if (!isOwnOrigin(headers.get('origin'), host) || headers.get('sec-fetch-site') === 'cross-site') {
      return problem(
        403,
        'foreign-origin',
        'Foreign origin',
        'Writes are taken from this server’s own pages only.'
      );
    }
  }
  const { pathname, search } = event.url;
  const refused = refusedByDamage(event);
  if (refused) return refused;
  event.locals.signedIn = !config.locked || access.isSignedIn(event.cookies.get(COOKIE) ?? '');
  if (!event.locals.signedIn && !isOpen(pathname)) {
    if (pathname.startsWith('/api/'))
      return problem(401, 'signed-out', 'Signed out', 'Sign in again: the server asks for the passcode.');
    return ledTo(event, `/enter?to=${encodeURIComponent(pathname + search)}`);
  }
  const sent = await bounded(event.request, pathname, event.locals.signedIn);
  if (sent instanceof Response) return sent;
  if (event.request.method !== 'GET' && event.request.method !== 'HEAD') await store().imports.settled();
  event.request = sent;
  const noForm = await refusedForm(event.request, event.url);
  if (noForm) return noForm;
  // the look is there with the first byte: no white flash for eyes that are used to the dark
  const look = schemeOf(event.cookies.get(LOOK_COOKIE)) ?? store().settings.read().scheme;
  const scheme = pathname === '/shell' ? 'kept' : look;
  const response = await resolve(event, {
    // the fonts of every page: known before the style sheet is read, so that nothing is laid out twice
    preload: ({ type, path }) => type !== 'asset' && (type !== 'font' || /\/(text|hyphen)\./.test(path)),
    transformPageChunk: ({ html }) => html.replace('data-scheme="day"', `data-scheme="${scheme}"`)
  });
  allowOwnStyles(response.headers);
  return afterUpload(response, event.request, pathname);
};

/** Answers everything, and says of every answer what browsers may do with it. */
export const handle: Handle = async (input) => {
  input.event.locals.requestId = randomUUID().slice(0, 8);
  const response = await underWay.answer(() => answer(input));
  setHeaders(response.headers, store().config.locked);
  response.headers.set('x-request-id', input.event.locals.requestId);
  return response;
};

/** Leads to another page. Thrown for the data of a page, as its code reads it; else an answer that has our headers. */
function ledTo({ isDataRequest }: RequestEvent, location: string): Response {
  if (isDataRequest) redirect(303, location);
  return new Response(null, { status: 303, headers: { location } });
}

/** Why a form is not given to an action: a name that is none of ours, or a body that is no form. */
async function refusedForm(request: Request, { pathname, searchParams }: URL): Promise<Response | null> {
  if (request.method !== 'POST' || pathname.startsWith('/api/')) return null;
  const name = [...searchParams.keys()].find((key) => key.startsWith('/'))?.slice(1);
  if (name !== undefined && (name === 'default' || name in Object.prototype))
    return problem(404, 'no-action', 'No such action', 'There is no such action at this address.');
  const type = request.headers.get('content-type')?.split(';')[0]?.trim() ?? '';
  if (type !== 'multipart/form-data' && type !== 'application/x-www-form-urlencoded')
    return problem(415, 'no-form', 'No form', 'A page takes forms only.');
  return request
    .clone()
    .formData()
    .then(
      () => null,
      () => problem(400, 'broken-form', 'Broken form', 'The body cannot be read as a form.')
    );
}

/** A damaged database is not written into, and one that cannot be read shows nothing but that; nor is one that is not there any more. */
function refusedByDamage(event: RequestEvent): Response | null {
  const { method } = event.request;
  const { pathname } = event.url;
  const { damage, missing } = store();
  const writes = method !== 'GET' && method !== 'HEAD';
  if (damage) {
    if (pathname.startsWith('/damaged')) return null;
    if (!writes && (damage.readable || pathname === '/offline' || pathname === '/shell')) return null;
    if (!writes && !pathname.startsWith('/api/')) return ledTo(event, '/damaged');
    return problem(503, 'damaged', 'The database is damaged', sayDamage(damage));
  }
  const trouble = writes ? missing() : null;
  return trouble === null ? null : problem(503, 'gone', 'The database is gone', trouble);
}

/** What may write scripts into a page by its nonce may write styles as well: the charts bring theirs along. */
function allowOwnStyles(headers: Headers): void {
  const policy = headers.get('content-security-policy');
  const nonce = /script-src[^;]*('nonce-[^']+')/.exec(policy ?? '')?.[1];
  if (policy && nonce && !new RegExp(`style-src [^;]*${nonce.replace(/[+/=]/g, '.')}`).test(policy))
    headers.set('content-security-policy', policy.replace("style-src 'self'", `style-src 'self' ${nonce}`));
}

/** A line of the log for each failure: where it was and under which number it was told, nothing of what was sent. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
  const { requestId } = event.locals;
  if (status >= 500) {
    const said = error instanceof Error ? (error.stack ?? error.message) : String(error);
    const { method } = event.request;
    console.error(
      JSON.stringify({ at: new Date().toISOString(), requestId, method, route: event.route.id, status, said })
    );
  }
  const { databasePath, scansPath } = store().config;
  const words = explainSqlite(error, databasePath) ?? explainDisk(error, scansPath);
  if (words !== null) return { message: words };
  if (status === 404) return { message: 'There is no page at this address.' };
  return {
    message:
      status >= 500
        ? `The server failed at this, and wrote why into its log under ${requestId}. What was stored before is there.`
        : message
  };
};
