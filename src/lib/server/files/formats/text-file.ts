// Text files as they come in: UTF-8 or refused, line by line, never whole in memory.
import { createReadStream } from 'node:fs';
import { open } from 'node:fs/promises';

/** The first bytes of a file, 512 at most. */
export async function headOf(path: string): Promise<Buffer> {
  const file = await open(path);
  try {
    const { buffer, bytesRead } = await file.read(Buffer.alloc(512), 0, 512, 0);
    return buffer.subarray(0, bytesRead);
  } finally {
    await file.close();
  }
}

/** The first letters of a text with a byte to a letter or UTF-8, without its mark; null = it is no such text. @param head of the file */
export function textOf(head: Buffer): string | null {
  if (head.includes(0) || isMarkedUtf16(head)) return null;
  return head
    .toString('utf8')
    .replace(/^\uFEFF/, '')
    .trimStart();
}

/** Whether a file begins with the mark of UTF-16. @param head of the file */
export function isMarkedUtf16(head: Buffer): boolean {
  return ['fffe', 'feff'].includes(head.subarray(0, 2).toString('hex'));
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
