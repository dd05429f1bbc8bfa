/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
// Keeps the shell on the phone, so that Shoot opens where there is no network: scripts, styles and fonts from the cache; pages
// from the server if it answers soon, else the empty shell, which fills itself from what the phone carries.
import { build, files, version } from '$service-worker';
import { PLACES } from './lib/ui/places/places.ts';

declare const self: ServiceWorkerGlobalScope;

const CACHE = `just-enough-${version}`;
const SHELL = '/shell';
const ASSETS = [...build, ...files];
const IS_ASSET = new Set(ASSETS);
/** Pages that fill themselves from the phone; others lead to the page Offline. */
const CARRIED_PAGES = PLACES.filter((place) => place.offline).map((place) => place.path);
/** Home is waited for as long as this, ms; shorter if it was out of reach a moment ago. */
const PATIENCE_MS = { usual: 2500, afterAway: 400 } as const;
const MOMENT_MS = 15_000;
/** What a page is told in place of the server's data: `home` is null. In the form that the framework reads data in. */
const NO_HOME = { type: 'data', data: [{ home: 1 }, null], uses: {} };

let awayAt = -Infinity;

self.addEventListener('install', (event) => {
  const keep = async (): Promise<void> => {
    const cache = await caches.open(CACHE);
    await cache.addAll(ASSETS);
    await keepShell(cache);
  };
  event.waitUntil(keep());
});

// a page of the version before may still be open, and asks for parts of it: that cache stays one version longer
self.addEventListener('activate', (event) => {
  const tidy = async (): Promise<void> => {
    const ours = (await caches.keys()).filter((name) => name.startsWith('just-enough-'));
    const old = ours.filter((name) => name !== CACHE).slice(0, -1);
    await Promise.all(old.map((name) => caches.delete(name)));
    await self.clients.claim();
  };
  event.waitUntil(tidy());
});

// a new version takes over when the person says so, never by itself
self.addEventListener('message', ({ data }: ExtendableMessageEvent) => {
  if (data === 'take-over') void self.skipWaiting();
  // a page has spoken with the server: it is waited for as usual again
  if (data === 'home-answers') awayAt = -Infinity;
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (IS_ASSET.has(url.pathname) || url.pathname.startsWith('/_app/immutable/')) {
    event.respondWith(caches.match(request, { ignoreSearch: true }).then((kept) => kept ?? fetch(request)));
  } else if (url.pathname.startsWith('/api/')) {
    return;
  } else if (request.mode === 'navigate') {
    event.respondWith(fromHome(request).then((page) => page ?? shell()));
  } else if (url.pathname.endsWith('/__data.json')) {
    event.respondWith(fromHome(request).then((data) => data ?? withoutHome(url)));
  }
});

/** What the server answers; null when it does not in good time. */
async function fromHome(request: Request): Promise<Response | null> {
  const patience = Date.now() - awayAt < MOMENT_MS ? PATIENCE_MS.afterAway : PATIENCE_MS.usual;
  try {
    const response = await fetch(request, { signal: AbortSignal.timeout(patience) });
    awayAt = -Infinity;
    return response;
  } catch {
    awayAt = Date.now();
    return null;
  }
}

/** Keeps the shell, with a word ahead of what Shoot needs: its parts are then fetched side by side, not one after the other. */
async function keepShell(cache: Cache): Promise<void> {
  const [empty, shoot] = await Promise.all([fetch(SHELL), fetch('/shoot')]);
  const ahead = (shoot.headers.get('link') ?? '').matchAll(/<([^>]+)>; rel="modulepreload"/g);
  // the page for faults comes with the first page, whatever it is
  const faultPage = build.filter((file) => /\/(nodes|assets)\/1\.[^/]+$/.test(file));
  const scripts = [...ahead].map(([, href = '']) => href);
  const links = [...scripts, ...faultPage].map((href) =>
    href.endsWith('.css')
      ? `<link rel="stylesheet" href="${href}">`
      : `<link rel="modulepreload" href="${href}">`
  );
  const styles = (await shoot.text()).match(/<link[^>]+rel="stylesheet"[^>]*>/g) ?? [];
  const html = (await empty.text()).replace('</head>', `${[...links, ...styles].join('')}</head>`);
  const { status, headers } = empty;
  await cache.put(SHELL, new Response(html, { status, headers }));
}

async function shell(): Promise<Response> {
  return (
    (await caches.match(SHELL)) ?? new Response('The program is not on this phone yet.', { status: 503 })
  );
}

function withoutHome(url: URL): Response {
  const page = url.pathname.replace(/\/__data\.json$/, '');
  if (CARRIED_PAGES.includes(page)) return answer({ type: 'data', nodes: [NO_HOME, null, null] });
  // the pair in use and the light go along
  const query = new URLSearchParams(
    [...url.searchParams].filter(([name]) => !name.startsWith('x-sveltekit'))
  );
  // the address without a page leads to Shoot, as on the server
  if (page === '') return answer({ type: 'redirect', location: `/shoot?${query.toString()}` });
  query.set('from', page);
  return answer({ type: 'redirect', location: `/offline?${query.toString()}` });
}

function answer(body: unknown): Response {
  return new Response(`${JSON.stringify(body)}\n`, { headers: { 'content-type': 'text/sveltekit-data' } });
}
