// What a stranger, a broken program or a bad connection can send: refused in words, nothing changed, nothing held up.
import { createHash } from 'node:crypto';
import { connect } from 'node:net';
import { expect, test, type App } from './app.ts';
import { hostileRequests } from './fuzz.ts';

/** Sends bytes as they are. @returns all that comes back until the connection ends */
function raw(app: App, text: string): Promise<string> {
  const { hostname, port } = new URL(app.url);
  return new Promise((done) => {
    let said = '';
    const socket = connect(Number(port), hostname, () => socket.write(text));
    socket.on('data', (chunk) => (said += chunk.toString()));
    socket.on('error', () => done(said));
    socket.on('close', () => done(said));
  });
}

/** Requests at random: a thousand, or as many as the bench asks for. */
const REQUESTS = Number(process.env['BENCH_REQUESTS'] ?? '1000');

test(
  'bodies, origins and names of actions are looked at before anything else; every answer says what browsers may do',
  { tag: '@desktop' },
  async ({ app }) => {
    const ask = async (path: string, body: string, more: Readonly<Record<string, string>> = {}) =>
      fetch(app.url + path, {
        ...{ method: 'POST', body },
        headers: { 'content-type': 'application/json', origin: app.url, ...more }
      });
    expect((await ask('/api/v1/match', '['.repeat(120_000))).status).toBe(400);
    const patches = Array.from({ length: 8000 }, () => ({ stops: 1, share: 0.1 }));
    expect((await ask('/api/v1/light/camera-eye', JSON.stringify({ patches }))).status).toBe(422);
    const large = await ask('/api/v1/match', JSON.stringify({ note: 'x'.repeat(300_000) }));
    expect([large.status, await large.text()]).toEqual([413, expect.stringContaining('256 kB')]);
    // no Origin, but the browser says that another site has it sent
    const foreign = await fetch(`${app.url}/api/v1/copies`, {
      ...{ method: 'POST', headers: { 'sec-fetch-site': 'cross-site' } }
    });
    expect(foreign.status).toBe(403);
    const form = 'application/x-www-form-urlencoded';
    for (const name of ['constructor', 'valueOf', '__proto__', 'nothing', 'hasOwnProperty'])
      expect((await ask(`/kit?/${name}`, 'id=x', { 'content-type': form })).status, name).toBe(404);
    expect((await ask('/kit?/finish', '{}')).status).toBe(415);
    for (const path of ['/shoot', '/api/v1/films', '/nowhere', '/log/files']) {
      const { headers } = await fetch(app.url + path);
      expect(headers.get('x-content-type-options'), path).toBe('nosniff');
      expect(headers.get('referrer-policy'), path).toBe('same-origin');
      expect(headers.get('x-request-id'), path).toMatch(/^[0-9a-f]{8}$/);
      expect(headers.get('cache-control'), path).toMatch(/private|no-store|no-cache/);
    }
    // files as well
    const { headers } = await fetch(`${app.url}/icon.svg`);
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
  }
);

test(
  'a length that is not told is counted, and what is refused ends its connection: the next request is not taken for the rest',
  { tag: '@desktop' },
  async ({ app }) => {
    const { host } = new URL(app.url);
    const chunk = `${(65_536).toString(16)}\r\n${'x'.repeat(65_536)}\r\n`;
    const head = `POST /api/v1/match HTTP/1.1\r\nhost: ${host}\r\ncontent-type: application/json\r\n`;
    const answer = await raw(
      app,
      `${head}transfer-encoding: chunked\r\n\r\n${chunk.repeat(90)}0\r\n\r\nGET /api/v1/films HTTP/1.1\r\nhost: ${host}\r\n\r\n`
    );
    expect(answer).toContain('HTTP/1.1 413');
    expect(answer.match(/HTTP\/1\.1 /g)).toHaveLength(1);
    // uploads that stand still hold nobody up
    const sockets = Array.from({ length: 12 }, () => {
      const { hostname, port } = new URL(app.url);
      const socket = connect(Number(port), hostname, () =>
        socket.write(
          `POST /api/v1/loads/demo-load-marigold/scans?name=a.jpg HTTP/1.1\r\nhost: ${host}\r\ncontent-type: image/jpeg\r\ncontent-length: 1000000\r\n\r\nabc`
        )
      );
      socket.on('error', () => null);
      return socket;
    });
    const taken = await fetch(`${app.url}/api/v1/loads/demo-load-marigold/scans?name=b.jpg`, {
      ...{ method: 'POST', body: 'no picture', headers: { 'content-type': 'image/jpeg', origin: app.url } }
    });
    expect(taken.status).toBe(422);
    for (const socket of sockets) socket.destroy();
  }
);

test(
  'requests made from the description and at random: none fails the server, none that is refused changes anything',
  { tag: '@desktop' },
  async ({ app }) => {
    // a second for each at most: that none hangs is what is asked
    test.setTimeout(Math.max(450_000, REQUESTS * 1000));
    interface Described {
      readonly paths: Readonly<Record<string, Readonly<Record<string, unknown>>>>;
    }
    const described = (await (await fetch(`${app.url}/api/v1/openapi.json`)).json()) as Described;
    const routes = Object.entries(described.paths).flatMap(([path, methods]) =>
      Object.keys(methods)
        .filter((method) => ['get', 'put', 'post', 'patch', 'delete'].includes(method))
        .map((method) => [method.toUpperCase(), path.startsWith('/api') ? path : `/api/v1${path}`] as const)
    );
    expect(routes.length).toBeGreaterThan(20);
    const pages = [
      '/kit',
      '/kit/film',
      '/kit/camera',
      '/kit/thing',
      '/log/roll',
      '/start',
      '/enter',
      '/shoot'
    ];
    const kept = async (): Promise<string> => {
      const archive = await (await fetch(`${app.url}/api/v1/archive/lines`)).text();
      expect(archive.startsWith('{')).toBe(true);
      // its first line says when it was written
      return createHash('sha256')
        .update(archive.slice(archive.indexOf('\n')))
        .digest('hex');
    };
    let before = await kept();
    const requests = hostileRequests(20_261_129, REQUESTS, routes, pages);
    for (let from = 0; from < requests.length; from += 50) {
      let wrote = false;
      for (const { method, path, headers, body } of requests.slice(from, from + 50)) {
        const answer = await fetch(app.url + path, {
          ...{ method, body, redirect: 'manual', headers: { ...headers, origin: app.url } }
        });
        const said = await answer.text();
        expect(
          answer.status,
          `${method} ${path} ${body?.slice(0, 300) ?? ''}: ${said.slice(0, 300)}`
        ).toBeLessThan(500);
        // an action answers with 200 and says its status inside
        wrote ||= method !== 'GET' && answer.status < 400;
      }
      const now = await kept();
      if (!wrote) expect(now, `between request ${from} and ${from + 50}`).toBe(before);
      before = now;
    }
  }
);
