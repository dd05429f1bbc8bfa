// Unpacks the ZIP of an archive: its lines and the scans' files, streamed to the disk. Names that lead elsewhere are refused.
import { createReadStream, createWriteStream, type WriteStream } from 'node:fs';
import { once } from 'node:events';
import { finished } from 'node:stream/promises';
import { join } from 'node:path';
import { Unzip, UnzipInflate, type UnzipFile } from 'fflate';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { explainDisk } from '../../disk-words.ts';

/** Name of the lines in the ZIP. */
export const LINES_NAME = 'archive.jsonl';
/** Folder of the scans in the ZIP. */
export const SCANS_FOLDER = 'scans/';

/** Most that a ZIP may unpack to, bytes, and most files. */
const MOST_BYTES = 8 * 1024 ** 3;
const MOST_FILES = 20_000;
const MOST_LINES_BYTES = 2 * 1024 ** 3;

/** Why a name in a ZIP is not taken; null = it is. */
export function nameFault(name: string): string | null {
  const parts = name.split('/');
  if (
    name.includes('\\') ||
    name.startsWith('/') ||
    /^[a-z]:/i.test(name) ||
    parts.includes('..') ||
    name.includes('\0')
  )
    return `“${name}” in the ZIP leads out of its folder.`;
  const isOurs = name === LINES_NAME || /^scans\/[\w-]+\.(jpg|png|tif|webp)$/.test(name);
  return isOurs || name.endsWith('/') ? null : `“${name}” in the ZIP is nothing of an archive.`;
}

/**
 * Unpacks into a folder that is there: the lines as `archive.jsonl`, scans by their names.
 * @returns names of the scans, or why the ZIP is refused
 */
export async function unpack(zip: string, folder: string): Promise<Result<readonly string[], string>> {
  const names: string[] = [];
  const outs: WriteStream[] = [];
  const faults: string[] = [];
  let bytes = 0;
  const refuse = (why: string): void => {
    faults.push(why);
  };
  const unzip = new Unzip((file: UnzipFile) => {
    const wrong =
      nameFault(file.name) ?? (names.includes(file.name) ? `“${file.name}” stands in the ZIP twice.` : null);
    if (wrong !== null) {
      refuse(wrong);
      return;
    }
    if (file.name.endsWith('/')) return;
    names.push(file.name);
    if (names.length > MOST_FILES) refuse(`The ZIP holds more than ${MOST_FILES} files.`);
    const out = createWriteStream(join(folder, file.name.split('/').at(-1) ?? ''));
    outs.push(out);
    out.on('error', (error) => refuse(explainDisk(error, folder) ?? `“${file.name}” cannot be written.`));
    let own = 0;
    file.ondata = (error, data, final) => {
      if (error) refuse(`“${file.name}” in the ZIP is damaged.`);
      bytes += data.length;
      own += data.length;
      if (bytes > MOST_BYTES || (file.name === LINES_NAME && own > MOST_LINES_BYTES))
        refuse('The ZIP unpacks to more than is taken.');
      if (faults.length === 0) out.write(data);
      if (final) out.end();
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  try {
    for await (const chunk of createReadStream(zip, { highWaterMark: 64 * 1024 })) {
      unzip.push(chunk as Uint8Array);
      if (faults.length > 0) break;
      // the disk sets the pace: a bomb must not fill the memory
      for (const out of outs) if (out.writableNeedDrain) await once(out, 'drain');
    }
    if (faults.length === 0) unzip.push(new Uint8Array(0), true);
  } catch {
    // a disk that is full has said so itself
    if (!outs.some((out) => out.errored)) refuse('The ZIP is damaged or ends too early.');
  }
  await Promise.all(
    outs.map(async (out) => {
      if (out.errored) return;
      if (!out.writableEnded) {
        refuse('The ZIP ends too early.');
        out.end();
      }
      await finished(out).catch(() => undefined);
    })
  );
  if (!names.includes(LINES_NAME)) refuse(`The ZIP holds no ${LINES_NAME}.`);
  const [fault] = faults;
  return fault === undefined ? ok(names.filter((n) => n !== LINES_NAME)) : err(fault);
}
