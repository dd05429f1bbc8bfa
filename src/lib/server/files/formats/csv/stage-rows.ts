// The rows of a table, staged as frames of a film with what was said of them; and the development of that film.
import { developedFilm } from '#core/log/exposed.ts';
import { isPoured, isSameDevelopment } from '#core/log/development.ts';
import type { Development } from '#core/log/load.ts';
import type { Job } from '../../import-job.ts';
import { rowOf, SHOWN } from '../../import-job.ts';
import type { staging } from '../../staging.ts';
import { developmentAsKept, judgementAsKept } from './csv-kept.ts';
import { frameOfRow, readingOf, untoldControls, type CsvTarget } from './csv-rows.ts';
import type { CsvMapping, CsvTable } from './csv.ts';

/**
 * How the film was developed, by its rows; what speaks against it is told of its line.
 * @returns null where no row says it, or the film is noted to be developed so already
 */
function developmentOf(job: Job, { rows }: CsvTable, { load }: CsvTarget): Development | null {
  let first: { readonly line: number; readonly development: Development } | null = null;
  for (const { line, cells } of rows) {
    const read = developmentAsKept(cells);
    if (!read.ok) job.refuse(line, read.error);
    else if (read.value && !first) first = { line, development: read.value };
    else if (read.value && first && !isSameDevelopment(read.value, first.development))
      job.refuse(line, `developed: otherwise than in line ${first.line}. A film is developed once.`);
  }
  if (!first) return null;
  const { line, development } = first;
  if (load.development) {
    if (!isSameDevelopment(load.development, development))
      job.refuse(line, 'developed: otherwise than is noted with this film. Put it right there first.');
    return null;
  }
  if (load.finishedAt === null && isPoured(development))
    job.refuse(line, 'developed: this film is still in the camera. It is developed when it is finished.');
  return development;
}

/** Stages the rows of a table: each as a frame, with its judgement where the table is one of ours. */
export function stageRows(
  job: Job,
  stage: ReturnType<typeof staging>,
  table: CsvTable,
  mapping: CsvMapping,
  target: CsvTarget
): void {
  job.untold = untoldControls(target, mapping);
  const reading = readingOf(table, mapping);
  const development = developmentOf(job, table, target);
  job.development = development && { loadId: target.load.id, development };
  const { pair, zone } = target;
  const film = developedFilm(pair.film, development ?? target.load.development);
  stage.together(() => {
    for (const { line, cells } of table.rows) {
      const read = frameOfRow(cells, reading, { pair: { ...pair, film }, zone });
      if (!read.ok) {
        for (const why of read.error) job.refuse(line, why);
        continue;
      }
      const frame = read.value;
      job.stage(stage, line, { kind: 'frame', frame, deletedAt: null });
      job.frameIds.push(frame.id);
      if (job.read.length < SHOWN) job.read.push(rowOf(line, frame));
      const judgement = judgementAsKept(cells, frame.id);
      if (!judgement.ok) job.refuse(line, judgement.error);
      else if (judgement.value) job.stage(stage, line, { kind: 'judgement', ...judgement.value });
    }
  });
}
