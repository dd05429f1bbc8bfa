// Tables of frames: CSV, as this program, spreadsheets and others write it. Its columns are said before its rows are read.
import { readFile } from 'node:fs/promises';
import type { Format } from '../format.ts';
import { decoded, isMarkedUtf16, textOf } from '../text-file.ts';
import { readCsv } from './csv.ts';

/** @see Format */
export const CSV: Format = {
  name: 'table of frames',
  detects: (head) => isMarkedUtf16(head) || textOf(head) !== null,
  read: async ({ path, job }) => {
    const text = decoded(await readFile(path));
    if (
      text
        .replace(/^\uFEFF/, '')
        .trimStart()
        .startsWith('{')
    ) {
      job.refuse(1, 'An archive is UTF-8. Save the file as UTF-8.');
      return;
    }
    const table = readCsv(text);
    job.table = table;
    for (const { line, why } of table.faults) job.refuse(line, why);
    job.lines = table.rows.length + 1;
    if (table.rows.length === 0) job.refuse(1, 'The file has no rows.');
    else if (job.faultCount === 0) job.state = 'mapping';
  }
};
