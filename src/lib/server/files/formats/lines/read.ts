// Archives and parts of a kit: JSON Lines, UTF-8 (written in `export-rows.ts` and `kit-file.ts`).
import { zoneHere } from '#core/sky/zone.ts';
import { readHeader, readRecord } from '#schema/files/archive.ts';
import { fromVersionOne } from '#schema/files/older-archives.ts';
import type { Format, Incoming } from '../format.ts';
import { linesOf, textOf } from '../text-file.ts';

/** Lines read at a time: some hundredths of a second. */
const PIECE = 400;

/** Reads the lines of an archive. @param scanNames files of its scans; null = it came without any, and its scans are left out */
export async function readLines(
  { job, stage, lookAtScans }: Incoming,
  path: string,
  scanNames: readonly string[] | null
): Promise<void> {
  const readOne = (text: string): void => {
    job.lines += 1;
    if (text.trim() === '') return;
    if (!job.headed) {
      job.headed = true;
      const header = readHeader(text.replace(/^\uFEFF/, ''));
      if (!header.ok) job.refuse(1, header.error);
      else if (header.value === 1) job.upgrade = fromVersionOne(zoneHere());
      return;
    }
    // a file with another first line is no archive: nothing more need be said of it
    if (job.faults[0]?.line === 1) return;
    const record = readRecord(text, job.upgrade);
    if (!record.ok) job.refuse(job.lines, record.error);
    else if (record.value.kind !== 'scan' || scanNames !== null) job.stage(stage, job.lines, record.value);
  };
  for await (const piece of linesOf(path)) {
    // some lines as one, then whoever waits for the server has a turn
    for (let from = 0; from < piece.length; from += PIECE) {
      // another one was sent meanwhile: what is staged is its
      if (!job.isReading()) return;
      stage.together(() => piece.slice(from, from + PIECE).forEach(readOne));
      await new Promise((next) => setImmediate(next));
    }
  }
  if (!job.headed) job.refuse(1, 'The file is empty.');
  if (scanNames && job.faultCount === 0)
    for (const fault of await lookAtScans(scanNames)) job.refuse(0, fault);
}

/** @see Format */
export const LINES: Format = {
  name: 'archive, line by line',
  detects: (head) => textOf(head)?.startsWith('{') ?? false,
  read: (incoming) => readLines(incoming, incoming.path, null)
};
