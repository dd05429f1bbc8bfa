// Takes scans in: the file goes to the disk as it comes, is looked into there, and is kept byte for byte or not at all.
import { createHash, randomUUID } from 'node:crypto';
import { createWriteStream, mkdirSync, openAsBlob, readdirSync, rmSync } from 'node:fs';
import { rename, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { Scan, ScanType } from '#core/log/scan.ts';
import type { ScanShown } from '#core/log/scan-shown.ts';

import { lookInto, type PictureFault } from './pictures.ts';
import type { scanRepository, StoredScan } from './repository.ts';
import { turns } from './turns.ts';

/** Largest file that is taken, bytes. */
export const MOST_BYTES = 80 * 1024 * 1024;

/** Files that come in side by side: each goes to the disk as it comes, and one that stands still must not keep others waiting. */
const ABREAST = 64;

/** Why a scan was not taken. */
export type ScanRefusal =
  | PictureFault
  | { readonly fault: 'too-large' }
  | { readonly fault: 'empty' }
  | { readonly fault: 'same'; readonly as: string };

/** What is asked for of a scan. */
export type ScanSize = 'thumb' | 'view' | 'original';

/** Endings of the originals' files. */
export const ENDING: Readonly<Record<ScanType, string>> = {
  jpeg: 'jpg',
  png: 'png',
  tiff: 'tif',
  webp: 'webp'
};

/** What comes in, piece by piece. */
type Incoming = AsyncIterable<Uint8Array>;

class TooLarge extends Error {}

/** Writes what comes into a file. @returns its SHA-256 and size @throws {TooLarge} beyond {@link MOST_BYTES} */
async function receive(body: Incoming, path: string) {
  const hash = createHash('sha256');
  let bytes = 0;
  const counted = new Transform({
    transform(chunk: Buffer, _encoding, done) {
      bytes += chunk.length;
      hash.update(chunk);
      done(bytes > MOST_BYTES ? new TooLarge() : null, chunk);
    }
  });
  await pipeline(Readable.from(body), counted, createWriteStream(path));
  return { sha256: hash.digest('hex'), bytes };
}

/** The scans of a store: their files in a folder of their own. */
export function scanIntake(folder: string, scans: ReturnType<typeof scanRepository>, now: () => string) {
  const pathOf = ({ id, type }: Pick<Scan, 'id' | 'type'>, size: ScanSize): string =>
    join(folder, size === 'original' ? `${id}.${ENDING[type]}` : `${id}.${size}.jpg`);
  let ready = false;
  /** Makes the folder, and clears away what was cut off when the server last stopped. */
  const prepare = (): void => {
    if (ready) return;
    mkdirSync(folder, { recursive: true });
    for (const name of readdirSync(folder)) if (name.startsWith('coming-')) rmSync(join(folder, name));
    ready = true;
  };
  // forty at once must not fill the memory: they are looked into one after the other
  const turn = turns(ABREAST);
  const table = turns(1);

  async function keep(
    coming: string,
    scan: Pick<StoredScan, 'id' | 'loadId' | 'name'>,
    sha256: string,
    bytes: number
  ) {
    const same = scans.same(scan.loadId, sha256);
    if (same) return err({ fault: 'same' as const, as: same.name });
    const looked = await lookInto(coming, scan.name);
    if (!looked.ok) return looked;
    const { type, width, height, tones, thumb, view } = looked.value;
    const stored: StoredScan = {
      ...{ ...scan, frameId: null, type, bytes, width, height, sha256, tones },
      ...{ addedAt: now(), deletedAt: null }
    };
    await Promise.all([
      writeFile(pathOf(stored, 'thumb'), thumb),
      writeFile(pathOf(stored, 'view'), view),
      rename(coming, pathOf(stored, 'original'))
    ]);
    scans.add(stored);
    return ok(stored);
  }

  return {
    pathOf,
    prepare,
    /** A scan's file, read only while it is sent. */
    open: (scan: Pick<Scan, 'id' | 'type'>, size: ScanSize): Promise<Blob> => openAsBlob(pathOf(scan, size)),
    /** Shows a scan otherwise: its small pictures are drawn anew, the file stays as it came. */
    show: (scan: StoredScan, shown: ScanShown): Promise<Result<Scan, ScanRefusal>> =>
      table(async () => {
        const looked = await lookInto(pathOf(scan, 'original'), scan.name, shown);
        if (!looked.ok) return looked;
        const { tones, thumb, view } = looked.value;
        await Promise.all([writeFile(pathOf(scan, 'thumb'), thumb), writeFile(pathOf(scan, 'view'), view)]);
        scans.show(scan.id, shown, tones);
        return ok({ ...scan, shown, tones });
      }),
    /** Takes a file in, or says why not; nothing of it stays then. */
    take: async (loadId: string, name: string, body: Incoming): Promise<Result<Scan, ScanRefusal>> => {
      prepare();
      const id = randomUUID();
      const coming = join(folder, `coming-${id}`);
      try {
        const { sha256, bytes } = await turn(() => receive(body, coming));
        if (bytes === 0) return err({ fault: 'empty' });
        return await table(() => keep(coming, { id, loadId, name }, sha256, bytes));
      } catch (error) {
        if (error instanceof TooLarge) return err({ fault: 'too-large' });
        throw error;
      } finally {
        await rm(coming, { force: true });
      }
    }
  };
}
