// Every format is told from every other by its first bytes, and what it writes it reads.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, expect, test } from 'vitest';
import { openDatabase } from '../../database/open.ts';
import { seededDatabase } from '../../demo/seeded.test.fixtures.ts';
import { scanIntake } from '../../scans/intake.ts';
import { repositoriesOf } from '../../repositories.ts';
import { archiveLines } from '../export-rows.ts';
import { importJobs } from '../imports.ts';
import { csvHeader, csvLine } from './csv/write.ts';
import { FORMATS, formatOf } from './formats.ts';
import { LINES_NAME } from './zip/unzip.ts';
import { zipStream } from './zip/zip-out.ts';

const folder = mkdtempSync(join(tmpdir(), 'just-enough-formats-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const NOW = '2026-10-01T12:00:00.000Z';
const db = seededDatabase();
db.exec('delete from scan');
const lines = (): string => [...archiveLines(db, NOW)].join('\n');

async function zipped(): Promise<Buffer> {
  const pieces: Uint8Array[] = [];
  const reader = zipStream([{ name: LINES_NAME, lines: archiveLines(db, NOW) }]).getReader();
  for (let next = await reader.read(); !next.done; next = await reader.read()) pieces.push(next.value);
  return Buffer.concat(pieces);
}
function table(): Buffer {
  const frames = repositoriesOf(db).frames.listByLoad('demo-load-pebble');
  const rows = frames.map((frame) =>
    csvLine({ frame, camera: null, film: null, judgement: null, development: null })
  );
  return Buffer.from([csvHeader(), ...rows].join('\r\n'));
}
/** What each format writes, by its name. */
const WRITTEN: Readonly<Record<string, () => Promise<Buffer> | Buffer>> = {
  'archive with its scans': zipped,
  'archive, line by line': () => Buffer.from(lines()),
  'table of frames': table
};

test.each(FORMATS)(
  '$name: what is written is told to be it, and is read without a fault',
  async ({ name }) => {
    const written = await WRITTEN[name]?.();
    if (!written) throw new Error(`write a ${name} here, to see it read`);
    expect(formatOf(written.subarray(0, 512))?.name).toBe(name);
    const into = openDatabase(':memory:');
    const { scans } = repositoriesOf(into);
    const jobs = importJobs(
      into,
      join(folder, name),
      scanIntake(join(folder, name), scans, () => NOW)
    );
    // eslint-disable-next-line @typescript-eslint/require-await -- as it comes in
    const bytes = async function* () {
      yield written;
    };
    const begun = await jobs.start(name, bytes());
    await expect.poll(() => jobs.find(begun?.id ?? '')?.state).not.toBe('reading');
    const view = jobs.find(begun?.id ?? '');
    expect(view?.faults).toEqual([]);
    if (view?.csv) {
      expect(view.state).toBe('mapping');
      expect(view.csv.headers).toEqual(csvHeader().split(','));
      return;
    }
    expect((await jobs.take(begun?.id ?? ''))?.state).toBe('done');
    expect([...archiveLines(into, NOW)].join('\n')).toBe(lines());
  }
);

test.each([
  ['a picture', Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 16, 0x4a, 0x46])],
  ['zeros', Buffer.alloc(512)],
  ['UTF-16 without its mark', Buffer.from('number,date', 'utf16le')]
])('%s is of no format', (_, head) => expect(formatOf(head)).toBeNull());

test.each([
  ['UTF-16 with its mark', Buffer.from('\uFEFFnumber,date', 'utf16le')],
  ['Windows-1252', Buffer.from([0x6e, 0x6f, 0x2c, 0xe9])]
])('%s is a table', (_, head) => expect(formatOf(head)?.name).toBe('table of frames'));
