// Rows of a CSV as frames of a film: read like a frame that is written up by hand, with what was expected worked out.
import { randomUUID } from 'node:crypto';
import { settingOf } from '#core/camera/setting.ts';
import type { Pair } from '#core/log/pair.ts';
import { judge } from '#core/match/verdict.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { ArchiveRecord } from '#schema/files/archive.ts';
import { readWrittenUp } from '#schema/log/roll-entry.ts';
import { textsOfRow, type CsvMapping } from './csv.ts';

/** Where the rows go. */
export interface CsvTarget {
  readonly pair: Pair;
  readonly cameraRevision: number;
  /** Whose clocks the times are by. */
  readonly zone: string;
}

/** A row as a record, or what is wrong with it, field by field. */
export function stagedRow(
  cells: Readonly<Record<string, string>>,
  mapping: CsvMapping,
  { pair, cameraRevision, zone }: CsvTarget
): Result<ArchiveRecord, readonly string[]> {
  const { loadId, camera, film, framesTotal } = pair;
  const read = readWrittenUp(
    textsOfRow(cells, mapping, camera),
    { loadId, camera, framesTotal, zone },
    randomUUID
  );
  if (!read.ok) return err(read.error.map((f) => `${f.field}: ${f.message}`));
  const { frame, at } = read.value;
  const setting = settingOf(camera, frame.choice);
  if (!setting) return err(['set: the camera has no such position.']);
  const { light, conditions } = frame;
  const { deltaStops, sdStops, pUsable } = judge(
    { camera, film, light, contrast: light.contrast, ...conditions },
    setting
  );
  return ok({
    ...{ kind: 'frame', cameraRevision, deletedAt: null },
    frame: { ...frame, choice: setting.choice, loggedAt: at, deltaStops, sdStops, pUsable }
  });
}
