// Rows of a CSV as frames of a film: read like a frame that is written up by hand, with what was expected worked out.
import { randomUUID } from 'node:crypto';
import { notedMarks } from '#core/camera/noted.ts';
import { settingOf } from '#core/camera/setting.ts';
import { positionCount } from '#core/camera/camera.ts';
import { expectedOfFrame } from '#core/log/exposed.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Load } from '#core/log/load.ts';
import type { Pair } from '#core/log/pair.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { momentAt } from '#core/sky/moment.ts';
import { wallClock } from '#core/sky/wall-clock.ts';
import { isZone } from '#core/sky/zone.ts';
import { readWrittenUp } from '#schema/log/roll-entry.ts';
import { dayOfCell, slashOrderOf, type SlashOrder } from './csv-days.ts';
import { conditionsAsKept, lightAsKept } from './csv-kept.ts';
import { readMarks } from './csv-marks.ts';
import { KEPT } from './columns.ts';
import { cellOf, momentOfRow, textsOfRow, type CsvMapping, type CsvTable } from './csv.ts';

/** Where the rows go. */
export interface CsvTarget {
  readonly pair: Pair;
  readonly load: Load;
  /** Whose clocks the times are by, where a row names no zone. */
  readonly zone: string;
}

/** How a table is read: which columns, and in which order its days stand. */
export interface CsvReading {
  readonly mapping: CsvMapping;
  readonly order: SlashOrder;
}

/** How a table is read, by its cells. */
export function readingOf({ rows }: CsvTable, mapping: CsvMapping): CsvReading {
  const column = (field: 'date' | 'time') => rows.map((r) => cellOf(r.cells, mapping, field));
  return { mapping, order: slashOrderOf(column('date'), column('time')) };
}

/** Controls of which a table with these columns tells nothing: their first place is noted. */
export function untoldControls(
  { pair: { camera } }: Pick<CsvTarget, 'pair'>,
  mapping: CsvMapping
): readonly string[] {
  if (mapping.set !== '') return [];
  const told = [
    ...(mapping.aperture === '' ? [] : ['aperture']),
    ...(mapping.shutter === '' ? [] : ['time'])
  ];
  return camera.controls.filter((c) => positionCount(c) > 1 && !told.includes(c.acts)).map((c) => c.label);
}

/** What only a table of our own says of a frame. */
function ownOf(cells: Readonly<Record<string, string>>): Pick<Frame, 'series' | 'heardSdStops'> | object {
  if (cells[KEPT.conditions] === undefined) return {};
  const [series, sd] = [cells['bracket'] ?? '', Number(cells['heard sd'] || NaN)];
  return { series: series === '' ? null : series, heardSdStops: sd >= 0 && sd <= 4 ? sd : null };
}

/** A row as a frame, or what is wrong with it, field by field. */
export function frameOfRow(
  cells: Readonly<Record<string, string>>,
  { mapping, order }: CsvReading,
  { pair, zone: usual }: Pick<CsvTarget, 'pair' | 'zone'>
): Result<Frame, readonly string[]> {
  const { camera, film } = pair;
  const named = cellOf(cells, mapping, 'zone').trim();
  const zone = named === '' ? usual : named;
  if (!isZone(zone)) return err([`zone: “${zone}” is no time zone. Give its name, such as Europe/Oslo.`]);
  const ms = momentOfRow(cells, mapping);
  const marks = readMarks(camera, {
    ...{ set: cellOf(cells, mapping, 'set'), aperture: cellOf(cells, mapping, 'aperture') },
    shutter: cellOf(cells, mapping, 'shutter')
  });
  const day = ms === null ? dayOfCell(cellOf(cells, mapping, 'date'), order) : ok(wallClock(ms, zone).date);
  const texts = textsOfRow(cells, mapping, day.ok ? day.value : '2000-01-01', marks.ok ? marks.value : {});
  const read = readWrittenUp(
    ms === null ? texts : { ...texts, time: '12:00' },
    { ...pair, zone },
    randomUUID
  );
  const light = lightAsKept(cells, mapping, 'light');
  const guess = lightAsKept(cells, mapping, 'guess');
  const conditions = conditionsAsKept(cells);
  const faults = [
    ...[light, guess, conditions].flatMap((kept) => (kept.ok ? [] : [kept.error])),
    ...(day.ok ? [] : [`date: ${day.error}`]),
    ...(marks.ok ? [] : marks.error),
    ...(read.ok ? [] : read.error.map((f) => `${f.field}: ${f.message}`))
  ];
  if (faults.length > 0 || !read.ok) return err(faults);
  // told with its offset, it is that moment to the second
  const frame = {
    ...read.value,
    ...(ms === null ? {} : { takenAt: momentAt(ms, zone) }),
    ...(light.ok && light.value ? { light: light.value } : {}),
    ...(guess.ok && guess.value ? { guess: guess.value } : {}),
    ...(conditions.ok && conditions.value ? { conditions: conditions.value } : {}),
    ...ownOf(cells)
  };
  const choice = settingOf(camera, frame.choice)?.choice;
  const set = choice && notedMarks(camera, choice);
  if (!set) return err(['set: the camera has no such position.']);
  const expected = expectedOfFrame(camera, film, frame);
  return ok({ ...frame, choice, set, expected, doubts: [], revision: 1 });
}
