// Bodies with their limit before they are read: how much may come, by route and by who sends it, and how long it may stand still.
import { explainDisk } from '../files/disk-words.ts';
import { problem } from './problem.ts';

/** Most bytes of a form or of JSON from somebody who is let in. */
export const MAX_BODY_BYTES = 256 * 1024;
/** Most bytes from somebody who is not: a passcode is no longer. */
export const MAX_STRANGER_BYTES = 4 * 1024;
/** So much more is let run out for somebody who is let in, bytes: while a browser still sends it does not read the answer. */
const PATIENCE_BYTES = 4 * 1024 * 1024;
/** A body in which nothing comes for so long is given up, ms. */
export const IDLE_MS = 20_000;

/** Routes that take a file: it goes to the disk as it comes, and they count it themselves. */
const UPLOADS = [/^\/api\/v1\/imports$/, /^\/api\/v1\/loads\/[^/]+\/scans$/];

/** Whether a route takes a file. */
const isUpload = (method: string, path: string): boolean =>
  method === 'POST' && UPLOADS.some((route) => route.test(path));

/** What ended a body early. */
class Stalled extends Error {
  constructor() {
    super('Nothing more came.');
  }
}

/** A reader of a body that does not wait for ever. @throws {Stalled} */
async function readWithin(
  reader: ReadableStreamDefaultReader<Uint8Array>,
  idleMs: number
): Promise<ReadableStreamReadResult<Uint8Array>> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, fail) => {
    timer = setTimeout(() => fail(new Stalled()), idleMs);
  });
  try {
    return await Promise.race([reader.read(), late]);
  } finally {
    clearTimeout(timer);
  }
}

/** A body that ends with an error when it stands still, for routes that take it piece by piece. */
function watched(body: ReadableStream<Uint8Array>, idleMs: number): ReadableStream<Uint8Array> {
  const reader = body.getReader();
  return new ReadableStream<Uint8Array>({
    async pull(controller) {
      try {
        const { done, value } = await readWithin(reader, idleMs);
        if (done) controller.close();
        else controller.enqueue(value);
      } catch (error) {
        controller.error(error);
      }
    },
    cancel: (reason) => reader.cancel(reason)
  });
}

/** All of a body, at most so many bytes; null = there is more, of which so much was let run out. @throws {Stalled} */
async function wholeOf(
  body: ReadableStream<Uint8Array>,
  ...[most, patience, idleMs]: readonly [most: number, patience: number, idleMs: number]
): Promise<Uint8Array<ArrayBuffer> | null> {
  const reader = body.getReader();
  const pieces: Uint8Array[] = [];
  let bytes = 0;
  for (;;) {
    const { done, value } = await readWithin(reader, idleMs);
    if (done) break;
    bytes += value.length;
    // not cancelled: that would end the connection before the answer is out
    if (bytes > most + patience) return null;
    if (bytes <= most) pieces.push(value);
    else pieces.length = 0;
  }
  if (bytes > most) return null;
  const whole = new Uint8Array(bytes);
  let at = 0;
  for (const piece of pieces) {
    whole.set(piece, at);
    at += piece.length;
  }
  return whole;
}

/** A refusal of what is still coming: the connection ends with it, as nobody reads the rest. */
function ended(response: Response): Response {
  response.headers.set('connection', 'close');
  return response;
}

const saidBytes = (bytes: number): string => `${bytes / 1024} kB`;
const tooLarge = (most: number): Response =>
  ended(problem(413, 'too-large', 'Too large', `A body may have at most ${saidBytes(most)}.`));

/**
 * The request with its body in hand, or watched where it is a file; or the answer to send back.
 * @param path of the route @param isKnown whether the sender is let in
 */
export async function bounded(
  request: Request,
  path: string,
  isKnown: boolean,
  idleMs: number = IDLE_MS
): Promise<Request | Response> {
  const { body, method, headers, url } = request;
  if (body === null) return request;
  if (isKnown && isUpload(method, path)) {
    // a stream is sent in one direction at a time: Fetch, 2.2.5
    const streamed: RequestInit & { readonly duplex: 'half' } = {
      ...{ method, headers, body: watched(body, idleMs), duplex: 'half' }
    };
    return new Request(url, streamed);
  }
  const most = isKnown ? MAX_BODY_BYTES : MAX_STRANGER_BYTES;
  const patience = isKnown ? PATIENCE_BYTES : 0;
  if (Number(headers.get('content-length') ?? 0) > most + patience) return tooLarge(most);
  try {
    const whole = await wholeOf(body, most, patience, idleMs);
    return whole === null ? tooLarge(most) : new Request(url, { method, headers, body: whole });
  } catch (error) {
    return uploadFailed(error, '');
  }
}

/** The answer when a file that comes in stood still, or found no room. @param folder where it was written @throws any other error as it is */
export function uploadFailed(error: unknown, folder: string): Response {
  const disk = explainDisk(error, folder);
  if (disk !== null) return ended(problem(507, 'no-room', 'No room', `${disk} Nothing was stored.`));
  if (!(error instanceof Stalled)) throw error;
  const words = 'Nothing more came for a while, so it was given up. Nothing was stored: send it again.';
  return ended(problem(408, 'stalled', 'Nothing more came', words));
}

/** The answer of a route that takes files: one that refuses a large one ends the connection, as the rest of it would still come. */
export function afterUpload(response: Response, { method, headers }: Request, path: string): Response {
  const told = headers.get('content-length');
  const isSmall = told !== null && Number(told) <= PATIENCE_BYTES;
  if (response.status < 400 || isSmall || !isUpload(method, path)) return response;
  return ended(new Response(response.body, response));
}
