// Rows of a CSV as frames of a film: read like a frame that is written up by hand, with what was expected worked out.
import { randomUUID } from 'node:crypto';
import { notedMarks } from '#core/camera/noted.ts';
import { settingOf } from '#core/camera/setting.ts';
import { expectedOfFrame } from '#core/log/exposed.ts';
import type { Pair } from '#core/log/pair.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { ArchiveRecord } from '#schema/files/archive.ts';
import { readWrittenUp } from '#schema/log/roll-entry.ts';
import { textsOfRow, type CsvMapping } from './csv.ts';

/** Where the rows go. */
export interface CsvTarget {
  readonly pair: Pair;
  /** Whose clocks the times are by. */
  readonly zone: string;
}

/** A row as a record, or what is wrong with it, field by field. */
export function stagedRow(
  cells: Readonly<Record<string, string>>,
  mapping: CsvMapping,
  { pair, zone }: CsvTarget
): Result<ArchiveRecord, readonly string[]> {
  const { camera, film } = pair;
  const read = readWrittenUp(textsOfRow(cells, mapping, camera), { ...pair, zone }, randomUUID);
  if (!read.ok) return err(read.error.map((f) => `${f.field}: ${f.message}`));
  const frame = read.value;
  const choice = settingOf(camera, frame.choice)?.choice;
  const set = choice && notedMarks(camera, choice);
  if (!set) return err(['set: the camera has no such position.']);
  const expected = expectedOfFrame(camera, film, frame);
  return ok({
    ...{ kind: 'frame', deletedAt: null },
    frame: { ...frame, choice, set, expected, doubts: [], revision: 1 }
  });
}
