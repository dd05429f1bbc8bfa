// A body has its limit before it is read, by who sends it, with its length told or not; one that stands still is given up.
import { describe, expect, test } from 'vitest';
import { afterUpload, bounded, MAX_BODY_BYTES, MAX_STRANGER_BYTES, uploadFailed } from './bodies.ts';

const URL_ = 'http://localhost/api/v1/frames';
/** A request whose body comes in pieces, its length untold. @param then what happens behind the last piece */
function streamed(pieces: readonly Uint8Array[], then: 'end' | 'still' = 'end') {
  let sent = 0;
  const body = new ReadableStream<Uint8Array>({
    pull: (controller) => {
      const piece = pieces[sent];
      if (piece) {
        sent += 1;
        controller.enqueue(piece);
      } else if (then === 'end') controller.close();
      else return new Promise(() => undefined);
      return undefined;
    }
  });
  const init: RequestInit & { readonly duplex: 'half' } = { method: 'POST', body, duplex: 'half' };
  return { request: new Request(URL_, init), sent: () => sent };
}
const kilobytes = (n: number) => Array.from({ length: n }, () => new Uint8Array(1024).fill(65));
const textOf = async (answer: Request | Response): Promise<string> => answer.text();

describe('a body', () => {
  test('within its limit comes whole, told or untold, and without one nothing is asked', async () => {
    for (const known of [true, false]) {
      const { request } = streamed(kilobytes(3));
      const read = await bounded(request, '/api/v1/frames', known);
      expect(read).toBeInstanceOf(Request);
      expect(await textOf(read)).toBe('A'.repeat(3072));
    }
    const get = new Request(URL_);
    expect(await bounded(get, '/shoot', false)).toBe(get);
  });

  test.each([
    [true, MAX_BODY_BYTES, '256 kB'],
    [false, MAX_STRANGER_BYTES, '4 kB']
  ])('of somebody let in (%s) may have %i bytes', async (known, most, words) => {
    const exact = await bounded(
      new Request(URL_, { method: 'POST', body: 'x'.repeat(most) }),
      '/enter',
      known
    );
    expect(exact).toBeInstanceOf(Request);
    const told = streamed(kilobytes(20_000));
    told.request.headers.set('content-length', String(20_000 * 1024));
    const untold = streamed(kilobytes(20_000));
    // a little too much is let run out, so that whoever sent it hears why
    const little = streamed(kilobytes(most / 1024 + 200));
    for (const { request } of [told, untold, little]) {
      const refused = await bounded(request, '/enter', known);
      if (!(refused instanceof Response)) throw new Error('it was taken');
      expect([refused.status, refused.headers.get('connection')]).toEqual([413, 'close']);
      expect(await refused.text()).toContain(words);
    }
    // a length that is told is refused before a byte is read, the rest of one that is not is left where it is
    expect(told.sent()).toBeLessThanOrEqual(1);
    expect(untold.sent()).toBeLessThan((most + (known ? 4 * 1024 * 1024 : 0)) / 1024 + 10);
    expect(little.sent()).toBeGreaterThan(known ? most / 1024 + 199 : 0);
  });

  test('that stands still is given up, also where it is a file', async () => {
    const still = await bounded(streamed(kilobytes(1), 'still').request, '/enter', false, 20);
    expect(still).toMatchObject({ status: 408 });
    const file = await bounded(streamed(kilobytes(400), 'still').request, '/api/v1/loads/x/scans', true, 20);
    if (!(file instanceof Request)) throw new Error('a file is taken piece by piece');
    const broken = await file.arrayBuffer().then(
      () => null,
      (error: unknown) => error
    );
    expect(uploadFailed(broken, '').status).toBe(408);
    expect(() => uploadFailed(new Error('another'), '')).toThrow('another');
  });

  test('a file has no limit here, and one that is refused ends its connection', async () => {
    const path = '/api/v1/imports';
    const taken = await bounded(streamed(kilobytes(1000)).request, path, true);
    expect((await textOf(taken)).length).toBe(1_024_000);
    // a stranger sends none
    expect(await bounded(streamed(kilobytes(1000)).request, path, false)).toBeInstanceOf(Response);
    const after = (status: number, method: string, to: string, length?: number) =>
      afterUpload(
        new Response('', { status }),
        new Request(URL_, {
          ...{ method, headers: length === undefined ? {} : { 'content-length': String(length) } }
        }),
        to
      ).headers.get('connection');
    expect([after(422, 'POST', path), after(422, 'POST', path, 80_000_000)]).toEqual(['close', 'close']);
    // what is little is let run out: whoever sends it hears why it is refused
    expect(after(422, 'POST', path, 20_000)).toBeNull();
    for (const [status, method, to] of [
      [201, 'POST', path],
      [422, 'PUT', path],
      [422, 'POST', '/log']
    ] as const)
      expect(after(status, method, to)).toBeNull();
  });
});
