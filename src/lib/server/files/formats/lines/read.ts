// Archives and parts of a kit: JSON Lines, UTF-8 (written in `export-rows.ts` and `kit-file.ts`).
import { zoneHere } from '#core/sky/zone.ts';
import { readHeader, readRecord } from '#schema/files/archive.ts';
import { fromVersionOne, type Upgrade } from '#schema/files/older-archives.ts';
import type { Format, Incoming } from '../format.ts';
import { linesOf, textOf } from '../text-file.ts';

/** Reads the lines of an archive. @param scanNames files of its scans; null = it came without any, and its scans are left out */
export async function readLines(
  { findings, tell }: Incoming,
  path: string,
  scanNames: readonly string[] | null
): Promise<void> {
  findings.scanNames = scanNames;
  let upgrade: Upgrade = (value) => value;
  /** Whether the first line was read; one that is wrong is all that is said. */
  let header: 'none' | 'read' | 'wrong' = 'none';
  const readFirst = (text: string): void => {
    const read = readHeader(text.replace(/^\uFEFF/, ''));
    header = read.ok ? 'read' : 'wrong';
    if (!read.ok) findings.refuse(1, read.error);
    else if (read.value === 1) upgrade = fromVersionOne(zoneHere());
  };
  const readNext = (text: string): void => {
    findings.lines += 1;
    if (text.trim() === '' || header === 'wrong') return;
    if (header === 'none') {
      readFirst(text);
      return;
    }
    const record = readRecord(text, upgrade);
    if (!record.ok) findings.refuse(findings.lines, record.error);
    else if (record.value.kind !== 'scan' || scanNames !== null) findings.keep(findings.lines, record.value);
  };
  for await (const piece of linesOf(path)) {
    findings.together(() => piece.forEach(readNext));
    if (!tell(findings.lines)) return;
  }
  // TypeScript believes that closures change nothing
  if ((header as string) === 'none') findings.refuse(1, 'The file is empty.');
}

/** @see Format */
export const LINES: Format = {
  name: 'archive, line by line',
  detects: (head) => textOf(head)?.startsWith('{') ?? false,
  read: (incoming) => readLines(incoming, incoming.path, null)
};
