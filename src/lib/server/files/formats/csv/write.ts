// Frames as CSV (RFC 4180), with cells that a spreadsheet would run made harmless.
import Papa from 'papaparse';
import type { Camera } from '#core/camera/camera.ts';
import type { Film } from '#core/film/film.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import { borderExtras, marksOf } from '#core/log/border-note.ts';
import { developmentLine } from '#core/log/development.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Development } from '#core/log/load.ts';
import { harmless } from './cells.ts';
import { CSV_COLUMNS } from './columns.ts';

/** A frame with what its row tells. */
export interface CsvFrame {
  readonly frame: Frame;
  readonly camera: Camera | null;
  readonly film: Film | null;
  readonly judgement: Judgement | null;
  /** Of its film. */
  readonly development: Development | null;
}

function cameOut(judgement: Judgement | null): string {
  if (!judgement) return '';
  const { outcome } = judgement;
  return outcome.kind === 'tone' ? String(outcome.stops) : outcome.word;
}

/** What is kept of a frame as JSON, in the order of the columns. */
function keptOf({ frame, judgement, development }: CsvFrame): readonly string[] {
  const said = judgement && {
    judgement: {
      ...{ on: judgement.on, outcome: judgement.outcome, faults: judgement.faults },
      ...(judgement.grade ? { grade: judgement.grade } : {})
    },
    ...{ judgedAt: judgement.judgedAt, revision: judgement.revision }
  };
  const conditions = Object.keys(frame.conditions).length === 0 ? null : frame.conditions;
  return [frame.light, frame.guess, conditions, said, development].map((kept) =>
    kept ? JSON.stringify(kept) : ''
  );
}

/** The first line of the CSV, without its line end. */
export const csvHeader = (): string => CSV_COLUMNS.join(',');

/** A frame as a line of the CSV, without its line end. */
export function csvLine(row: CsvFrame): string {
  const { frame, camera, film, judgement, development } = row;
  const { id, loadId, number, takenAt, light, expected, about, note, place } = frame;
  const told = (value: number | null | undefined): string => (value == null ? '' : String(value));
  const cells = [
    ...[id, camera?.name ?? '', film?.name ?? '', loadId, String(number), takenAt.at, takenAt.zone],
    ...[told(light?.lv), told(light?.sdStops), light?.way.kind ?? 'not told'],
    marksOf(frame.set).join(' · '),
    ...[told(expected?.deltaStops), told(expected?.sdStops), told(expected?.pUsable)],
    ...[cameOut(judgement), judgement?.faults.join(' ') ?? ''],
    ...[about.subject, about.reason, about.tags.join(', '), note],
    ...[told(frame.timedSeconds), told(frame.heardSeconds), place, frame.series ?? ''],
    ...[borderExtras(frame).join(', '), told(frame.heardSdStops), judgement?.grade ?? ''],
    ...[told(frame.guess?.lv), told(frame.guess?.sdStops)],
    ...[development ? developmentLine(development) : '', ...keptOf(row)]
  ];
  return Papa.unparse([cells.map(harmless)], { newline: '\r\n' });
}
