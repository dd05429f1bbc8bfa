// Archives and parts of a kit: JSON Lines, UTF-8 (written in `export-rows.ts` and `kit-file.ts`).
import type { Result } from '#core/numeric/result.ts';
import { zoneHere } from '#core/sky/zone.ts';
import { readHeader, readRecord, type ArchiveRecord } from '#schema/files/archive.ts';
import { fromVersionOne } from '#schema/files/older-archives.ts';
import type { Format, Incoming } from '../format.ts';
import { linesOf, textOf } from '../text-file.ts';

/** Lines that are staged as one: some hundredths of a second. */
const PIECE = 400;
/** So long lines are understood before whoever waits for the server has a turn, ms. */
const SLICE_MS = 10;

/** A line that was understood, or what is wrong with it. */
type Understood = { readonly line: number; readonly record: Result<ArchiveRecord, string> };

/** Lets whoever waits for the server have a turn. */
const turn = (): Promise<void> => new Promise((next) => setImmediate(next));

/** Reads the lines of an archive. @param scanNames files of its scans; null = it came without any, and its scans are left out */
export async function readLines(
  { job, stage, lookAtScans }: Incoming,
  path: string,
  scanNames: readonly string[] | null
): Promise<void> {
  const understand = (text: string): Understood | null => {
    job.lines += 1;
    if (text.trim() === '') return null;
    if (!job.headed) {
      job.headed = true;
      const header = readHeader(text.replace(/^\uFEFF/, ''));
      if (!header.ok) job.refuse(1, header.error);
      else if (header.value === 1) job.upgrade = fromVersionOne(zoneHere());
      return null;
    }
    // a file with another first line is no archive: nothing more need be said of it
    if (job.faults[0]?.line === 1) return null;
    return { line: job.lines, record: readRecord(text, job.upgrade) };
  };
  const keep = ({ line, record }: Understood): void => {
    if (!record.ok) job.refuse(line, record.error);
    else if (record.value.kind !== 'scan' || scanNames !== null) job.stage(stage, line, record.value);
  };
  for await (const piece of linesOf(path)) {
    for (let from = 0; from < piece.length; from += PIECE) {
      const understood: Understood[] = [];
      let since = performance.now();
      for (const text of piece.slice(from, from + PIECE)) {
        const next = understand(text);
        if (next) understood.push(next);
        if (performance.now() - since < SLICE_MS) continue;
        await turn();
        since = performance.now();
      }
      // another one was sent meanwhile: what is staged is its
      if (!job.isReading()) return;
      stage.together(() => understood.forEach(keep));
      await turn();
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
