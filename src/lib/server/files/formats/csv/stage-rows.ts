// The rows of a table, staged as frames of a film with what was said of them; and the development of that film.
import { developedFilm } from '#core/log/exposed.ts';
import { isPoured, isSameDevelopment } from '#core/log/development.ts';
import type { Development } from '#core/log/load.ts';
import { rowOf, SHOWN, type Findings, type ReadRow } from '../../findings.ts';
import { developmentAsKept, judgementAsKept } from './csv-kept.ts';
import { frameOfRow, readingOf, untoldControls, type CsvTarget } from './csv-rows.ts';
import type { CsvMapping, CsvTable } from './csv.ts';

/**
 * How the film was developed, by its rows; what speaks against it is told of its line.
 * @returns null where no row says it, or the film is noted to be developed so already
 */
function developmentOf(findings: Findings, { rows }: CsvTable, { load }: CsvTarget): Development | null {
  let first: { readonly line: number; readonly development: Development } | null = null;
  for (const { line, cells } of rows) {
    const read = developmentAsKept(cells);
    if (!read.ok) findings.refuse(line, read.error);
    else if (read.value && !first) first = { line, development: read.value };
    else if (read.value && first && !isSameDevelopment(read.value, first.development))
      findings.refuse(line, `developed: otherwise than in line ${first.line}. A film is developed once.`);
  }
  if (!first) return null;
  const { line, development } = first;
  if (load.development) {
    if (!isSameDevelopment(load.development, development))
      findings.refuse(line, 'developed: otherwise than is noted with this film. Put it right there first.');
    return null;
  }
  if (load.finishedAt === null && isPoured(development))
    findings.refuse(
      line,
      'developed: this film is still in the camera. It is developed when it is finished.'
    );
  return development;
}

/** Stages the rows of a table: each as a frame, with its judgement where the table is one of ours. */
export function stageRows(findings: Findings, table: CsvTable, mapping: CsvMapping, target: CsvTarget): void {
  const reading = readingOf(table, mapping);
  const development = developmentOf(findings, table, target);
  const { pair, zone, load } = target;
  const film = developedFilm(pair.film, development ?? load.development);
  const read: ReadRow[] = [];
  const frameIds: string[] = [];
  findings.together(() => {
    for (const { line, cells } of table.rows) {
      const row = frameOfRow(cells, reading, { pair: { ...pair, film }, zone });
      if (!row.ok) {
        for (const why of row.error) findings.refuse(line, why);
        continue;
      }
      const frame = row.value;
      findings.keep(line, { kind: 'frame', frame, deletedAt: null });
      frameIds.push(frame.id);
      if (read.length < SHOWN) read.push(rowOf(line, frame));
      const judgement = judgementAsKept(cells, frame.id);
      if (!judgement.ok) findings.refuse(line, judgement.error);
      else if (judgement.value) findings.keep(line, { kind: 'judgement', ...judgement.value });
    }
  });
  findings.rows = {
    ...{ read, frameIds, untold: untoldControls(target, mapping) },
    development: development && { loadId: load.id, development }
  };
}
