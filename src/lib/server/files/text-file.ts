// Text files as they come in: UTF-8 or refused, line by line, never whole in memory.
import { createReadStream } from 'node:fs';
import { open } from 'node:fs/promises';

/** What a file is by its first bytes. */
export type FileKind = 'zip' | 'archive' | 'csv' | 'utf-16' | 'empty';

/** Looks at the first bytes. */
export async function kindOfFile(path: string): Promise<FileKind> {
  const file = await open(path);
  try {
    const { buffer, bytesRead } = await file.read(Buffer.alloc(512), 0, 512, 0);
    const head = buffer.subarray(0, bytesRead);
    if (bytesRead === 0) return 'empty';
    if (head[0] === 0x50 && head[1] === 0x4b) return 'zip';
    if ((head[0] === 0xff && head[1] === 0xfe) || (head[0] === 0xfe && head[1] === 0xff) || head.includes(0))
      return 'utf-16';
    return head
      .toString('utf8')
      .replace(/^\uFEFF/, '')
      .trimStart()
      .startsWith('{')
      ? 'archive'
      : 'csv';
  } finally {
    await file.close();
  }
}

/** The letters of 80 to 9F, in order; WHATWG Encoding Standard, index windows-1252. Node.js reads them as ISO 8859-1. */
const UPPER = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

const fromWindows1252 = (bytes: Uint8Array): string =>
  Buffer.from(bytes)
    .toString('latin1')
    .replace(/[\u0080-\u009f]/g, (c) => UPPER[c.charCodeAt(0) - 0x80] ?? c);

/** The text of a small file: UTF-8, UTF-16 by its mark, else Windows-1252, as spreadsheets save it. @param bytes of the file */
export function decoded(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return fromWindows1252(bytes);
  }
}

/** Whether a file begins with the mark of UTF-16. */
export async function isMarkedUtf16(path: string): Promise<boolean> {
  const file = await open(path);
  try {
    const { buffer } = await file.read(Buffer.alloc(2), 0, 2, 0);
    return ['fffe', 'feff'].includes(buffer.toString('hex'));
  } finally {
    await file.close();
  }
}

/** Longest line taken, characters. */
const LONGEST = 1_000_000;

/** The lines of a file, some hundred at a time: small pieces, which are cleared away sooner. @throws {TypeError} for what is no UTF-8 @throws {RangeError} for a line too long */
export async function* linesOf(path: string): AsyncGenerator<readonly string[]> {
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let rest = '';
  for await (const chunk of createReadStream(path, { highWaterMark: 192 * 1024 })) {
    const lines = (rest + decoder.decode(chunk as Uint8Array, { stream: true })).split('\n');
    rest = lines.pop() ?? '';
    if (rest.length > LONGEST) throw new RangeError('a line is longer than a million characters');
    yield lines;
  }
  rest += decoder.decode();
  if (rest !== '') yield [rest];
}
