// Tables of frames: CSV, as this program, spreadsheets and others write it. Its columns are said before its rows are read.
import { readFile } from 'node:fs/promises';
import type { Format } from '../format.ts';
import { decoded, isMarkedUtf16, textOf } from '../text-file.ts';
import { readCsv, type CsvTable } from './csv.ts';

/** Rows shown beside the question what the columns stand for. */
const SAMPLE = 3;

/** The table in a file. */
export async function readTable(path: string): Promise<CsvTable> {
  return readCsv(decoded(await readFile(path)));
}

const isArchive = (text: string): boolean =>
  text
    .replace(/^\uFEFF/, '')
    .trimStart()
    .startsWith('{');

/** @see Format */
export const CSV: Format = {
  name: 'table of frames',
  detects: (head) => isMarkedUtf16(head) || textOf(head) !== null,
  read: async ({ path, findings }) => {
    const text = decoded(await readFile(path));
    if (isArchive(text)) {
      findings.refuse(1, 'An archive is UTF-8. Save the file as UTF-8.');
      return;
    }
    const { headers, rows, faults } = readCsv(text);
    findings.columns = { headers, rows: rows.slice(0, SAMPLE) };
    for (const { line, why } of faults) findings.refuse(line, why);
    findings.lines = rows.length + 1;
    if (rows.length === 0) findings.refuse(1, 'The file has no rows.');
  }
};
