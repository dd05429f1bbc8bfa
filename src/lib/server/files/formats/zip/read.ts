// Archives with the files of their scans: a ZIP of the lines and of these.
import { join } from 'node:path';
import type { Format } from '../format.ts';
import { readLines } from '../lines/read.ts';
import { LINES_NAME, unpack } from './unzip.ts';

/** @see Format */
export const ZIP: Format = {
  name: 'archive with its scans',
  // APPNOTE.TXT 4.3.7: a local file header begins with “PK”
  detects: (head) => head[0] === 0x50 && head[1] === 0x4b,
  read: async (incoming) => {
    const unpacked = await unpack(incoming.path, incoming.folder);
    if (unpacked.ok) await readLines(incoming, join(incoming.folder, LINES_NAME), unpacked.value);
    else incoming.findings.refuse(1, unpacked.error);
  }
};
